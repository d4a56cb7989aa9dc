<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class ClassTest extends TestCase
{
    public function testTheExportedPackageGradesToTheSameTotals(): void
    {
        $package = $this->as('marit')->getJson("/api/v1/assessments/{$this->practical()->id}/package")->assertOk()->getContent();
        $grade = new Process([PHP_BINARY, base_path('core/bin/grade')], input: (string) $package);
        $grade->mustRun();
        $result = json_decode($grade->getOutput(), true);
        $regraded = array_column($result['attempts'], 'total', 'id');
        $shown = array_column((array) $this->getJson("/api/v1/assessments/{$this->practical()->id}/sheet")->json('rows'), 'total', 'attempt');
        self::assertCount(12, $shown);
        self::assertEquals($shown, $regraded);
        self::assertCount(2, $result['mixups']);
    }

    public function testTheSheetAsCsvIsCleanAndRunsNoFormula(): void
    {
        Student::query()->where('name', 'Kenji Moriwaki')->update(['name' => '=HYPERLINK("http://x","Kenji, ""K""")']);
        $response = $this->as('marit')->get("/api/v1/assessments/{$this->practical()->id}/sheet.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8; header=present');
        $text = (string) $response->getContent();
        self::assertStringStartsWith("\u{FEFF}Station,Student,Status,", $text);
        $lines = explode("\r\n", rtrim($text, "\r\n"));
        self::assertCount(13, $lines);
        $cells = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), $lines);
        self::assertSame([count($cells[0])], array_values(array_unique(array_map('count', $cells))));
        self::assertSame('\'=HYPERLINK("http://x","Kenji, ""K""")', $cells[4][1]);
        $loss = array_search('Loss %', $cells[0], true);
        self::assertSame('-2.1', $cells[5][$loss], 'a negative number stays a number');
        self::assertSame('out of balance; mix-up?', $cells[4][$loss + 1]);
    }

    public function testTheOutOfBalancePairKnowsEachOther(): void
    {
        $this->as('marit')->getJson("/api/v1/attempts/{$this->station(5)->id}")->assertOk()
            ->assertJsonPath('result.balance.state', 'over')
            ->assertJsonPath('mix_ups.0.other_attempt', $this->station(4)->id)
            ->assertJsonPath('mix_ups.0.piece', 'thigh.left')
            ->assertJsonFragment(['text' => 'If left thigh was exchanged with station 4, Kenji Moriwaki, both trays would balance (23 g left unaccounted).']);
    }

    public function testTheBenchSaysWhatWaits(): void
    {
        $bench = $this->as('marit')->getJson('/api/v1/bench')->assertOk();
        self::assertSame(
            ['judged', 'judged', 'judged', 'judged', 'judged', 'judged', 'weighed', 'weighed', 'presented', 'received', 'received', 'waiting'],
            array_column((array) $bench->json('today.0.trays'), 'stage'),
        );
        self::assertSame(['appeal', 'balance', 'balance', 'second_look', 'weigh', 'inspect', 'inspect', 'release', 'agree'], array_column((array) $bench->json('waiting'), 'kind'));
    }

}
