<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Agreement\Agreement;
use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\FieldValues;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Ledger\DateMark;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Lots\Moved;
use DeftBlade\Core\Lots\PutAway;
use DeftBlade\Core\Lots\TakenWeight;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Planning\Order;
use DeftBlade\Core\Planning\Queue;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\PartSplit;
use DeftBlade\Core\Standard\Presentation;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Lots;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Trends\OpenData;
use DeftBlade\Core\Trends\PooledCarcasses;
use DeftBlade\Core\Variant\VariantCatalogue;
use DeftBlade\Core\Vocabulary\Lexicon;
use DeftBlade\Core\Vocabulary\Term;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Weighing\InvalidMass;
use DeftBlade\Core\Weighing\InvalidScaleReport;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\ScaleReport;
use DeftBlade\Core\Weighing\ScaleStatus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Everything the core refuses, each by its code, at its place, in English through the catalogue. */
final class RefusalsTest extends TestCase
{
    /** @param callable(): mixed $try */
    #[DataProvider('refusals')]
    public function testIsRefusedByItsCodeAndSaidWithItsPlace(MessageCode $code, string $said, callable $try): void
    {
        try {
            $try();
            self::fail("{$code->value} was not refused");
        } catch (InvalidPackage $refused) {
            self::assertSame([$code, $said], [$refused->problem->code, Sentences::plain(null)->refuse($refused)]);
            self::assertStringContainsString($code->value, $refused->getMessage());
        } catch (InvalidMass|InvalidScaleReport $refused) {
            self::assertSame([$code, $said], [$refused->problem->code, Sentences::plain(null)->say($refused->problem)]);
            self::assertStringContainsString($code->value, $refused->getMessage());
        }
    }

