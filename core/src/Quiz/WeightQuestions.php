<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Random\Randomizer;

/** What does a piece weigh, or which of a few weights cannot be right: of a carcass within what is usual, by the windows of the standard. */
final readonly class WeightQuestions implements QuestionMaker
{
    private const MG_PER_G = 1_000;

    /** AP weights are asked about in steps of ten grams, or of one where the carcass is small. */
    private const STEP_MG = 10_000;

    private const SMALL_MG = 500_000;

    /** How far outside its window a wrong weight lies at least, in widths of the window. */
    private const WIDTHS_OFF = 1.0;

    private function __construct(private QuizKind $kind, private Standard $standard, private TypicalMass $typical) {}

    public static function estimate(Standard $standard, TypicalMass $typical): self
    {
        return new self(QuizKind::Estimate, $standard, $typical);
    }

    public static function odd(Standard $standard, TypicalMass $typical): self
    {
        return new self(QuizKind::Odd, $standard, $typical);
    }

    public function subjects(): array
    {
        $titles = array_count_values(array_map(static fn(Piece $it): string => $it->title, $this->standard->cuts->pieces));
        $named = array_filter($this->standard->cuts->pieces, static fn(Piece $it): bool => $titles[$it->title] === 1 && $it->parts !== []);
        $isEnough = $this->kind === QuizKind::Estimate ? $named !== [] : count($named) >= Choice::LEAST;

        return $isEnough ? array_map(strval(...), array_keys($named)) : [];
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $step = $this->typical->low->mg < self::SMALL_MG ? self::MG_PER_G : self::STEP_MG;
        $least = (int) ceil($this->typical->low->mg / $step);
        $asPurchased = Mass::ofMilligrams($step * $random->getInt($least, max($least, intdiv($this->typical->high->mg, $step))));

        return $this->kind === QuizKind::Estimate ? $this->estimateOf($about, $asPurchased) : $this->oddAmong($about, $asPurchased, $random);
    }

    private function estimateOf(string $about, Mass $asPurchased): QuizQuestion
    {
        $piece = $this->standard->cuts->pieces[$about];
        $wanted = self::wanted($piece, $asPurchased);

        return QuizQuestion::ofMass(
            $about,
            Message::of(MessageCode::QuizEstimate, ['title' => $piece->title, 'as_purchased_mg' => $asPurchased->mg]),
            $wanted,
            Message::of(MessageCode::QuizEstimateWhy, ['title' => $piece->title, 'expected_mg' => $wanted->expected->mg, 'low_mg' => $wanted->low->mg, 'high_mg' => $wanted->high->mg]),
        );
    }

    private function oddAmong(string $about, Mass $asPurchased, Randomizer $random): QuizQuestion
    {
        $others = array_slice($random->shuffleArray(array_values(array_diff($this->subjects(), [$about]))), 0, Choice::MOST - 1);
        $shown = $random->shuffleArray([$about, ...$others]);
        $options = array_map(function (string $id) use ($about, $asPurchased, $random): Message {
            $piece = $this->standard->cuts->pieces[$id];
            $wanted = self::wanted($piece, $asPurchased);

            return Message::of(MessageCode::QuizWeight, ['title' => $piece->title, 'mass_mg' => ($id === $about ? self::outside($wanted, $random) : self::inside($wanted, $random))->mg]);
        }, $shown);
        $wanted = self::wanted($this->standard->cuts->pieces[$about], $asPurchased);

        return QuizQuestion::ofOptions(
            QuizKind::Odd,
            $about,
            Message::of(MessageCode::QuizOdd, ['as_purchased_mg' => $asPurchased->mg]),
            $options,
            (int) array_search($about, $shown, true),
            Message::of(MessageCode::QuizEstimateWhy, ['title' => $this->standard->cuts->pieces[$about]->title, 'expected_mg' => $wanted->expected->mg, 'low_mg' => $wanted->low->mg, 'high_mg' => $wanted->high->mg]),
        );
    }

    /** The piece of a carcass of that weight, and its window, in whole grams. */
    private static function wanted(Piece $piece, Mass $asPurchased): MassWanted
    {
        [$low, $high] = $piece->window->basis === WindowBasis::Mass ? [$piece->window->low, $piece->window->high] : [$piece->window->low * $asPurchased->mg, $piece->window->high * $asPurchased->mg];
        $low = (int) ceil($low / self::MG_PER_G);
        $high = max($low, (int) floor($high / self::MG_PER_G));
        $expected = min($high, max($low, (int) round($piece->expectation->massFor($asPurchased)->mg / self::MG_PER_G)));

        return new MassWanted(...array_map(static fn(int $grams): Mass => Mass::ofMilligrams($grams * self::MG_PER_G), [$expected, $low, $high]));
    }

    private static function inside(MassWanted $wanted, Randomizer $random): Mass
    {
        return Mass::ofMilligrams($random->getInt(intdiv($wanted->low->mg, self::MG_PER_G), intdiv($wanted->high->mg, self::MG_PER_G)) * self::MG_PER_G);
    }

    /** Too much or too little, by so much that no scale is to blame. */
    private static function outside(MassWanted $wanted, Randomizer $random): Mass
    {
        $off = (int) ceil(max(self::MG_PER_G, self::WIDTHS_OFF * ($wanted->high->mg - $wanted->low->mg)) / self::MG_PER_G) * self::MG_PER_G;
        $under = $wanted->low->mg - $off;

        return Mass::ofMilligrams($under > 0 && $random->getInt(0, 1) === 0 ? $under : $wanted->high->mg + $off);
    }
}
