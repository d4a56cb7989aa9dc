<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Prints\PracticalSheet;
use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\Models\SchoolSetting;
use App\School\School;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Document;
use Smalot\PdfParser\Font;
use Smalot\PdfParser\Parser;
use Tests\PlansPracticals;
use Tests\TestCase;

/** What is printed for a practical, read back by a PDF reader of its own. */
final class PrintsTest extends TestCase
{
    use PlansPracticals;

    private const OURS = '/^SUBA\w\w\+(AtkinsonHyperlegible-(Regular|Bold)|BarlowCondensed-(Medium|SemiBold))$/';

    private const SMALLEST_PT = 9.0;

    private const MOST_PAGES = 4;

    /** ISO 216 and ANSI/ASME Y14.1, in points. */
    #[TestWith(['a4', 595.28, 841.89])]
    #[TestWith(['letter', 612.0, 792.0])]
    public function testEverySheetIsTextInOurOwnTypeOnThePaperThatIsAskedFor(string $paper, float $width, float $height): void
    {
        $this->as('marit')->save(self::brief(['lists' => [self::list('chicken-crown-and-legs', array_slice(self::students(), 0, 3))]]), 0)->assertOk();
        foreach (PracticalSheet::cases() as $sheet) {
            $pdf = $this->sheet($sheet->value, $paper);
            foreach ($pdf->getPages() as $page) {
                self::assertEqualsWithDelta([0, 0, $width, $height], array_map(floatval(...), $page->getDetails()['MediaBox']), 0.1, $sheet->value);
                self::assertSmallestType((string) $page->get('Contents')->getContent(), $sheet->value);
            }
            self::assertStringContainsString('Crown', $pdf->getText(), $sheet->value);
            foreach ($pdf->getFonts() as $font) {
                self::assertInstanceOf(Font::class, $font);
                self::assertMatchesRegularExpression(self::OURS, (string) $font->getName(), $sheet->value);
            }
        }
    }

