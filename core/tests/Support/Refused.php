<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\InvalidMass;
use PHPUnit\Framework\AssertionFailedError;

/** What is said, in English, of something the core refuses. */
final class Refused
{
    /** @param callable(): mixed $try */
    public static function when(callable $try): string
    {
        return self::orNull($try) ?? throw new AssertionFailedError('nothing was refused');
    }

    /** @param callable(): mixed $try */
    public static function orNull(callable $try): ?string
    {
        try {
            $try();
        } catch (InvalidPackage $refused) {
            return Sentences::plain(null)->refuse($refused);
        } catch (InvalidMass $refused) {
            return Sentences::plain(null)->say($refused->problem);
        }

        return null;
    }
}
