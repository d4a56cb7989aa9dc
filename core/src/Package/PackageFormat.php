<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;

/**
 * The versions of the open format. The second adds to standards sets of portions, groups that weigh alike, judged checkpoints and yields of their own;
 * to captures what the floor takes down: mise, cold chain, refusals, incidents, things done well. It takes nothing away.
 */
enum PackageFormat: string
{
    case One = 'deft-blade.assessment/1';
    case Two = 'deft-blade.assessment/2';

    /** @throws InvalidPackage */
    public static function read(Node $node): self
    {
        return self::tryFrom($node->text()) ?? throw $node->fail(sprintf(
            'is "%s"; this reads %s',
            InvalidPackage::quote($node->text()),
            implode(' and ', array_map(static fn(self $it): string => "\"{$it->value}\"", self::cases())),
        ));
    }

    /** The earliest version that can say what a standard and the attempts say. */
    public static function neededBy(Node $package): self
    {
        foreach (self::beyondOne($package) as $_) {
            return self::Two;
        }

        return self::One;
    }

    /** @throws InvalidPackage where a package, already read, says what this version cannot */
    public function hold(Node $package): void
    {
        foreach ($this === self::One ? self::beyondOne($package) : [] as $node) {
            throw $node->fail('comes with '.self::Two->value);
        }
    }

    public function ofResult(): string
    {
        return $this === self::One ? 'deft-blade.result/1' : 'deft-blade.result/2';
    }

    /** @return \Generator<Node> places that the first version does not know */
    private static function beyondOne(Node $package): \Generator
    {
        yield from self::beyondOneInStandard($package->at('standard'));
        foreach ($package->at('attempts')->items() as $attempt) {
            foreach ($attempt->at('captures')->items() as $capture) {
                yield from self::beyondOneInCapture($capture);
            }
        }
    }

    /** @return \Generator<Node> */
    private static function beyondOneInCapture(Node $capture): \Generator
    {
        $kind = $capture->at('kind')->oneOf(CaptureKind::class);
        if (in_array($kind, CaptureKind::SINCE_TWO, true)) {
            yield $capture->at('kind');
        }
        foreach ($kind === CaptureKind::Void ? [] : ['tag', 'reason'] as $key) {
            if ($capture->has($key)) {
                yield $capture->at($key);
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