    public function testTheSheetOfEveryStandardIsReadAtAStationWithItsPiecesOnTheFirstPage(): void
    {
        $this->as('marit');
        foreach (PublishedStandard::query()->orderBy('key')->get() as $published) {
            $pdf = (new Parser())->parseContent((string) $this->get("/api/v1/standards/{$published->id}/sheet.pdf?ap_mg=1850000")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
            self::assertLessThanOrEqual(self::MOST_PAGES, count($pdf->getPages()), $published->key);
            $first = self::flat($pdf->getPages()[0]->getText());
            foreach ((array) $published->document->pieces as $piece) {
                $title = ($this->app?->make(School::class) ?? self::fail('no application'))->vocabulary()->say($piece->title);
                self::assertStringContainsString($title, $first, $published->key);
            }
            foreach ($pdf->getPages() as $page) {
                self::assertSmallestType((string) $page->get('Contents')->getContent(), $published->key);
            }
        }
    }

    public function testAllSheetsComeAsOneFile(): void
    {
        $this->as('marit')->save(self::brief(['lists' => [self::list('chicken-crown-and-legs', array_slice(self::students(), 0, 2))]]), 0)->assertOk();
        $text = $this->sheet(null)->getText();
        foreach (['How it is graded', 'Usual fault', 'Wave 1, starts at', 'AP weight', 'At each station', 'Needed, spares included', 'Into the refrigerator at', 'The last tray is weighed', 'Signature'] as $words) {
            self::assertStringContainsString($words, self::flat($text));
        }
    }

    public function testStationCardsSayWhoWhereWhenAndWithWhatAllowance(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk();
        $planned = self::flat($this->sheet('stations')->getText());
        self::assertStringContainsString('planned, not set yet', $planned);
        self::assertSame(12, substr_count($planned, 'The code is printed once the practical is set.'));
        self::assertStringContainsString('Time 18:45, limit 27:30, with the allowance of × 1.25.', $planned, 'a quarter more than 15:00 and 22:00');

        $practical = $this->set(1)->assertOk()->json('assessments.0');
        $set = self::flat($this->sheet('stations')->getText());
        self::assertStringNotContainsString('not set yet', $set);
        self::assertSame(12, substr_count($set, 'Opens this tray'));
        $page = (string) $this->get("/api/v1/briefs/{$this->id}/print?sheet=stations&as=page")->getContent();
        foreach (Attempt::query()->where('assessment_id', $practical)->get() as $attempt) {
            self::assertTrue(str_contains($page, 'alt="'.url("/tray/{$attempt->id}").'"'), "the code of station {$attempt->station}");
        }
    }

    public function testAStudentWhoWasMovedIsPrintedWhereTheyStandNow(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk();
        $practical = $this->set(1)->assertOk()->json('assessments.0');
        $first = Attempt::query()->where('assessment_id', $practical)->whereRelation('row', 'station', 1)->firstOrFail();
        $moved = self::capture(['kind' => 'station', 'station' => 20, 'reason' => 'By the sink']);
        $this->postJson("/api/v1/attempts/{$first->id}/captures", ['device' => 'test', 'offset_ms' => 0, 'captures' => [$moved]])->assertOk();
        $list = self::flat($this->sheet('sign-in')->getText());
        self::assertStringContainsString("20 {$first->student->name}", $list);
        self::assertStringNotContainsString(" 1 {$first->student->name}", $list);
    }

    public function testTheScoreSheetAsksInTheOrderOfTheScreen(): void
    {
        $this->as('marit')->save(self::brief(['lists' => [self::list('chicken-eight-piece', array_slice(self::students(), 0, 1))]]), 0)->assertOk();
        $text = self::flat(strip_tags((string) $this->get("/api/v1/briefs/{$this->id}/print?sheet=scores&as=page")->assertOk()->getContent()));
        $asked = ['AP weight', 'Broken wing', 'Left wing', 'Right wing', 'Left drumstick', 'By-products', 'Stock bones', 'Frame scrape', 'Technique', 'Wings off at the ball joint', 'Quality', 'Presentation', 'Sanitation', 'Safety', 'Mise en place', 'Assessor'];
        $places = array_map(static fn(string $it): int|false => strpos($text, $it), $asked);
        self::assertNotContains(false, $places, implode(', ', array_keys(array_filter(array_combine($asked, $places), static fn(int|false $it): bool => $it === false))));
        self::assertSame($places, (static function (array $it): array {
            sort($it);

            return $it;
        })($places));
    }

    public function testBuysSparesInWholeCasesAndSaysWhatItCosts(): void
    {
        $brief = self::brief();
        $brief->lists[0]->order->specification = '=cmd()';
        $brief->lists[0]->order->is_frozen = true;
        $this->as('marit')->save($brief, 0)->assertOk();
        $list = self::flat($this->sheet('purchase')->getText());
        // 12 students and max(1.2 started, 1) = 2 to spare, less 1 on hand: 13 in cases of 6 are 18, at 1.85 kg and EUR 4.95 a kg.
        self::assertStringContainsString('Needed, spares included 14', $list);
        self::assertStringContainsString('3 (18 carcasses, about 33.3 kg)', $list);
        self::assertStringContainsString('EUR 164.84', $list);
        self::assertStringContainsString('EUR 13.74', $list);
        self::assertStringContainsString('Frozen: into the refrigerator by', $list);
        $csv = (string) $this->get("/api/v1/briefs/{$this->id}/purchase.csv")->assertOk()->getContent();
        self::assertStringContainsString("'=cmd(),12,14,1,6,3,18,33.3,", str_replace('"', '', $csv));
    }

    public function testFishIsLabelledAsAnAllergenAndEachContainerHasALabel(): void
    {
        $this->as('marit')->save(self::brief(['lists' => [self::list('sea-trout-side-skinned', self::students())]]), 0)->assertOk();
        $text = self::flat($this->sheet('labels')->getText());
        self::assertSame(substr_count($text, 'Raw fish'), substr_count($text, 'Allergen: fish'));
        self::assertGreaterThan(2, substr_count($text, 'Allergen: fish'));
    }

    public function testTheMiseListNamesTheBoardOfTheProductInTheWordsOfTheSchool(): void
    {
        $this->as('marit')->save(self::brief(['benches' => 4]), 0)->assertOk();
        $text = self::flat($this->sheet('mise')->getText());
        self::assertStringContainsString('Board yellow (raw poultry), damp cloth under it 4', $text);
        self::assertStringContainsString('Display tray, with the number of its station 12', $text);
        self::assertStringNotContainsString('{', $text);
    }

    public function testWhereOuncesAreSaidItIsLetterAndOunces(): void
    {
        $this->as('ilse')->patchJson('/api/v1/school', ['units' => 'us'], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
        $this->as('marit')->save(self::brief(['lists' => [self::list('chicken-crown-and-legs', array_slice(self::students(), 0, 1))]]), 0)->assertOk();
        $pdf = $this->sheet('scores', null);
        self::assertEqualsWithDelta([0, 0, 612, 792], array_map(floatval(...), $pdf->getPages()[0]->getDetails()['MediaBox']), 0.1);
        self::assertStringContainsString('Weights in oz.', $pdf->getText());
    }

    public function testAsAPageItKeepsToThePolicyOfThePageAndShowsTextAsText(): void
    {
        $this->as('marit')->save(self::brief(['title' => 'Crown <b>& legs</b>']), 0)->assertOk();
        $page = $this->get("/api/v1/briefs/{$this->id}/print?sheet=method&as=page&paper=letter")->assertOk()->assertHeader('Content-Type', 'text/html; charset=utf-8');
        $html = (string) $page->getContent();
        self::assertStringContainsString('Crown &lt;b&gt;&amp; legs&lt;/b&gt;', $html);
        self::assertStringContainsString('size: letter portrait', $html);
        preg_match("/'nonce-([^']+)'/", (string) $page->headers->get('Content-Security-Policy'), $nonce);
        self::assertStringContainsString("<style nonce=\"{$nonce[1]}\"", preg_replace('/\s+/', ' ', $html) ?? '');
        self::assertDoesNotMatchRegularExpression('/<[^>]+\sstyle=/', $html, 'a style attribute would be refused by the policy of the page');
    }

    public function testABriefThatIsOnlyBegunPrintsWhatIsThere(): void
    {
        $this->as('marit')->save(self::brief(['title' => '', 'day' => null, 'start' => null, 'room' => '', 'lists' => []]), 0)->assertOk();
        foreach (PracticalSheet::cases() as $sheet) {
            self::assertStringStartsWith('%PDF-', (string) $this->get("/api/v1/briefs/{$this->id}/print?sheet={$sheet->value}")->assertOk()->getContent());
        }
        $this->getJson("/api/v1/briefs/{$this->id}/print?sheet=poster")->assertUnprocessable()->assertJsonPath('errors.0.path', 'sheet');
    }

    private function sheet(?string $sheet, ?string $paper = 'a4'): Document
    {
        $query = http_build_query(array_filter(['sheet' => $sheet, 'paper' => $paper]));

        return (new Parser())->parseContent((string) $this->get("/api/v1/briefs/{$this->id}/print?$query")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
    }

    private static function flat(string $text): string
    {
        return trim((string) preg_replace('/[\s\x{a0}]+/u', ' ', $text));
    }

    private static function assertSmallestType(string $content, string $sheet): void
    {
        preg_match_all('/ ([\d.]+) Tf/', $content, $sizes);
        self::assertNotSame([], $sizes[1], $sheet);
        self::assertGreaterThanOrEqual(self::SMALLEST_PT, min(array_map(floatval(...), $sizes[1])), $sheet);
    }
}