    public function testEveryCodeTheCoreRefusesWithIsTriedHere(): void
    {
        $used = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            if (basename(dirname((string) $file)) !== 'Message') {
                preg_match_all('/MessageCode::(\w+)/', (string) file_get_contents((string) $file), $found);
                array_push($used, ...$found[1]);
            }
        }
        $refusals = array_filter(MessageCode::cases(), static fn(MessageCode $it): bool => preg_match('/^(problem|mass|scale)\./', $it->value) === 1 && in_array($it->name, $used, true));
        $looks = array_map(static fn(array $it): array => [MessageCode::from((string) $it[2])], array_filter(iterator_to_array(LooksApartTest::facts()), static fn(array $it): bool => $it[2] !== null));
        $tried = array_map(static fn(array $case): MessageCode => $case[0], [...self::refusals(), ...array_map(static fn(Message $it): array => [$it->code], self::readings()), ...array_values($looks)]);
        self::assertSame([], array_values(array_map(static fn(MessageCode $it): string => $it->value, array_filter($refusals, static fn(MessageCode $it): bool => ! in_array($it, $tried, true)))));
    }

    public function testEveryReadingThatCannotBeTakenSaysWhatToDo(): void
    {
        $said = array_map(Sentences::plain(null)->say(...), self::readings());
        self::assertSame([
            'Fault' => 'the scale reports a fault',
            'InMotion' => 'the reading is still moving: wait until it is steady',
            'UnderZero' => 'the reading is below zero: clear the platform and zero the scale',
            'OverLimit' => 'the load is over the capacity of the scale: take it off and weigh in parts',
            'NeedsCalibration' => 'the scale asks to be calibrated',
            'NeedsZeroing' => 'the scale asks to be zeroed: clear the platform and zero it',
        ], $said);
    }

    /** @return array<string, Message> by state of the scale */
    private static function readings(): array
    {
        $refused = [];
        foreach (ScaleStatus::cases() as $status) {
            $refused += $status->refusal() === null ? [] : [$status->name => $status->refusal()];
        }

        return $refused;
    }

    /** @return array<string, array{MessageCode, string, callable(): mixed}> */
    public static function refusals(): array
    {
        $cases = [...self::ofAnyDocument(), ...self::ofStandards(), ...self::ofPolicies(), ...self::ofCaptures(), ...self::ofSchools(), ...self::ofQuestions(), ...self::ofOpenData(), ...self::ofScales(), ...self::ofLots()];

        return array_combine(array_map(static fn(array $it): string => "{$it[0]->value}: $it[1]", $cases), $cases);
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofLots(): array
    {
        $on = static fn(\stdClass ...$facts): \Closure => static fn(): LotBook => Lots::book(Lots::made('l'), ...$facts);
        $move = static fn(array $of): \stdClass => Lots::fact('m', 'move', $of + ['lot' => 'l', 'to' => 'service', 'mass_mg' => 2_000_000]);
        $turn = static fn(string $id, string $kind, string $day): \stdClass => Lots::fact($id, $kind, ['lot' => 'l', 'on' => $day]);
        $void = static fn(string $target, string $id = 'v'): \stdClass => Lots::fact($id, 'void', ['target' => $target, 'reason' => 'x']);
        $frozen = $turn('f', 'freeze', '2026-03-03');
        $slow = [Lots::pot('p'), Lots::drawn('d', 'p'), Lots::cooled('c', 'd', '12:00:00', 60), Lots::cooled('e', 'd', '15:00:00', 30)];
        $tables = static function (array $of): \Closure {
            return static function () use ($of): mixed {
                $node = Node::of(Lots::made('l', $of), 'fact');
                $fact = LotFactReader::read($node);

                return $fact instanceof PutAway ? Lots::tables(Package::shipped()->attempt('a1', ['thigh.left' => 150]))->check($fact, $node, [new TakenWeight('k', 'c', 'a1', 'piece thigh.left', 150_000)]) : null;
            };
        };
        $weight = array_key_first(Lots::tables(Package::shipped()->attempt('a1', ['thigh.left' => 150]))->weights);

        return [
            [MessageCode::NoSuchLot, 'facts[1].lot: no lot has this id', $on($move(['lot' => 'k']))],
            [MessageCode::MoreThanOnHand, 'facts[1].mass_mg: only 2000 g of it is on hand', $on($move(['mass_mg' => 2_000_001]))],
            [MessageCode::WasteNeedsReason, 'facts[1].to: say why it is thrown away', $on($move(['to' => 'waste', 'text' => ' ']))],
            [MessageCode::FrozenAlready, 'facts[2].lot: is in the freezer already', $on($frozen, $turn('g', 'freeze', '2026-03-04'))],
            [MessageCode::NotFrozen, 'facts[1].lot: is not in the freezer', $on($turn('t', 'thaw', '2026-03-04'))],
            [MessageCode::DayBefore, 'facts[1].on: must not be before 2026-03-02', $on($turn('f', 'freeze', '2026-03-01'))],
            [MessageCode::DayBefore, 'facts[2].on: must not be before 2026-03-03', $on($frozen, $turn('t', 'thaw', '2026-03-02'))],
            [MessageCode::LotIsUsed, 'facts[2].target: something was taken out of this lot since; take that back first', $on($move([]), $void('l'))],
            [MessageCode::TurnedSince, 'facts[3].target: the lot was frozen, thawed or divided since; take that back first', $on($frozen, $turn('t', 'thaw', '2026-03-04'), $void('f'))],
            [MessageCode::NoSuchEntry, 'facts[1].target: no entry that holds has this id', $on($void('m'))],
            [MessageCode::NoSuchEntry, 'facts[3].target: no entry that holds has this id', $on($move([]), $void('m'), $void('m', 'w'))],
            [MessageCode::NoSuchEntry, 'facts[3].target: no entry that holds has this id', $on($move([]), $void('m'), $void('v', 'w'))],
            [MessageCode::IdTaken, 'facts[1].id: l is also the id of an earlier one', $on(Lots::made('l'))],
            [MessageCode::NoSuchProduct, 'fact.product: is nothing that this class makes', $tables(['product' => 'tail'])],
            [MessageCode::NoSuchWeight, 'fact.weights[0]: is no weight of this product that holds in this class', $tables(['weights' => ['none']])],
            [MessageCode::PutAwayAlready, 'fact.weights[0]: is put away already', $tables(['weights' => [$weight]])],
            [MessageCode::NotTheSum, 'fact.mass_mg: the weights add up to 150 g', static fn(): array => Lots::tables(Package::shipped()->attempt('a1', ['thigh.left' => 150]))->check(PutAway::of(new CaptureHead('l', 0, 'x'), new FieldValues(['assessment' => 'a', 'product' => 'thigh', 'off' => false, 'weights' => [$weight], 'mass_mg' => Mass::ofMilligrams(151_000), 'made' => new \DateTimeImmutable()])), Node::of((object) ['weights' => [$weight], 'mass_mg' => 151_000], 'fact'), [])],
            [MessageCode::NoSuchPot, 'facts[1].pot: no pot has this id', $on(Lots::fact('s', 'pot_step', ['pot' => 'p', 'step' => 'skimmed']))],
            [MessageCode::PiecesOrMass, 'facts[1]: says how many pieces, or how much: one of the two', $on(Lots::need('n', ['pieces' => 24, 'mass_mg' => 1_000]))],
            [MessageCode::NotForANeed, 'facts[1].to: is needed for service or for a practical', $on(Lots::need('n', ['to' => 'waste']))],
            [MessageCode::MassOrVolume, 'facts[2]: says neither how much it weighs nor its volume', $on(Lots::pot('p'), Lots::fact('d', 'draw', ['pot' => 'p', 'made' => '2026-03-02']))],
            [MessageCode::PotIsUsed, 'facts[3].target: something was drawn from this pot; take that back first', $on(Lots::pot('p'), Lots::drawn('d', 'p'), $void('p'))],
            [MessageCode::LotIsBarred, 'facts[5].to: was cooled too slowly: it goes in the bin, nowhere else', $on(...[...$slow, $move(['lot' => 'd', 'mass_mg' => 1])])],
            [MessageCode::LotIsBarred, 'facts[5].lot: was cooled too slowly: it goes in the bin, nowhere else', $on(...[...$slow, Lots::fact('f', 'freeze', ['lot' => 'd', 'on' => '2026-03-02'])])],
            [MessageCode::LotIsBarred, 'facts[6].lot: was cooled too slowly: it goes in the bin, nowhere else', $on(...[...$slow, Lots::fact('w', 'weigh', ['lot' => 'd', 'mass_mg' => 1]), Lots::fact('r', 'raw', ['lot' => 'd', 'treatment' => 'exempt', 'text' => 'x'])])],
            [MessageCode::NeverThere, 'facts[1].to: does not go there: it clouds a stock', static function (): void {
                $node = Node::of(Lots::fact('m', 'move', ['lot' => 'l', 'to' => 'stock', 'mass_mg' => 1]), 'facts[1]');
                $fact = LotFactReader::read($node);
                Lots::kitchen()->check($fact instanceof Moved ? $fact : throw new \LogicException(), 'liver', $node);
            }],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofAnyDocument(): array
    {
        $node = static fn(mixed $value): Node => Node::of((object) ['a' => $value], 'doc')->at('a');

        return [
            [MessageCode::NotJson, '$: is not JSON that can be read: syntax error', static fn() => Node::decode('{"a": tru')],
            [MessageCode::NotJson, '$: is not JSON that can be read: it is not UTF-8', static fn() => Node::decode("{\"a\": \"\xff\"}")],
            [MessageCode::NotJson, '$: is not JSON that can be read: it nests too deeply', static fn() => Node::decode(str_repeat('[', 50).str_repeat(']', 50))],
            [MessageCode::UnknownKey, 'doc.b c: is not a key this format knows', static fn() => Node::of((object) ["b\nc" => 1], 'doc')->keys([])],
            [MessageCode::Missing, 'doc.b: is missing', static fn() => Node::of(new \stdClass(), 'doc')->at('b')],
            [MessageCode::Missing, 'doc.b: is missing', static fn() => Node::of(new \stdClass(), 'doc')->keys(['b'])],
            [MessageCode::WrongType, 'doc.a: must be text, not 12', static fn() => $node(12)->text()],
            [MessageCode::WrongType, 'doc.a: must be text, not null', static fn() => $node(null)->text()],
            [MessageCode::WrongType, 'doc.a: must be a list, not an object', static fn() => $node(new \stdClass())->items()],
            [MessageCode::WrongType, 'doc.a: must be an object, not a list', static fn() => $node([])->document()],
            [MessageCode::WrongType, 'doc.a: must be true or false, not text', static fn() => $node('yes')->boolean()],
            [MessageCode::WrongType, 'doc.a: must be a finite number, not true or false', static fn() => $node(true)->number(0, 1)],
            [MessageCode::WrongType, 'doc.a: must be a whole number, not 1.5', static fn() => $node(1.5)->integer(0, 2)],
            [MessageCode::WrongType, 'doc.a: must be a finite number, not INF', static fn() => $node(INF)->number(0, 1)],
            [MessageCode::TooLong, 'doc.a: is longer than 3 characters', static fn() => $node('déjà vu')->text(3)],
            [MessageCode::NoIdentifier, 'doc.a: must be an identifier of 1 to 128 printable characters', static fn() => $node("a\tb")->identifier()],
            [MessageCode::OutOfRange, 'doc.a: 0.0005 is outside 0.001 to 1 000 000', static fn() => $node(0.0005)->number(0.001, 1_000_000)],
            [MessageCode::NotPositive, 'doc.a: must be more than 0', static fn() => $node(0)->positive(1)],
            [MessageCode::NoneOf, 'doc.a: “green” is none of metric, us', static fn() => $node('green')->oneOf(Units::class)],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofStandards(): array
    {
        $broken = static fn(callable $break): callable => static function () use ($break): void {
            $standard = self::shipped()->standard('chicken-eight-piece');
            $break($standard);
            $read = Standard::read(Node::of($standard, 'standard'));
            Presentation::check(Node::of($standard, 'standard'), $read);
        };
        $step = static fn(float $points): \stdClass => (object) ['points' => $points, 'text' => 'x'];

        return [
            [MessageCode::IdTaken, 'standard.pieces[1].id: breast.left is also the id of an earlier one', $broken(static fn(\stdClass $it) => $it->pieces[1]->id = 'breast.left')],
            [MessageCode::IdTaken, 'standard.carcass.parts[1].id: breast.left is also the id of an earlier one', $broken(static fn(\stdClass $it) => $it->carcass->parts[1]->id = $it->carcass->parts[0]->id = 'breast.left')],
            [MessageCode::NotAbove, 'standard.frame.limit_mg: must be above clean_mg', $broken(static fn(\stdClass $it) => $it->frame->limit_mg = $it->frame->clean_mg)],
            [MessageCode::NotAbove, 'standard.time.limit_ms: must be above standard_ms', $broken(static fn(\stdClass $it) => $it->time->limit_ms = $it->time->standard_ms)],
            [MessageCode::NotInStandard, 'standard.bins[0].parts[0]: the standard has no part “antler”', $broken(static fn(\stdClass $it) => $it->bins[0]->parts[0] = 'antler')],
            [MessageCode::NotInStandard, 'standard.defects[0].excuses[0]: the standard has no piece “tail”', $broken(static fn(\stdClass $it) => $it->defects[0]->excuses = ['piece:tail'])],
            [MessageCode::OneEvennessMeasure, 'standard.pieces[0].portions: evenness has one measure: cv or range', $broken(static fn(\stdClass $it) => $it->pieces[0]->portions = (object) ['count' => 2, 'cv' => 0.1, 'range' => 0.1])],
            [MessageCode::ShareSum, 'standard.carcass.parts: the shares add up to 0.9935; they must add up to 1 (within 0.001)', $broken(static fn(\stdClass $it) => $it->carcass->parts[0]->share = 0.001)],
            [MessageCode::ShareSum, 'standard.carcass.parts: the shares add up to 1.1; they must add up to 1 (within 0.001)', $broken(static fn(\stdClass $it) => $it->carcass->parts[0]->share += 0.1)],
            [MessageCode::NoPieces, 'standard.pieces: a cut list has at least one piece', $broken(static fn(\stdClass $it) => $it->pieces = [])],
            [MessageCode::PartTwice, 'standard.pieces[1].parts: tender.left is also in breast.left', $broken(static fn(\stdClass $it) => $it->pieces[1]->parts[] = 'tender.left')],
            [MessageCode::NeedsWindow, 'standard.pieces[8]: ghost holds no part with a spread, so it needs a window of its own', $broken(static fn(\stdClass $it) => $it->pieces[] = (object) ['id' => 'ghost', 'parts' => []])],
            [MessageCode::PartUnheld, 'standard.carcass.parts[0]: '.self::shipped()->standard('chicken-eight-piece')->carcass->parts[0]->id.' is in no piece and no bin', $broken(static function (\stdClass $it): void {
                foreach ([...$it->pieces, ...$it->bins] as $place) {
                    $place->parts = array_values(array_diff($place->parts ?? [], [$it->carcass->parts[0]->id]));
                }
            })],
            [MessageCode::ExcusePrefix, 'standard.defects[0].excuses[0]: must begin with “criterion:” or “piece:”', $broken(static fn(\stdClass $it) => $it->defects[0]->excuses = ['wing.left'])],
            [MessageCode::SpotTaken, 'standard.tray.places[1]: lies where '.self::shipped()->standard('chicken-eight-piece')->tray->places[0]->place.' lies', $broken(static fn(\stdClass $it) => [$it->tray->places[1]->column, $it->tray->places[1]->row] = [$it->tray->places[0]->column, $it->tray->places[0]->row])],
            [MessageCode::PlacedTwice, 'standard.tray.places[1]: '.self::shipped()->standard('chicken-eight-piece')->tray->places[0]->place.' has a place already', $broken(static fn(\stdClass $it) => $it->tray->places[1]->place = $it->tray->places[0]->place)],
            [MessageCode::Unplaced, 'standard.tray.places: '.self::shipped()->standard('chicken-eight-piece')->tray->places[0]->place.' has no place on the tray', $broken(static fn(\stdClass $it) => array_shift($it->tray->places))],
            [MessageCode::PairOfTwo, 'standard.pairs[0]: a pair names two different pieces', $broken(static fn(\stdClass $it) => $it->pairs[0] = ['wing.left', 'wing.left'])],
            [MessageCode::GroupOfTwo, 'standard.pairs[0].pieces: a group names at least two different pieces', $broken(static fn(\stdClass $it) => $it->pairs[0] = (object) ['pieces' => ['wing.left']])],
            [MessageCode::StandsTwice, 'standard.checkpoints[0].criteria[1]: edge stands here twice', $broken(static function (\stdClass $it) use ($step): void {
                $it->criteria = [(object) ['id' => 'edge', 'component' => 'skill', 'weight' => 1, 'levels' => [$step(0), $step(1)]]];
                [$it->faults, $it->defects] = [[], []];
                $it->checkpoints = [(object) ['id' => 'half', 'criteria' => ['edge', 'edge']]];
            })],
            [MessageCode::NoPoints, 'standard.criteria[0].levels: at least one level must earn points', $broken(static fn(\stdClass $it) => $it->criteria[0]->levels = [$step(0)])],
            [MessageCode::NotJudged, 'standard.criteria[0].component: portion is measured, not judged: a criterion or fault belongs to another component', static fn() => Package::shipped()->with(static fn(\stdClass $it) => $it->standard->criteria[0]->component = 'portion')->grade()],
            [MessageCode::SplitSum, 'split.leg: the shares of a split add up to 1', static fn() => (new PartSplit(Node::of((object) ['leg' => (object) ['thigh' => (object) ['title' => 'Thigh', 'share' => 0.5], 'shin' => (object) ['title' => 'Shin', 'share' => 0.4]]], 'split')))->of(Node::of((object) ['id' => 'leg.left', 'share' => 0.2]))],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofPolicies(): array
    {
        $broken = static fn(callable $break): callable => static fn() => Package::shipped()->with($break)->attempt('a', ['ap' => 1800])->grade();

        return [
            [MessageCode::NoWeight, 'policy.components: at least one component must have a weight above 0', $broken(static fn(\stdClass $it) => array_walk($it->policy->components, static fn(\stdClass $component) => $component->weight = 0))],
            [MessageCode::BandTaken, 'policy.bands[1]: Merit has the minimum or the label of Distinction', $broken(static fn(\stdClass $it) => [$it->policy->bands[0]->label, $it->policy->bands[1]->label, $it->policy->bands[1]->min] = ['Distinction', 'Merit', $it->policy->bands[0]->min])],
            [MessageCode::NoLowestBand, 'policy.bands: the lowest band must have the minimum 0, so that every total falls in one', $broken(static fn(\stdClass $it) => $it->policy->bands[count($it->policy->bands) - 1]->min = 5)],
            [MessageCode::EmptyWindow, 'policy.decision.rule: strict leaves nothing of the window of left: the scale is too coarse for it', static fn() => Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
                $it->policy->decision->rule = 'strict';
                $it->standard->pieces[0]->window->high = 0.1505;
            })->attempt('a', ['ap' => 2000, 'left' => 300, 'right' => 310])->grade()],
            [MessageCode::NoneOf, 'format: “deft-blade.assessment/9” is none of deft-blade.assessment/1, deft-blade.assessment/2, deft-blade.assessment/3, deft-blade.assessment/4, deft-blade.assessment/5', $broken(static fn(\stdClass $it) => $it->format = 'deft-blade.assessment/9')],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofCaptures(): array
    {
        $with = static fn(array ...$captures): callable => static function () use ($captures): void {
            $package = Package::plain('portion', fade: 1.0)->attempt('a', []);
            $package->document->format = 'deft-blade.assessment/2';
            $package->document->attempts[0]->captures = array_map(static fn(array $it, int $index): \stdClass => (object) ($it + ['id' => "c$index", 'at' => '2026-03-02T10:00:00Z', 'by' => 'x']), $captures, array_keys($captures));
            $package->grade();
        };
        $note = ['kind' => 'note', 'text' => 'x'];

        return [
            [MessageCode::IdTaken, 'attempts[0].captures[1].id: c0 is also the id of an earlier one', $with($note, ['id' => 'c0'] + $note)],
            [MessageCode::NoSuchCapture, 'attempts[0].captures[0].target: no capture of this attempt has this id', $with(['kind' => 'void', 'target' => 'nobody', 'reason' => ''])],
            [MessageCode::IncidentStays, 'attempts[0].captures[1].target: an incident stays on record', $with(['kind' => 'incident', 'what' => 'slip', 'text' => '', 'pieces' => [], 'treatment' => 'excused'], ['kind' => 'void', 'target' => 'c0', 'reason' => ''])],
            [MessageCode::WithdrawalLoop, 'attempts[0].captures[0].target: withdrawals that withdraw each other settle nothing', $with(['kind' => 'void', 'target' => 'c1', 'reason' => ''], ['kind' => 'void', 'target' => 'c0', 'reason' => ''])],
            [MessageCode::NotATime, 'attempts[0].captures[0].at: must be a date and time with its zone, such as 2026-03-02T09:15:00.250Z (RFC 3339)', $with(['at' => '2026-03-02 10:00'] + $note)],
            [MessageCode::NoSuchTime, 'attempts[0].captures[0].at: is not a date and time there is', $with(['at' => '2026-02-29T10:00:00Z'] + $note)],
            [MessageCode::NotSha256, 'attempts[0].captures[0].sha256: must be a SHA-256 in lower-case hex', $with(['kind' => 'photo', 'file' => 'a.jpg', 'sha256' => str_repeat('G', 64)])],
            [MessageCode::NotInStandard, 'attempts[0].captures[0].piece: the standard has no piece “tail”', $with(['kind' => 'piece', 'piece' => 'tail', 'mass_mg' => 1])],
            [MessageCode::NotInStandard, 'attempts[0].captures[0].bin: the standard has no bin “render”', $with(['kind' => 'bin', 'bin' => 'render', 'mass_mg' => 1])],
            [MessageCode::NotInStandard, 'attempts[0].captures[0].fault: the standard has no fault “burnt”', $with(['kind' => 'fault', 'fault' => 'burnt'])],
            [MessageCode::NotInStandard, 'attempts[0].captures[0].criterion: the standard has no criterion “taste”', $with(['kind' => 'level', 'criterion' => 'taste', 'level' => 0])],
            [MessageCode::NotASet, 'attempts[0].captures[0].piece: is one thing, not a set of portions', $with(['kind' => 'portion', 'piece' => 'left', 'portion' => 1, 'mass_mg' => 1])],
            [MessageCode::NewerFormat, 'attempts[0].captures[0].kind: comes with deft-blade.assessment/3', $with(['kind' => 'station', 'station' => 4, 'reason' => 'x'])],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofSchools(): array
    {
        $lexicon = Lexicon::read(Node::of(self::shipped()->school('vocabulary'), 'vocabulary'));
        $catalogue = VariantCatalogue::read(Node::of(self::shipped()->school('variants'), 'variants'), self::shipped()->products());
        $choosing = static fn(array $of): callable => static fn() => SchoolSettings::read(Node::of(json_decode((string) json_encode($of + ['units' => 'metric', 'words' => new \stdClass(), 'variants' => new \stdClass()])), 'school'), $lexicon, $catalogue);
        $own = static fn(string ...$words): array => array_map(static fn(string $it): array => ['book' => $it, 'school' => 'other'], $words);

        return [
            [MessageCode::DayBefore, 'frozen[0].to: must not be before 2026-03-05', static fn(): DateMark => DateMark::read(Node::of((object) ['format' => 'deft-blade.date-mark/1', 'made' => '2026-03-02', 'days' => 7, 'frozen' => [(object) ['from' => '2026-03-05', 'to' => '2026-03-04']]]))],
            [MessageCode::NotATimeZone, 'school.time_zone: must be the name of a time zone, such as Europe/Vienna (IANA)', $choosing(['time_zone' => 'Mars/Olympus'])],
            [MessageCode::NotACurrency, 'school.currency: must be a currency code of three capitals, such as EUR (ISO 4217)', $choosing(['currency' => 'ESP'])],
            [MessageCode::WordTwice, 'school.own[1].book: “drumette” is given a word twice', $choosing(['own' => $own('drumette', 'Drumette')])],
            [MessageCode::TooManyWords, 'school.own: holds more than 100 words', $choosing(['own' => $own(...array_map(static fn(int $it): string => "word $it", range(1, 101)))])],
            [MessageCode::NotAWord, 'school.own[0].book: must be a word or a few of up to 60 characters, beginning with a letter', $choosing(['own' => $own('{frame}')])],
            [MessageCode::NoneOf, 'school.words.frame: “chassis” is none of '.implode(', ', array_keys($lexicon->terms['frame']->wordings)), $choosing(['words' => ['frame' => 'chassis']])],
            [MessageCode::MustNotBeEmpty, 'term.choices: must not be empty', static fn() => Term::read(Node::of((object) ['key' => 'a', 'title' => 'A', 'reason' => 'x', 'choices' => []], 'term'))],
            [MessageCode::NoSuchQuestion, 'standard.schools.sauce: is no question of the variants of practice', static function () use ($catalogue): void {
                $standard = self::shipped()->standard('chicken-eight-piece');
                $standard->schools = (object) ['sauce' => 'brown'];
                throw $catalogue->examine($standard)->problems[0];
            }],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofOpenData(): array
    {
        $standard = Standard::read(Node::of((new ShippedDocuments())->standard('chicken-eight-piece'), 'standard'));
        $document = static fn(): \stdClass => (new OpenData($standard, []))->document();
        $with = static function (callable $break) use ($document, $standard): \Closure {
            return static function () use ($break, $document, $standard): PooledCarcasses {
                $file = $document();
                $break($file);

                return PooledCarcasses::read(Node::of($file, 'file'), $standard);
            };
        };

        return [
            [MessageCode::NotWeek, 'file.records[0].week: must be a week as ISO 8601 writes it, such as 2026-W07', $with(static fn(\stdClass $it) => $it->records = [(object) ['week' => '2026-02-12', 'ap_mg' => 1, 'pieces' => new \stdClass(), 'bins' => new \stdClass(), 'running_s' => null]])],
            [MessageCode::OtherCarcass, 'file.carcass: is another carcass; only weights of chicken can be taken in here', $with(static fn(\stdClass $it) => $it->carcass = 'duck')],
            [MessageCode::CutOtherwise, 'file.pieces: not one piece is put together from the same parts as here, so that nothing can be compared', $with(static fn(\stdClass $it) => $it->pieces = [])],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofQuestions(): array
    {
        $queue = static fn(array $of): callable => static fn() => Queue::read(Node::of(json_decode((string) json_encode($of + ['format' => 'deft-blade.queue/1', 'scales' => 1, 'service' => ['mean_s' => 1, 'cv' => 0, 'shape' => 'fixed'], 'runs' => 1, 'seed' => 1]))));

        $agreement = static fn(array $of): callable => static fn() => Agreement::read(Node::of(json_decode((string) json_encode($of + ['format' => 'deft-blade.agreement/1', 'confidence' => 0.95, 'criteria' => [], 'totals' => []]))));

        return [
            [MessageCode::OneOfTwo, '$: has either arrivals_s or poisson', $queue([])],
            [MessageCode::TooMany, 'arrivals_s: is more than 2 000', $queue(['arrivals_s' => array_fill(0, 2_001, 1)])],
            [MessageCode::NotSoMany, 'criteria[0].pairs[1]: has 3 items where 2 belong', $agreement(['criteria' => [['id' => 'joints', 'levels' => 4, 'pairs' => [[1, 2], [1, 2, 3]]]]])],
            [MessageCode::TooFew, 'totals: has fewer than 2 items', $agreement(['totals' => [[70, 71]]])],
            [MessageCode::NotACurrency, 'money.currency: must be a currency code of three capitals, such as EUR (ISO 4217)', static fn() => Order::read(Node::of(json_decode('{"format":"deft-blade.order/1","money":{"currency":"euro","exponent":2},"lines":[]}')))],
        ];
    }

    /** @return list<array{MessageCode, string, callable(): mixed}> */
    private static function ofScales(): array
    {
        $report = static fn(string $hex): callable => static fn() => ScaleReport::decode((string) hex2bin($hex));

        return [
            [MessageCode::MassUnreadable, '“twelve” is not a weight: write it as 1820, 1820 g, 1.82 kg, 64 oz or 4 lb 3 oz', static fn() => Mass::parse('twelve')],
            [MessageCode::MassNegative, 'a weight cannot be negative', static fn() => Mass::parse('-3 g')],
            [MessageCode::MassNegative, 'a weight cannot be negative', static fn() => Mass::ofMilligrams(-1)],
            [MessageCode::MassTooLarge, 'a weight cannot be over 1000 kg', static fn() => Mass::parse('1001 kg')],
            [MessageCode::ScaleBytes, 'the scale sent a report that cannot be read: 5 bytes instead of 6', $report('0304020000')],
            [MessageCode::ScaleReportId, 'the scale sent a report that cannot be read: report id 1 is not the data report', $report('010402000000')],
            [MessageCode::ScaleStatusUnknown, 'the scale sent a report that cannot be read: status 9 is not defined', $report('030902000000')],
            [MessageCode::ScaleBeyond, 'the scale sent a report that cannot be read: the weight is beyond any scale', $report('03040305ffff')],
            [MessageCode::ScaleUnit, 'the scale sent a report that cannot be read: weight unit 6 is not one a kitchen uses', $report('030406000100')],
        ];
    }

    private static function shipped(): ShippedDocuments
    {
        return new ShippedDocuments();
    }
}
