<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** Reads captures against the standard whose pieces, criteria, faults, … they name. */
final readonly class CaptureReader
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    public function __construct(private Standard $standard) {}

    /** @throws InvalidPackage */
    public function read(Node $node): Capture
    {
        $kind = $node->at('kind')->oneOf(CaptureKind::class);
        $node->keys([...self::COMMON, ...$kind->keys()], $kind->optionalKeys());
        $id = $node->at('id')->identifier();
        $at = Instant::read($node->at('at'));
        $by = $node->at('by')->identifier();

        return match ($kind) {
            CaptureKind::Received => new Received($id, $at, $by, self::carcass($node->at('mass_mg')), $this->defects($node), self::optional($node, 'tag')),
            CaptureKind::Clock => new ClockTurned($id, $at, $by, $node->at('event')->oneOf(ClockEvent::class), self::optional($node, 'reason')),
            CaptureKind::Piece => new PieceWeighed($id, $at, $by, self::known($node->at('piece'), $this->standard->cuts->pieces, 'piece'), self::mass($node->at('mass_mg'))),
            CaptureKind::Portion => $this->portion($id, $at, $by, $node),
            CaptureKind::Bin => new BinWeighed($id, $at, $by, self::known($node->at('bin'), $this->standard->cuts->bins, 'bin'), self::mass($node->at('mass_mg'))),
            CaptureKind::Scrape => new Scraped($id, $at, $by, self::mass($node->at('mass_mg'))),
            CaptureKind::Level => $this->level($id, $at, $by, $node),
            CaptureKind::Fault => new FaultMarked($id, $at, $by, self::known($node->at('fault'), $this->standard->faults, 'fault')),
            CaptureKind::Checkpoint => new CheckpointPassed($id, $at, $by, self::known($node->at('checkpoint'), $this->standard->checkpoints, 'checkpoint')),
            CaptureKind::Note => new Noted($id, $at, $by, $node->at('text')->text()),
            CaptureKind::Photo => new Photographed($id, $at, $by, $node->at('file')->text(), self::digest($node->at('sha256'))),
            CaptureKind::Void => new Voided($id, $at, $by, $node->at('target')->identifier(), $node->at('reason')->text()),
            CaptureKind::Mise => new MiseSeen($id, $at, $by, array_map(static fn(Node $it): string => $it->identifier(), $node->at('open')->items())),
            CaptureKind::Refused => new CarcassRefused($id, $at, $by, $node->at('reason')->text(), self::optional($node, 'tag')),
            CaptureKind::Chill => new Chilled($id, $at, $by, $node->at('event')->oneOf(ChillEvent::class)),
            CaptureKind::Well => new DoneWell($id, $at, $by, $node->at('text')->text()),
            CaptureKind::Incident => $this->incident($id, $at, $by, $node),
        };
    }

    private function level(string $id, int $at, string $by, Node $node): LevelJudged
    {
        $criterion = self::known($node->at('criterion'), $this->standard->criteria, 'criterion');
        $highest = count($this->standard->criteria[$criterion]->levels) - 1;

        return new LevelJudged($id, $at, $by, $criterion, $node->at('level')->integer(0, $highest));
    }

    private function portion(string $id, int $at, string $by, Node $node): PortionWeighed
    {
        $piece = self::known($node->at('piece'), $this->standard->cuts->pieces, 'piece');
        $portions = $this->standard->cuts->pieces[$piece]->portions ?? throw $node->at('piece')->fail('is one thing, not a set of portions');

        return new PortionWeighed($id, $at, $by, $piece, $node->at('portion')->integer(1, $portions->count), $portions->count, self::mass($node->at('mass_mg')));
    }

    private function incident(string $id, int $at, string $by, Node $node): IncidentRecorded
    {
        $pieces = array_map(fn(Node $item): string => self::known($item, $this->standard->cuts->pieces, 'piece'), $node->at('pieces')->items());

        return new IncidentRecorded(
            $id,
            $at,
            $by,
            $node->at('what')->oneOf(IncidentKind::class),
            $node->at('text')->text(),
            $pieces,
            $node->at('treatment')->oneOf(IncidentTreatment::class),
        );
    }

    private static function optional(Node $node, string $key): ?string
    {
        return $node->has($key) ? $node->at($key)->text() : null;
    }

    /** @return list<string> */
    private function defects(Node $node): array
    {
        return array_map(
            fn(Node $item): string => self::known($item, $this->standard->defects, 'defect'),
            $node->itemsOf('defects'),
        );
    }

    private static function carcass(Node $node): Mass
    {
        return Mass::ofMilligrams($node->integer(1, Mass::MOST_MG));
    }

    private static function mass(Node $node): Mass
    {
        return Mass::ofMilligrams($node->integer(0, Mass::MOST_MG));
    }

    /** @param array<string, mixed> $known by id */
    private static function known(Node $node, array $known, string $what): string
    {
        $id = $node->identifier();

        return isset($known[$id]) ? $id : throw $node->fail(sprintf('the standard has no %s "%s"', $what, InvalidPackage::quote($id)));
    }

    private static function digest(Node $node): string
    {
        return preg_match('/^[0-9a-f]{64}$/D', $node->text()) === 1 ? $node->text() : throw $node->fail('must be a SHA-256 in lower-case hex');
    }
}
