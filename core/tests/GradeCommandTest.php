<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Command;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The command as anyone runs it: package in, result out; bad input is one line with its path, and exit 2. */
final class GradeCommandTest extends TestCase
{
    public function testGradesAPackage(): void
    {
        [$exit, $out, $err] = self::grade(Package::shipped()->attempt('a1', ['ap' => 1800, 'breast.left' => 245])->json());
        self::assertSame([0, ''], [$exit, $err]);
        self::assertSame('deft-blade.result/1', json_decode($out, true)['format']);
    }

    #[DataProvider('broken')]
    public function testRefusesBadInput(string $path, callable $break): void
    {
        $package = Package::shipped()->attempt('a1', ['ap' => 1800, 'breast.left' => 245, 'levels' => ['board' => 2], 'faults' => ['sawing']]);
        self::assertRefused($path, $package->with($break)->json());
    }

    /** @return array<string, array{string, callable(\stdClass): mixed}> */
    public static function broken(): array
    {
        $capture = static fn(array $it): callable => static fn(\stdClass $p) => $p->attempts[0]->captures[] = (object) ($it + ['id' => 'x', 'at' => '2026-03-02T10:00:00Z', 'by' => 'x']);

        return [
            'unknown format' => ['format: ', static fn(\stdClass $p) => $p->format = 'deft-blade.assessment/9'],
            'unknown key' => ['standard.pieces[2].colour: ', static fn(\stdClass $p) => $p->standard->pieces[2]->colour = 'red'],
            'unknown key with a line break' => ['policy.a b: ', static fn(\stdClass $p) => $p->policy->{"a\nb"} = 1],
            'missing key' => ['policy.scale.handling: ', static function (\stdClass $p): void {
                unset($p->policy->scale->handling);
            }],
            'wrong type' => ['standard.pieces: ', static fn(\stdClass $p) => $p->standard->pieces = new \stdClass()],
            'text for a mass' => ['attempts[0].captures[1].mass_mg: ', static fn(\stdClass $p) => $p->attempts[0]->captures[1]->mass_mg = '245'],
            'half a milligram' => ['attempts[0].captures[1].mass_mg: ', static fn(\stdClass $p) => $p->attempts[0]->captures[1]->mass_mg = 0.5],
            'negative mass' => ['attempts[0].captures[1].mass_mg: ', static fn(\stdClass $p) => $p->attempts[0]->captures[1]->mass_mg = -1],
            'huge mass' => ['attempts[0].captures[1].mass_mg: ', static fn(\stdClass $p) => $p->attempts[0]->captures[1]->mass_mg = 1e18],
            'carcass of nothing' => ['attempts[0].captures[0].mass_mg: ', static fn(\stdClass $p) => $p->attempts[0]->captures[0]->mass_mg = 0],
            'part held twice' => ['standard.pieces[1].parts: tender.left is also in breast.left', static fn(\stdClass $p) => $p->standard->pieces[1]->parts[] = 'tender.left'],
            'part held by nobody' => ['standard.carcass.parts[14]: wishbone is in no piece', static fn(\stdClass $p) => $p->standard->bins[0]->parts = array_values(array_diff($p->standard->bins[0]->parts, ['wishbone']))],
            'part unknown' => ['standard.bins[2].parts[0]: ', static fn(\stdClass $p) => $p->standard->bins[2]->parts[] = 'antler'],
            'shares that do not add up' => ['standard.carcass.parts: ', static fn(\stdClass $p) => $p->standard->carcass->parts[0]->share = 0.5],
            'window upside down' => ['standard.pieces[0].window.high: ', static fn(\stdClass $p) => $p->standard->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.2, 'high' => 0.1]],
            'piece unknown' => ['attempts[0].captures[4].piece: ', $capture(['kind' => 'piece', 'piece' => 'breast', 'mass_mg' => 1])],
            'criterion unknown' => ['attempts[0].captures[4].criterion: ', $capture(['kind' => 'level', 'criterion' => 'charm', 'level' => 1])],
            'fault unknown' => ['attempts[0].captures[4].fault: ', $capture(['kind' => 'fault', 'fault' => 'charm'])],
            'level unknown' => ['attempts[0].captures[4].level: ', $capture(['kind' => 'level', 'criterion' => 'board', 'level' => 5])],
            'kind unknown' => ['attempts[0].captures[4].kind: ', $capture(['kind' => 'wish'])],
            'void of an unknown capture' => ['attempts[0].captures[4].target: ', $capture(['kind' => 'void', 'target' => 'nobody', 'reason' => ''])],
            'void of itself' => ['attempts[0].captures[4].target: ', $capture(['kind' => 'void', 'target' => 'x', 'reason' => ''])],
            'capture id twice' => ['attempts[0].captures[1].id: ', static fn(\stdClass $p) => $p->attempts[0]->captures[1]->id = $p->attempts[0]->captures[0]->id],
            'attempt id twice' => ['attempts[1].id: ', static fn(\stdClass $p) => $p->attempts[] = $p->attempts[0]],
            'piece id twice' => ['standard.pieces[1].id: ', static fn(\stdClass $p) => $p->standard->pieces[1]->id = 'breast.left'],
            'timestamp that does not parse' => ['attempts[0].captures[0].at: ', static fn(\stdClass $p) => $p->attempts[0]->captures[0]->at = 'yesterday'],
            'day that is not' => ['attempts[0].captures[0].at: ', static fn(\stdClass $p) => $p->attempts[0]->captures[0]->at = '2026-02-30T10:00:00Z'],
            'band with no minimum' => ['policy.bands[1].min: ', static function (\stdClass $p): void {
                unset($p->policy->bands[1]->min);
            }],
            'no lowest band' => ['policy.bands: ', static fn(\stdClass $p) => $p->policy->bands[3]->min = 10],
            'weights all zero' => ['policy.components: ', static fn(\stdClass $p) => array_walk($p->policy->components, static fn(\stdClass $it) => $it->weight = 0)],
            'component twice' => ['policy.components[1].id: ', static fn(\stdClass $p) => $p->policy->components[1] = $p->policy->components[0]],
            'measured component judged' => ['standard.criteria[0].component: ', static fn(\stdClass $p) => $p->standard->criteria[0]->component = 'portion'],
            'excuse for nothing' => ['standard.defects[0].excuses[0]: ', static fn(\stdClass $p) => $p->standard->defects[0]->excuses = ['piece:tail']],
        ];
    }

    #[DataProvider('garbage')]
    public function testRefusesWhatIsNoPackage(string $input): void
    {
        self::assertRefused('$: ', $input);
    }

    /** @return array<string, array{string}> */
    public static function garbage(): array
    {
        $json = Package::shipped()->json();

        return [
            'nothing' => [''],
            'truncated' => [substr($json, 0, -40)],
            'a number that is none' => [str_replace('"places":1', '"places":NaN', $json)],
            'ten megabytes of garbage' => [str_repeat("\xfe\x00garbage", 1_200_000)],
            'ten megabytes of depth' => [str_repeat('[', 10_000_000)],
            'nested too deep' => [str_repeat('{"format":', 100).'1'.str_repeat('}', 100)],
            'a list' => ['[]'],
        ];
    }

    private static function assertRefused(string $beginning, string $input): void
    {
        [$exit, $out, $err] = self::grade($input);
        self::assertSame([2, ''], [$exit, $out], $err);
        self::assertStringStartsWith($beginning, $err);
        self::assertSame(1, substr_count($err, "\n"), $err);
    }

    /** @return array{int, string, string} exit code, stdout, stderr */
    private static function grade(string $input): array
    {
        $run = Command::run(['grade'], $input);

        return [$run->exit, $run->out, $run->err];
    }
}
