<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\Part;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Fault;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
use DeftBlade\Core\Variant\Question;
use DeftBlade\Core\Variant\VariantCatalogue;
use DeftBlade\Core\Variant\VariantEffects;
use DeftBlade\Core\Vocabulary\Lexicon;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Vocabulary\Vocabulary;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a school chooses: its words, its units, its variants of practice. */
final class SchoolTest extends TestCase
{
    /** @param array<string, string> $words */
    #[DataProvider('sayings')]
    public function testTextsAreSaidInTheWordsOfTheSchool(string $expected, string $text, array $words, Units $units = Units::Metric): void
    {
        self::assertSame($expected, self::vocabulary($words, $units)->say($text));
    }

    /** @return iterable<string, array{string, string, array<string, string>, 3?: Units}> */
    public static function sayings(): iterable
    {
        yield 'the book' => ['Left first-bone breast: 267 g', 'Left {first-bone breast}: {267 g}', []];
        yield 'a cut' => ['Left airline breast', 'Left {first-bone breast}', ['first-bone-breast' => 'airline breast']];
        yield 'a capital stays' => ['Supreme, frenched', '{First-bone breast}, frenched', ['first-bone-breast' => 'supreme']];
        yield 'what is not marked is not touched' => ['Shank, the frame: 2000 kg', 'Shank, the frame: 2000 kg', ['frame' => 'carcass'], Units::Us];
        yield 'longest first' => ['Scraped off the bones', 'Scraped {off the frame}', ['frame' => 'bones']];
        yield 'a word within a mark' => ['Scraped off the carcass', 'Scraped {off the frame}', ['frame' => 'carcass']];
        yield 'spelling' => ['Color of the sanitizer', '{Colour} of the {sanitiser}', ['spelling' => 'us']];
        yield 'no word is said twice' => ['The carcass of the carcass', 'The {frame} of the carcass', ['frame' => 'carcass']];
        yield 'a word nobody has' => ['A gizzard', 'A {gizzard}', ['frame' => 'carcass']];
        yield 'a brace alone' => ['{ and }', '{ and }', ['frame' => 'carcass']];
        // 28.349 523 125 g to the ounce, 16 to the pound (NIST Handbook 44, appendix C).
        yield 'ounces' => ['9.42 oz, under 9.52 oz to 12.06 oz', '{267 g}, under {270 to 342 g}', [], Units::Us];
        yield 'pounds' => ['AP 3 lb 15.5 oz', 'AP {1800 g}', [], Units::Us];
        yield 'no mass' => ['3 mm, step 2 of 4', '{3 mm}, step 2 of 4', [], Units::Us];
    }

    public function testAWordOfTheSchoolsOwnGoesBeforeWhatIsOffered(): void
    {
        $own = [(object) ['book' => 'Drumette', 'school' => 'wing drum'], (object) ['book' => 'first-bone breast', 'school' => 'côtelette']];
        $vocabulary = self::vocabulary(['first-bone-breast' => 'supreme'], own: $own);
        self::assertSame('Left côtelette, wing drum frenched; two supremes', $vocabulary->say('Left {first-bone breast}, {drumette} frenched; two {first-bone breasts}'));
        self::assertSame('Wing drum, drumettes, drumette.left', $vocabulary->say('{Drumette}, {drumettes}, drumette.left'));
    }

    public function testKeysOfDataNeverChange(): void
    {
        $document = (object) ['title' => '{Frame}', 'id' => 'frame', 'note' => 'The frame is clean', 'uses' => (object) ['frame' => '{The frame} to stock']];
        self::assertEquals(
            (object) ['title' => 'Carcass', 'id' => 'frame', 'note' => 'The frame is clean', 'uses' => (object) ['frame' => 'The carcass to stock']],
            self::vocabulary(['frame' => 'carcass'])->speak($document),
        );
    }

    public function testWhatTheSchoolSaysOtherwiseIsTold(): void
    {
        $document = (object) ['id' => 'frame', 'title' => 'Clean {frame}', 'parts' => [(object) ['id' => 'frame', 'title' => 'Keel']], 'cautions' => ['{The frame} is sharp']];
        self::assertSame(['Clean {frame}' => 'Clean carcass', '{The frame} is sharp' => 'The carcass is sharp'], self::vocabulary(['frame' => 'carcass'])->otherwise($document));
        self::assertSame([], self::vocabulary([])->otherwise((object) ['title' => 'Keel']));
    }

