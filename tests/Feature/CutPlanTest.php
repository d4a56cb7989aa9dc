<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Prints\CutMap\CutBlock;
use App\Http\Prints\CutMap\CutMapDrawing;
use App\Http\Prints\CutMap\CutPlan;
use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\TestCase;

/** The cut map in print is the one on the screen: both are held to one file, which this test writes and tests/screen/cutPlan.spec.ts reads. */
final class CutPlanTest extends TestCase
{
    private const FILE = __DIR__.'/../vectors/cut-plan.json';

    private const PLACES = 6;

    public function testTheVectorsAreWhatIsPrinted(): void
    {
        $shipped = new ShippedDocuments();
        $cases = [];
        foreach ($shipped->carcasses() as $key) {
            $document = $shipped->carcass($key);
            foreach ([true, false] as $isPlanned) {
                $carcass = Carcass::read(Node::of((object) ['key' => $key, 'parts' => $document->parts], 'carcass'));
                $plan = $shipped->planOf($carcass);
                $cases[] = ['carcass' => $key, 'planned' => $isPlanned, ...self::drawn(CutPlan::of($carcass, $isPlanned && $plan !== null ? Node::of($plan, 'plan') : null))];
            }
        }
        $vectors = json_encode($cases, JSON_THROW_ON_ERROR)."\n";
        if (getenv('WRITE_VECTORS') === '1') {
            file_put_contents(self::FILE, $vectors);
        }
        self::assertJsonStringEqualsJsonFile(self::FILE, $vectors, 'run WRITE_VECTORS=1 bin/test feature, and look at what changed');
    }

    public function testEveryPieceIsDrawnAndNoNameIsWiderThanItsBlock(): void
    {
        $shipped = new ShippedDocuments();
        foreach ($shipped->keys() as $key) {
            $standard = Standard::read(Node::of($shipped->standard($key), 'standard'));
            $plan = $shipped->planOf($standard->carcass);
            $map = CutMapDrawing::of($standard, $plan === null ? null : Node::of($plan, 'plan'));
            $svg = new \SimpleXMLElement($map->svg());
            self::assertGreaterThanOrEqual(count($standard->cuts->pieces), count($svg->path) + count($svg->circle), $key);
            $small = $map->names(2.0);
            $large = $map->names(8.0);
            self::assertLessThanOrEqual(count($small), count($large), $key);
            foreach ($large as $name) {
                self::assertLessThanOrEqual($name['width'], 8.0 * 0.5 * max(array_map(mb_strlen(...), explode(' ', $name['text']))), "$key: {$name['text']}");
            }
        }
    }

    /** @return array<string, mixed> */
    private static function drawn(CutPlan $plan): array
    {
        $round = static fn(float $it): float => round($it, self::PLACES);

        return [
            'blocks' => array_map(static fn(CutBlock $it): array => [$it->part, ...array_map($round, [$it->left, $it->right, $it->top, $it->bottom])], $plan->blocks),
            'apart' => array_map(static fn(array $it): array => [$it['part'], ...array_map($round, [$it['x'], $it['y'], $it['r']])], $plan->apart),
            'fins' => $plan->fins,
            'outlines' => array_map(static fn(CutBlock $it): string => $plan->outline->around($it), array_slice($plan->blocks, 0, 3)),
        ];
    }
}
