<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Examination;
use DeftBlade\Core\Standard\Standard;

/** The questions on which kitchens differ, and what a standard becomes under the answers of a house. */
final readonly class SchoolBook
{
    /** @param array<string, Question> $questions by key */
    private function __construct(public array $questions) {}

    public static function read(Node $node): self
    {
        $node->keys(['questions']);
        $questions = [];
        foreach ($node->at('questions')->items() as $item) {
            $question = Question::read($item);
            $questions[$question->key] = $question;
        }

        return new self($questions);
    }

    /**
     * The answers that hold for a standard: its own before the house's, the house's before the default.
     *
     * @param array<string, string> $house the school chosen, by question
     *
     * @return array<string, School> by question; only those that are asked of its species
     */
    public function answers(Standard $standard, array $house): array
    {
        $asked = array_filter($this->questions, static fn(Question $it): bool => $it->isAskedOf($standard->species));

        return array_map(static fn(Question $it): School => $it->schools[$standard->schools[$it->key] ?? $house[$it->key] ?? ''] ?? $it->default(), $asked);
    }

    /**
     * The document as it is held in this house: with what the answers change, and without naming them.
     *
     * @param array<string, string> $house
     */
    public function held(\stdClass $document, array $house): \stdClass
    {
        $held = self::copied($document);
        unset($held->schools);
        foreach ($this->answers(Standard::read(Node::of($document, 'standard')), $house) as $school) {
            $held = $school->changes->in($held);
        }

        return $held;
    }

    /** All the way down, so that nothing of the one given is changed. */
    private static function copied(\stdClass $document): \stdClass
    {
        $copy = unserialize(serialize($document));

        return $copy instanceof \stdClass ? $copy : throw new \LogicException('a document is an object');
    }

    /** Everything wrong with a document that is to be a standard, and with what it becomes under its own answers. */
    public function examine(\stdClass $document): Examination
    {
        $examination = Standard::examine($document);
        if ($examination->standard === null) {
            return $examination;
        }
        $problems = $examination->problems;
        foreach ($examination->standard->schools as $question => $school) {
            if (! isset($this->questions[$question]->schools[$school])) {
                $problems[] = InvalidPackage::at("standard.schools.$question", isset($this->questions[$question])
                    ? "\"$school\" is none of ".implode(', ', array_keys($this->questions[$question]->schools))
                    : 'is no question of the schools of practice');
            }
        }

        return new Examination($examination->standard, $problems);
    }
}
