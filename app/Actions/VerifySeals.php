<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Release;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Sentence\Sentences;

/** Holds every seal against its digest, and the result in it against what the core grades its package to today. */
final readonly class VerifySeals
{
    /** What is compared: sentences are as they were said then. */
    private const COMPARED = ['status', 'total', 'band', 'caps', 'components', 'pieces', 'balance', 'yields', 'time', 'splits', 'borderline'];

    private const TOLERANCE = 1e-9;

    /** @return \Generator<string, string|null> by what it is of, what is wrong with it; null where nothing is */
    public function verify(): \Generator
    {
        foreach (Release::query()->with('seal')->orderBy('released_at')->lazy(50) as $release) {
            yield "attempt {$release->attempt_id}, version {$release->version}" => $this->problemOf($release);
        }
    }

    private function problemOf(Release $release): ?string
    {
        $text = $release->seal->document;
        if (hash('sha256', $text) !== $release->seal_sha256) {
            return 'the document is not the one that was sealed: its SHA-256 is another';
        }
        try {
            $sealed = Node::decode($text);
            $assessment = Assessment::read($sealed->at('package'));
            $graded = (new ResultDocument(PackageFormat::Three, null))->attempt($assessment->grade()->attempts[0]);
        } catch (InvalidPackage $problem) {
            return 'cannot be graded: '.Sentences::plain(null)->refuse($problem);
        }
        $then = self::plain($sealed->at('result')->document());
        $now = self::plain($graded);
        foreach (self::COMPARED as $key) {
            if (array_key_exists($key, $then) && ! self::same($then[$key], $now[$key] ?? null)) {
                return "$key is sealed as ".json_encode($then[$key]).' and grades to '.json_encode($now[$key] ?? null);
            }
        }

        return self::same($release->total, $then['total'] ?? null) ? null : 'the total in the list is not the sealed one';
    }

    /** @return array<mixed> */
    private static function plain(mixed $json): array
    {
        $plain = json_decode(json_encode($json, ResultDocument::JSON_FLAGS), true, 64, JSON_THROW_ON_ERROR);

        return is_array($plain) ? $plain : [];
    }

    private static function same(mixed $one, mixed $other): bool
    {
        if (is_array($one) && is_array($other)) {
            return array_keys($one) === array_keys($other) && array_filter($one, static fn(mixed $it, int|string $key): bool => ! self::same($it, $other[$key]), ARRAY_FILTER_USE_BOTH) === [];
        }
        if ((is_int($one) || is_float($one)) && (is_int($other) || is_float($other))) {
            return abs($one - $other) <= self::TOLERANCE * max(1, abs($one));
        }

        return $one === $other;
    }
}
