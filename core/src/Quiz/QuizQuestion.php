<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;

/** A question with its answer, made from a standard. Either one of its options is right, or a mass is asked for and held against a window. */
final readonly class QuizQuestion
{
    /**
     * @param string        $about    id of the part, piece, criterion or step (counted from 0) that is asked about
     * @param list<Message> $options
     * @param int|null      $right    which option, counted from 0; null where a mass is asked for
     * @param Message       $why      what the standard says
     * @param list<string>  $pictures SHA-256 of the photographs that are asked about
     * @param list<string>  $parts    of the carcass that it is about, to be shown on it
     */
    private function __construct(
        public QuizKind $kind,
        public string $about,
        public Message $ask,
        public array $options,
        public ?int $right,
        public ?MassWanted $mass,
        public Message $why,
        public array $pictures,
        public array $parts,
    ) {}

    /**
     * @param list<Message> $options
     * @param list<string>  $pictures
     * @param list<string>  $parts
     */
    public static function ofOptions(QuizKind $kind, string $about, Message $ask, array $options, int $right, Message $why, array $pictures = [], array $parts = []): self
    {
        return isset($options[$right]) ? new self($kind, $about, $ask, $options, $right, null, $why, $pictures, $parts) : throw new \LogicException('no option is right');
    }

    public static function ofMass(string $about, Message $ask, MassWanted $mass, Message $why): self
    {
        return new self(QuizKind::Estimate, $about, $ask, [], null, $mass, $why, [], []);
    }
}
