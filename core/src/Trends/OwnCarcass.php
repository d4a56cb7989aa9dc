<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Piece;

/** What a school's own carcasses would make of a standard: other shares of the parts, other windows of the pieces. */
final readonly class OwnCarcass
{
    /** Shares are written down so exactly. */
    private const PLACES = 6;

    /** @var list<NewWindow> in the order of the cut list */
    public array $windows;

    /** @var array<string, float> by part; they add up to 1 */
    public array $shares;

    public function __construct(public Recalibrate $from)
    {
        $this->windows = array_values(array_map(static fn(Piece $it): NewWindow => NewWindow::of($it, $from), $from->standard->cuts->pieces));
        $this->shares = self::written($from->shares());
    }

    /** Whether it proposes anything at all. */
    public function proposes(): bool
    {
        return array_filter($this->windows, static fn(NewWindow $it): bool => $it->low !== null) !== [];
    }

    /**
     * A document with these shares, and with these windows; what else it says stays, and so do parts and pieces that this carcass does not know.
     *
     * @param \stdClass $document a standard; it is not changed
     */
    public function in(\stdClass $document): \stdClass
    {
        $changed = $this->carcassIn($document);
        $windows = array_column(array_map(static fn(NewWindow $it): array => [$it->piece->id, $it], $this->windows), 1, 0);
        foreach (is_array($changed->pieces ?? null) ? $changed->pieces : [] as $piece) {
            $window = $piece instanceof \stdClass && is_string($piece->id ?? null) ? $windows[$piece->id] ?? null : null;
            if ($window?->low !== null) {
                $piece->window = (object) ['basis' => 'share', 'low' => $window->low, 'high' => $window->high];
            }
        }

        return $changed;
    }

    /**
     * A document with these shares alone: of another standard that cuts the same carcass.
     *
     * @param \stdClass $document a standard; it is not changed
     */
    public function carcassIn(\stdClass $document): \stdClass
    {
        $changed = json_decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 512, JSON_THROW_ON_ERROR);
        if (! $changed instanceof \stdClass) {
            throw new \LogicException('a document is an object');
        }
        foreach (self::partsOf($changed) as $id => $part) {
            if (isset($this->shares[$id])) {
                $part->share = $this->shares[$id];
            }
        }

        return $changed;
    }

    /** Whether a document cuts a carcass of the same parts. */
    public function isOf(\stdClass $document): bool
    {
        $carcass = $document->carcass ?? null;
        $parts = self::partsOf($document);

        return $carcass instanceof \stdClass && ($carcass->key ?? null) === $this->from->standard->carcass->key && array_diff_key($parts, $this->shares) === [] && array_diff_key($this->shares, $parts) === [];
    }

    /** @return array<string, \stdClass> the parts of the carcass of a document, by id */
    private static function partsOf(\stdClass $document): array
    {
        $carcass = $document->carcass ?? null;
        $parts = $carcass instanceof \stdClass ? $carcass->parts ?? null : null;
        $found = [];
        foreach (is_array($parts) ? $parts : [] as $part) {
            if ($part instanceof \stdClass && is_string($part->id ?? null)) {
                $found[$part->id] = $part;
            }
        }

        return $found;
    }

    /**
     * @param array<string, float> $shares
     *
     * @return array<string, float> rounded; what that takes from 1 goes to the largest
     */
    private static function written(array $shares): array
    {
        $written = array_map(static fn(float $it): float => round($it, self::PLACES), $shares);
        $off = 1 - array_sum($written);
        arsort($written);
        foreach (array_slice($written, 0, 1, true) as $largest => $share) {
            $written[$largest] = round($share + $off, self::PLACES);
        }

        return $written;
    }
}