    public function testNoWordOfTheSchoolTouchesWhatIsComputed(): void
    {
        $shipped = new ShippedDocuments();
        foreach ($shipped->keys() as $key) {
            $document = $shipped->standard($key);
            $plain = Standard::read(Node::of($document, $key));
            foreach (self::lexicon()->terms as $term) {
                foreach (array_keys($term->wordings) as $wording) {
                    $spoken = self::vocabulary([$term->key => $wording], Units::Us)->speak($document);
                    self::assertInstanceOf(\stdClass::class, $spoken);
                    $examination = Standard::examine($spoken);
                    self::assertSame([], $examination->problems, "$key, {$term->key}: $wording");
                    self::assertEquals(self::figuresOf($plain), $examination->standard === null ? null : self::figuresOf($examination->standard));
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private static function figuresOf(Standard $standard): array
    {
        return [
            'carcass' => array_map(static fn(Part $it): array => [$it->share, $it->sd], $standard->carcass->parts),
            'pieces' => array_map(static fn(Piece $it): array => [$it->parts, $it->window, $it->expectation, $it->portions], $standard->cuts->pieces),
            'criteria' => array_map(static fn(Criterion $it): float => $it->weight, $standard->criteria),
            'faults' => array_map(static fn(Fault $it): array => [$it->deduct, $it->max], $standard->faults),
            'rules' => [$standard->time, $standard->frame],
        ];
    }

    #[DataProvider('questions')]
    public function testEveryVariantKeepsEveryStandardWholeAndChangesSome(Question $question): void
    {
        $shipped = new ShippedDocuments();
        foreach ($question->variants as $variant) {
            $changed = 0;
            foreach ($shipped->keys() as $key) {
                $document = $shipped->standard($key);
                $held = self::book()->held($document, [$question->key => $variant->key]);
                $examination = Standard::examine($held);
                self::assertSame([], array_map(static fn(InvalidPackage $it): string => "$key: {$it->getMessage()}", $examination->problems));
                self::assertNotNull($examination->standard);
                $changes = StandardDiff::between(self::book()->held($document, []), $held);
                $changed += $changes === [] ? 0 : 1;
                self::assertTrue($changes === [] || $question->isAskedOf($shipped->products()->of($examination->standard->species)), "$key is not asked, yet {$variant->key} changes it");
            }
            self::assertSame(! $question->isAfterClass && $variant !== $question->default(), $changed > 0, "{$question->key}: {$variant->key}");
        }
    }

    /** @return iterable<string, array{Question}> */
    public static function questions(): iterable
    {
        foreach (self::book()->questions as $question) {
            yield $question->key => [$question];
        }
    }

    public function testEveryVariantThatChangesSomethingSaysWhat(): void
    {
        $questions = Node::of((new ShippedDocuments())->school('variants'))->at('questions')->items();
        foreach ($questions as $question) {
            foreach ($question->at('options')->items() as $option) {
                $changes = $option->at('changes');
                self::assertSame((array) $changes->document() === [], (new VariantEffects($changes))->messages() === [], $option->at('key')->text());
            }
        }
    }

    public function testAStandardOverridesItsSchool(): void
    {
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        $document->schools = (object) ['oyster' => 'with-thigh'];
        $held = self::book()->held($document, ['oyster' => 'may-stay', 'fat' => 'discard']);
        $faults = array_keys(Standard::read(Node::of($held, 'standard'))->faults);
        self::assertContains('oyster-missing', $faults);
        self::assertFalse(Standard::read(Node::of($held, 'standard'))->cuts->bins['fat']->usable);
        self::assertObjectNotHasProperty('schools', $held);
        $document->schools = (object) ['oyster' => 'fried', 'sauce' => 'brown'];
        self::assertSame(['standard.schools.oyster', 'standard.schools.sauce'], array_map(static fn(InvalidPackage $it): string => $it->path, self::book()->examine($document)->problems));
    }

    public function testSettingsAreWhatIsOffered(): void
    {
        $read = static fn(string $json): SchoolSettings => SchoolSettings::read(Node::of(json_decode($json), 'school'), self::lexicon(), self::book());
        $settings = $read('{"units": "us", "words": {"frame": "carcass"}, "variants": {"rinse": "rinse-and-dry"}}');
        self::assertSame([Units::Us, ['frame' => 'carcass'], ['rinse' => 'rinse-and-dry']], [$settings->units, $settings->words, $settings->variants]);
        $own = static fn(string $words): string => '{"units": "us", "words": {}, "variants": {}, "own": ['.$words.']}';
        $refused = [
            $own('{"book": "tender", "school": "  "}') => 'school.own[0].school',
            $own('{"book": "8", "school": "eight"}') => 'school.own[0].book',
            $own('{"book": "tender", "school": "x<b>"}') => 'school.own[0].school',
            $own('{"book": "tender", "school": "'.str_repeat('a', 61).'"}') => 'school.own[0].school',
            $own('{"book": "tender", "school": "a"}, {"book": "Tender", "school": "b"}') => 'school.own[1].book',
            '{"units": "stone", "words": {}, "variants": {}}' => 'school.units',
            '{"units": "us", "words": {"frame": "box"}, "variants": {}}' => 'school.words.frame',
            '{"units": "us", "words": {}, "variants": {"soak": "never"}}' => 'school.variants.soak',
        ];
        foreach ($refused as $json => $path) {
            try {
                $read($json);
                self::fail($path);
            } catch (InvalidPackage $problem) {
                self::assertSame($path, $problem->path);
            }
        }
    }

    /**
     * @param array<string, string> $words
     * @param list<\stdClass>       $own
     */
    private static function vocabulary(array $words, Units $units = Units::Metric, array $own = []): Vocabulary
    {
        return self::settings((object) ['units' => $units->value, 'words' => (object) $words, 'variants' => (object) [], 'own' => $own])->vocabulary(self::lexicon());
    }

    private static function settings(\stdClass $document): SchoolSettings
    {
        return SchoolSettings::read(Node::of($document, 'school'), self::lexicon(), self::book());
    }

    private static function lexicon(): Lexicon
    {
        return Lexicon::read(Node::of((new ShippedDocuments())->school('vocabulary'), 'vocabulary'));
    }

    private static function book(): VariantCatalogue
    {
        return VariantCatalogue::read(Node::of((new ShippedDocuments())->school('variants'), 'variants'), (new ShippedDocuments())->products());
    }
}
