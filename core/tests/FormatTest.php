<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\ComponentKinds;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\PackageSchema;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Tests\Support\Distortions;
use DeftBlade\Core\Tests\Support\Package;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Holds the published JSON Schemas (docs/formats) and the core's reader against each other. */
final class FormatTest extends TestCase
{
    private const MAY_BE_ABSENT = ['scale_checks', 'defects', 'criteria', 'faults', 'parts', 'bins', 'checkpoints', 'yield', 'portions', 'cv', 'tolerance'];

    /** What grading does not read. */
    private const IGNORED = ['version', 'key', 'title', 'text', 'reason', 'file'];

    public function testReaderAndSchemaAgreeOnEveryPlaceOfAPackage(): void
    {
        $tried = 0;
        foreach (PackageFormat::cases() as $format) {
            foreach (Distortions::of(self::fullPackage($format), self::MAY_BE_ABSENT, self::IGNORED) as $what => $package) {
                self::assertSame(self::schemaAccepts('assessment', $package), self::readerAccepts($package), "{$format->value}: $what");
                $tried++;
            }
        }
        self::assertGreaterThan(300, $tried);
    }

    public function testTheFirstVersionRefusesWhatCameWithTheSecond(): void
    {
        foreach (['yield', 'pieces', 'bins', 'pairs', 'checkpoints'] as $key) {
            $package = self::fullPackage(PackageFormat::One);
            $package->standard->{$key} = self::fullPackage(PackageFormat::Two)->standard->{$key};
            self::assertSame([false, false], [self::schemaAccepts('assessment', $package), self::readerAccepts($package)], $key);
        }
    }

    #[TestWith([PackageFormat::One])]
    #[TestWith([PackageFormat::Two])]
    #[TestWith([PackageFormat::Three])]
    public function testAFullPackageIsAcceptedAndItsResultIsAsPublished(PackageFormat $format): void
    {
        $package = self::fullPackage($format);
        self::assertTrue(self::schemaAccepts('assessment', $package));
        $result = json_decode(ResultDocument::encode(Assessment::read(Node::of($package))->grade()), false);
        self::assertTrue(self::schemaAccepts('result', $result));
        $result->attempts[0]->pieces[0]->verdict = 'fine';
        self::assertFalse(self::schemaAccepts('result', $result));
    }

