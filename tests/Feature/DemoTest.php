<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GradeClass;
use App\Demo\DrawPiece;
use App\Models\Assessment;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What the demo school shows, and what its simulated scale is handed. */
final class DemoTest extends TestCase
{
    #[TestWith(['Chicken eight-piece'])]
    #[TestWith(['Sea trout fillets'])]
    #[TestWith(['Skewer set'])]
    #[TestWith(['Lamb leg by the seam'])]
    public function testWhatIsHandedToTheScaleIsOneCarcassOfItsKind(string $title): void
    {
        $drawing = $this->app?->make(DrawPiece::class) ?? self::fail('no application');
        $attempt = $this->practicalCalled($title)->attempts()->whereRelation('row', 'station', 12)->firstOrFail();
        $standard = Standard::read(Node::of($attempt->assessment->held->document, 'standard'));
        $typical = (new ShippedDocuments())->typicalMassOf($standard->carcass);
        self::assertNotNull($typical);
        $asPurchased = $drawing->draw($attempt, 'received');
        self::assertEqualsWithDelta($typical->usual->mg, $asPurchased->mg, 4 * $typical->sdMg());
        self::assertSame($asPurchased->mg, $drawing->draw($attempt, 'received')->mg, 'the same carcass again');

        $places = [...array_keys($standard->cuts->pieces), ...array_keys($standard->cuts->bins), ...($standard->frame === null ? [] : ['scrape'])];
        $out = array_sum(array_map(static fn(string $place): int => $drawing->draw($attempt, $place)->mg, $places));
        self::assertEqualsWithDelta($asPurchased->mg, $out, 0.015 * $asPurchased->mg, 'what comes off it is what it was, less the drip');
        foreach ($standard->cuts->pieces as $piece) {
            $portions = array_map(static fn(int $number): int => $drawing->draw($attempt, "{$piece->id}:$number")->mg, $piece->portions === null ? [] : range(1, $piece->portions->count));
            self::assertTrue($portions === [] || array_sum($portions) === $drawing->draw($attempt, $piece->id)->mg, "portions of {$piece->id}");
        }
    }

    public function testEarlierPracticalsAreJudgedWholeAndHoldEveryBand(): void
    {
        $grading = $this->app?->make(GradeClass::class) ?? self::fail('no application');
        $bands = $open = [];
        foreach (['Truss first', 'Sea trout fillets', 'Chicken eight-piece, rehearsal', 'Skewer set'] as $title) {
            $practical = $this->practicalCalled($title)->load(['attempts.captures', 'attempts.release']);
            $class = $grading->grade($practical, $practical->attempts);
            foreach ($practical->attempts as $attempt) {
                $result = $class->of($attempt->id);
                if ($result->toAgree !== []) {
                    $open[] = "$title, station {$attempt->station}";

                    continue;
                }
                self::assertSame($attempt->captures->contains('kind', 'received'), $attempt->release !== null, "$title, station {$attempt->station}");
                if ($attempt->release !== null) {
                    self::assertSame(Status::Final, $result->status);
                    $bands[] = $result->grade->band->label ?? null;
                }
            }
        }
        self::assertSame(['Sea trout fillets, station 3'], $open, 'one disagreement is left to agree on');
        self::assertEqualsCanonicalizing(['Distinction', 'Merit', 'Pass', 'Refer'], array_values(array_unique($bands)));
    }

    private function practicalCalled(string $title): Assessment
    {
        return Assessment::query()->where('title', $title)->firstOrFail();
    }
}
