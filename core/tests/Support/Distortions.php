<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

/** A document with one mistake in it, for every place of it. */
final class Distortions
{
    /**
     * @param list<string> $optional keys that may be absent: they are not taken away
     * @param list<string> $ignored  keys that are left as they are
     *
     * @return \Generator<string, \stdClass> the document with one place of it added, removed or of another type
     */
    public static function of(\stdClass $document, array $optional = [], array $ignored = []): \Generator
    {
        foreach (self::places($document, $ignored) as $path) {
            $change = static function (callable $how) use ($document, $path): \stdClass {
                $copy = self::copy($document);
                $parent = $copy;
                foreach (array_slice($path, 0, -1) as $step) {
                    is_array($parent) ? $parent = &$parent[$step] : $parent = &$parent->{$step};
                }
                $how($parent, end($path));

                return $copy;
            };
            $name = implode('.', $path);
            $value = array_reduce($path, static fn(mixed $at, int|string $step): mixed => is_array($at) ? $at[$step] : $at->{$step}, $document);
            foreach (['object' => new \stdClass(), 'list' => [[]], 'text' => '', 'number' => -7, 'flag' => true] as $type => $other) {
                yield "$name as $type" => $change(static function (mixed &$parent, int|string $key) use ($other): void {
                    is_array($parent) ? $parent[$key] = $other : $parent->{$key} = $other;
                });
            }
            if (is_string(end($path)) && ! in_array(end($path), $optional, true)) {
                yield "$name removed" => $change(static function (\stdClass $parent, string $key): void {
                    unset($parent->{$key});
                });
            }
            if ($value instanceof \stdClass) {
                yield "$name with more" => $change(static function (mixed &$parent, int|string $key): void {
                    $node = is_array($parent) ? $parent[$key] : $parent->{$key};
                    $node->extra = 1;
                });
            }
        }
    }

    public static function copy(\stdClass $document): \stdClass
    {
        return json_decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * @param list<string> $ignored
     *
     * @return \Generator<list<int|string>> every path below
     */
    private static function places(mixed $node, array $ignored): \Generator
    {
        foreach (is_array($node) || $node instanceof \stdClass ? (array) $node : [] as $key => $child) {
            if (in_array($key, $ignored, true)) {
                continue;
            }
            yield [$key];
            foreach (self::places($child, $ignored) as $path) {
                yield [$key, ...$path];
            }
        }
    }
}