    private static function fullPackage(PackageFormat $format): \stdClass
    {
        $package = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            $it->policy->components = [
                (object) ['id' => 'portion', 'weight' => 1, 'fade' => 1.0], (object) ['id' => 'pairs', 'weight' => 1, 'fade' => 1.0, 'tolerance' => 0.06],
                (object) ['id' => 'yield', 'weight' => 1, 'floor' => 0.1, 'target' => 0.3], (object) ['id' => 'frame', 'weight' => 1], (object) ['id' => 'skill', 'weight' => 1, 'title' => 'Skill'],
            ];
            $it->standard->criteria = [(object) ['id' => 'c', 'component' => 'skill', 'weight' => 1, 'levels' => [(object) ['points' => 0, 'text' => 'no'], (object) ['points' => 1, 'text' => 'yes', 'title' => 'Y']]]];
            $it->standard->faults = [(object) ['id' => 'f', 'component' => 'skill', 'deduct' => 1, 'max' => 2, 'critical' => true]];
            $it->standard->defects = [(object) ['id' => 'd', 'excuses' => ['criterion:c']]];
            $it->standard->checkpoints = [(object) ['id' => 'k', 'title' => 'K']];
            $it->standard->carcass->parts[0]->kind = 'bone';
            $it->standard->pieces[1]->window = (object) ['basis' => 'mass', 'low' => 100, 'high' => 200];
        })->attempt('a', ['ap' => 1800, 'left' => 300, 'right' => 310, 'stock' => 1160, 'scrape' => 20, 'levels' => ['c' => 1], 'faults' => ['f'], 'clock' => [0 => 'start', 900 => 'stop']], ['resit' => true, 'time_factor' => 1.25, 'title' => 'A']);
        $more = [['kind' => 'note', 'text' => 'n'], ['kind' => 'photo', 'file' => 'p.jpg', 'sha256' => str_repeat('0', 64)], ['kind' => 'checkpoint', 'checkpoint' => 'k'], ['kind' => 'void', 'target' => 'm0', 'reason' => 'r']];
        foreach ($more as $index => $capture) {
            $package->document->attempts[0]->captures[] = (object) (['id' => "m$index", 'at' => '2026-03-02T10:00:00Z', 'by' => 'x'] + $capture);
        }

        if ($format->version() >= 2) {
            self::addWhatCameWithTheSecond($package->document);
        }
        if ($format->version() >= 3) {
            self::addWhatCameWithTheThird($package->document);
        }

        return Distortions::copy($package->document);
    }

    private static function addWhatCameWithTheSecond(\stdClass $package): void
    {
        $package->format = PackageFormat::Two->value;
        $standard = $package->standard;
        $standard->yield = (object) ['floor' => 0.2, 'target' => 0.35];
        $standard->pieces[0]->portions = (object) ['count' => 3, 'cv' => 0.15];
        $standard->bins[0]->portions = (object) ['count' => 3];
        $standard->pairs[] = (object) ['pieces' => ['left', 'right'], 'tolerance' => 0.1];
        $standard->checkpoints[0]->criteria = ['c'];
        $standard->checkpoints[0]->time = (object) ['standard_ms' => 60_000, 'limit_ms' => 90_000];
        $package->attempts[0]->captures[] = (object) ['id' => 'p1', 'at' => '2026-03-02T10:00:00Z', 'by' => 'x', 'kind' => 'portion', 'piece' => 'left', 'portion' => 1, 'mass_mg' => 100_000];
        $floor = [
            ['kind' => 'mise', 'open' => ['towels']], ['kind' => 'refused', 'reason' => 'Warm', 'tag' => 'A1'], ['kind' => 'chill', 'event' => 'out'],
            ['kind' => 'received', 'mass_mg' => 1_800_000, 'tag' => 'A2'], ['kind' => 'well', 'text' => 'Sure hands'], ['kind' => 'clock', 'event' => 'pause', 'reason' => 'injury'],
            ['kind' => 'incident', 'what' => 'cut', 'text' => 'Finger', 'pieces' => ['left'], 'treatment' => 'excused'],
        ];
        foreach ($floor as $index => $capture) {
            $package->attempts[0]->captures[] = (object) (['id' => "f$index", 'at' => '2026-03-02T10:00:00Z', 'by' => 'x'] + $capture);
        }
    }

    private static function addWhatCameWithTheThird(\stdClass $package): void
    {
        $package->format = PackageFormat::Three->value;
        $package->scale_checks = [(object) ['id' => 'k1', 'at' => '2026-03-02T08:40:00Z', 'by' => 'x', 'nominal_mg' => 1_000_000, 'reading_mg' => 1_004_000]];
        $terms = [
            ['kind' => 'look', 'not' => ['skin'], 'core_c' => 6.5],
            ['kind' => 'allowance', 'time_factor' => 1.25, 'reason' => 'Agreed'], ['kind' => 'resit', 'resit' => true, 'reason' => 'Second try'],
            ['kind' => 'station', 'station' => 3, 'reason' => 'As drawn'], ['kind' => 'standard', 'standard' => 'plain', 'version' => 2, 'sha256' => str_repeat('a', 64), 'reason' => 'Set up'],
        ];
        foreach ($terms as $index => $capture) {
            $package->attempts[0]->captures[] = (object) (['id' => "t$index", 'at' => '2026-03-02T10:00:00Z', 'by' => 'x'] + $capture);
        }
    }

    public function testTheSchemaIsWhatFollowsFromTheCode(): void
    {
        $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/assessment.schema.json'), false, 64, JSON_THROW_ON_ERROR);
        $written = Distortions::copy($published);
        (new PackageSchema(ComponentKinds::shipped()))->into($written);
        self::assertEquals($written, $published, 'run core/bin/formats');
        $question = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/compute/recalibrate.in.schema.json'), false, 64, JSON_THROW_ON_ERROR);
        self::assertEquals(PackageSchema::ofStandards($published), $question->{'$defs'}, 'run core/bin/formats');
    }

    private static function schemaAccepts(string $schema, \stdClass $document): bool
    {
        static $validator;
        $validator ??= new Validator();
        static $schemas = [];
        $schemas[$schema] ??= json_decode((string) file_get_contents(dirname(__DIR__, 2)."/docs/formats/$schema.schema.json"));

        return $validator->validate($document, $schemas[$schema])->isValid();
    }

    private static function readerAccepts(\stdClass $document): bool
    {
        try {
            Assessment::read(Node::of($document));

            return true;
        } catch (InvalidPackage) {
            return false;
        }
    }
}
