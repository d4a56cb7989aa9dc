<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Quiz\MassWanted;
use DeftBlade\Core\Weighing\Mass;

/** Guesses at a mass and how far the core finds them outside the window, as JSON that the screen is held to (tests/vectors/quiz.json). */
final readonly class QuizVectors
{
    private const WINDOWS = [[133_000, 168_000], [1_000, 1_000], [690_000, 1_204_000]];

    public static function json(): string
    {
        $vectors = [];
        foreach (self::WINDOWS as [$low, $high]) {
            $wanted = new MassWanted(Mass::ofMilligrams(intdiv($low + $high, 2)), Mass::ofMilligrams($low), Mass::ofMilligrams($high));
            foreach ([0, $low - 1_000, $low - 1, $low, intdiv($low + $high, 2), $high, $high + 1, 2 * $high - $low, 2 * $high - $low + 1, 3 * $high] as $answer) {
                $vectors[] = ['low_mg' => $low, 'high_mg' => $high, 'answer_mg' => $answer, 'off_mg' => $wanted->distanceMg(Mass::ofMilligrams($answer)), 'how' => $wanted->answered(Mass::ofMilligrams($answer))->value];
            }
        }

        return json_encode($vectors, JSON_THROW_ON_ERROR)."\n";
    }
}
