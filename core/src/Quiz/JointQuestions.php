<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Does this standard cut here? A joint is cut where the parts that meet there go to two places, and is not asked about where one of its sides is cut and the other is not. */
final readonly class JointQuestions implements QuestionMaker
{
    /** @var array<string, list<array{string, string}>> the parts that meet, by title of the joint */
    private array $pairs;

    /** @param list<Joint> $joints of the carcass, in the words of the school */
    public function __construct(private Standard $standard, array $joints)
    {
        $pairs = [];
        foreach ($joints as $joint) {
            $pairs[$joint->title] = [...$pairs[$joint->title] ?? [], ...$joint->pairs($standard->carcass)];
        }
        $this->pairs = $pairs;
    }

    public function subjects(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->pairs, fn(array $pairs): bool => $pairs !== [] && count(array_unique(array_map($this->isCut(...), $pairs))) === 1 && ! $this->isCutUp($pairs))));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        [$one, $other] = $this->pairs[$about][0];
        $isCut = $this->isCut([$one, $other]);
        $titleOf = fn(string $part): string => $this->standard->carcass->parts[$part]->title;

        return QuizQuestion::ofOptions(
            QuizKind::Cut,
            $about,
            Message::of(MessageCode::QuizCut, ['title' => ucfirst($about)]),
            [Message::of(MessageCode::QuizIsCut), Message::of(MessageCode::QuizIsWhole)],
            $isCut ? 0 : 1,
            $isCut
                ? Message::of(MessageCode::QuizCutWhy, ['before' => $titleOf($one), 'before_in' => $this->holderOf($one)->title, 'after' => $titleOf($other), 'after_in' => $this->holderOf($other)->title])
                : Message::of(MessageCode::QuizWholeWhy, ['title' => $this->holderOf($one)->title]),
            parts: [$one, $other],
        );
    }

    /** @param array{string, string} $pair */
    private function isCut(array $pair): bool
    {
        return $this->holderOf($pair[0]) !== $this->holderOf($pair[1]);
    }

    /** @param list<array{string, string}> $pairs in something that is itself cut into portions: where, its parts do not say */
    private function isCutUp(array $pairs): bool
    {
        foreach ($pairs as $pair) {
            $holder = $this->holderOf($pair[0]);
            if (! $this->isCut($pair) && ($holder instanceof Bin ? $holder->count > 1 : $holder->portions !== null)) {
                return true;
            }
        }

        return false;
    }

    private function holderOf(string $part): Piece|Bin
    {
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $it) {
            if (in_array($part, $it->parts, true)) {
                return $it;
            }
        }

        throw new \LogicException('every part is in one place');
    }
}
