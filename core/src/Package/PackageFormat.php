<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/**
 * The versions of the open format. The second adds to standards sets of portions, groups that weigh alike, judged checkpoints and yields of their own;
 * to facts what the floor takes down: mise, cold chain, refusals, incidents, things done well. The third adds the terms of an attempt as facts: time
 * allowance, resit, station, standard; the look at a carcass; and checks of the scale. The fourth adds the round a level is from, the second look that
 * somebody is asked for, and moderation to policies. The fifth adds what a criterion asks for in writing, and answers handed in. None takes anything away.
 */
enum PackageFormat: string
{
    case One = 'deft-blade.assessment/1';
    case Two = 'deft-blade.assessment/2';
    case Three = 'deft-blade.assessment/3';
    case Four = 'deft-blade.assessment/4';
    case Five = 'deft-blade.assessment/5';

    /** @throws InvalidPackage */
    public static function read(Node $node): self
    {
        return self::tryFrom($node->text()) ?? throw $node->noneOf($node->text(), array_column(self::cases(), 'value'));
    }

    public static function latest(): self
    {
        return self::cases()[count(self::cases()) - 1];
    }

    /** The earliest version that can say what a standard and the attempts say. */
    public static function neededBy(Node $package): self
    {
        $needed = 1;
        foreach (self::newerPlaces($package) as $since => $_) {
            $needed = max($needed, $since);
        }

        return self::cases()[$needed - 1];
    }

    /** @throws InvalidPackage where a package, already read, says what this version cannot */
    public function refuseNewer(Node $package): void
    {
        foreach (self::newerPlaces($package) as $since => $node) {
            if ($since > $this->version()) {
                throw $node->fail(MessageCode::NewerFormat, ['format' => self::cases()[$since - 1]->value]);
            }
        }
    }

    public function version(): int
    {
        return (int) substr($this->value, -1);
    }

    public function ofResult(): string
    {
        return "deft-blade.result/{$this->version()}";
    }

    /** @return \Generator<int, Node> places that the first version does not know, by the version they came with */
    private static function newerPlaces(Node $package): \Generator
    {
        foreach (self::beyondOneInStandard($package->at('standard')) as $node) {
            yield 2 => $node;
        }
        foreach ($package->at('standard')->itemsOf('criteria') as $criterion) {
            if ($criterion->has('question')) {
                yield 5 => $criterion->at('question');
            }
        }
        foreach (['moderation', 'appeal_days'] as $key) {
            if ($package->at('policy')->has($key)) {
                yield 4 => $package->at('policy')->at($key);
            }
        }
        if ($package->has('scale_checks')) {
            yield 3 => $package->at('scale_checks');
        }
        foreach ($package->at('attempts')->items() as $attempt) {
            foreach ($attempt->at('captures')->items() as $capture) {
                yield from self::newerInCapture($capture);
            }
        }
    }

    /** @return \Generator<int, Node> */
    private static function newerInCapture(Node $capture): \Generator
    {
        $kind = $capture->at('kind')->oneOf(CaptureKind::class);
        if ($kind->since() > 1) {
            yield $kind->since() => $capture->at('kind');
        }
        foreach ($kind->fact()::fields() as $field) {
            if ($field->since > 1 && $capture->has($field->key)) {
                yield $field->since => $capture->at($field->key);
            }
        }
    }

    /** @return \Generator<Node> */
    private static function beyondOneInStandard(Node $standard): \Generator
    {
        foreach (['yield', 'schools'] as $key) {
            if ($standard->has($key)) {
                yield $standard->at($key);
            }
        }
        foreach ([...$standard->at('pieces')->items(), ...$standard->itemsOf('bins')] as $place) {
            if ($place->has('portions')) {
                yield $place->at('portions');
            }
        }
        foreach ($standard->itemsOf('pairs') as $pair) {
            if (! $pair->isList()) {
                yield $pair;
            }
        }
        foreach ($standard->itemsOf('checkpoints') as $checkpoint) {
            foreach (['criteria', 'time'] as $key) {
                if ($checkpoint->has($key)) {
                    yield $checkpoint->at($key);
                }
            }
        }
    }
}
