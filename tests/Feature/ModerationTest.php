<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use DeftBlade\Core\Grading\Status;
use Tests\TestCase;

/** Whom to mark twice, what to release, and how far assessors lie apart. */
final class ModerationTest extends TestCase
{
    public function testSaysOfEachTrayWhyItShouldBeMarkedTwice(): void
    {
        $rows = $this->rows($this->practical(), 'marit');
        foreach ($this->practical()->attempts as $attempt) {
            $causes = array_column((array) $rows[$attempt->station]['causes'], 'cause');
            self::assertSame(array_intersect(['borderline', 'not_second_marked'], $attempt->row->flags) !== [], in_array('borderline', $causes, true), "station {$attempt->station}");
            self::assertSame($attempt->row->band === 'Refer' && $attempt->row->status === Status::Final, in_array('lowest_band', $causes, true), "station {$attempt->station}");
            self::assertSame(in_array('capped', $attempt->row->flags, true), in_array('capped', $causes, true), "station {$attempt->station}");
        }
        $drawn = array_filter($rows, static fn(array $it): bool => in_array('drawn', array_column((array) $it['causes'], 'cause'), true));
        self::assertCount(2, $drawn, 'a tenth of twelve, rounded up');
        self::assertSame(array_keys($drawn), array_keys(array_filter($this->rows($this->practical(), 'ilse'), static fn(array $it): bool => in_array('drawn', array_column((array) $it['causes'], 'cause'), true))), 'the same for everybody');
    }

    public function testWhatAnAssessorInTrainingMarksIsOnTheList(): void
    {
        $marit = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $this->as('ilse')->patchJson("/api/v1/people/{$marit->id}", ['in_training' => true])->assertOk()->assertJsonPath('in_training', true);
        $this->patchJson("/api/v1/people/{$marit->id}", ['in_training' => true])->assertOk();
        self::assertContains('Marit Oyelaran: in training from no to yes', array_column((array) $this->getJson('/api/v1/changes')->json('changes'), 'text'));
        $rows = $this->rows($this->practical(), 'ilse');
        self::assertContains('in_training', array_column((array) $rows[1]['causes'], 'cause'));
        self::assertNotContains('in_training', array_column((array) $rows[12]['causes'], 'cause'), 'not judged yet');
    }

    public function testSaysWhatStandsInTheWayOfAReleaseAndWhatShouldGivePause(): void
    {
        $rows = $this->rows($this->practical(), 'marit');
        $stops = static fn(array $row): array => array_column(array_filter((array) $row['pauses'], static fn(mixed $it): bool => data_get($it, 'stops') === true), 'text');
        self::assertSame(['provisional'], $stops($rows[12]));
        self::assertSame([], $stops($rows[1]));
        self::assertContains('mix-up?', array_column((array) $rows[4]['pauses'], 'text'));
        $trout = $this->rows(Assessment::query()->where('title', 'Sea trout fillets')->firstOrFail(), 'marit');
        self::assertSame([['to be agreed'], 1], [$stops($trout[3]), $trout[3]['to_agree']]);
        self::assertSame([[], 0], [$stops($trout[2]), $trout[2]['to_agree']]);
    }

    public function testWhoIsAtASecondLookIsNotToldWhyItWasAskedFor(): void
    {
        $attempt = Attempt::query()->whereHas('row', static fn($row) => $row->where('second_open', '<>', '[]'))->firstOrFail();
        User::query()->where('email', 'teodor@tollgate-quay.example')->update(['role' => 'instructor']);
        $row = $this->rows($attempt->assessment()->firstOrFail(), 'teodor')[$attempt->station];
        self::assertSame([true, [], [], null, null, null], [$row['is_hidden'], $row['causes'], $row['pauses'], $row['total'], $row['band'], $row['release']]);
    }

    public function testBandsAreCountedBesideThoseOfEarlierClassesAtTheSameStandard(): void
    {
        $answer = $this->as('marit')->getJson("/api/v1/assessments/{$this->practical()->id}/moderation")->assertOk()->assertJsonPath('earlier_classes', 1);
        $bands = collect((array) $answer->json('bands'));
        self::assertSame(['Distinction', 'Merit', 'Pass', 'Refer'], $bands->pluck('band')->all());
        self::assertSame([6, 12], [$bands->sum('count'), $bands->sum('earlier')]);
    }

    public function testAgreementIsThatOfTheLevelsBothGave(): void
    {
        $answer = $this->as('teodor')->getJson('/api/v1/agreement')->assertOk();
        self::assertSame(19, $answer->json('trays'), 'ten and ten, and one not looked at yet');
        $expected = $this->pairsByHand();
        $said = collect((array) $answer->json('criteria'))->keyBy('criterion');
        self::assertEqualsCanonicalizing(array_keys($expected), $said->keys()->all());
        foreach ($expected as $criterion => $pairs) {
            $exact = count(array_filter($pairs, static fn(array $it): bool => $it[0] === $it[1])) / count($pairs);
            self::assertSame([count($pairs), $exact], [data_get($said[$criterion], 'trays'), (float) data_get($said[$criterion], 'exact')], $criterion);
        }
        // The one not looked at and the one to agree on: a total is what one person alone would have given, so both count where both are whole.
        self::assertCount(19, (array) $answer->json('totals.points'));
        $differences = array_map(static fn(mixed $it): float => (float) data_get($it, 'second') - (float) data_get($it, 'first'), (array) $answer->json('totals.points'));
        self::assertEqualsWithDelta(array_sum($differences) / 19, (float) $answer->json('totals.bias'), 1e-9);
        self::assertEqualsWithDelta(array_sum($differences) / 19, (float) collect((array) $answer->json('severities'))->firstWhere('name', 'Teodor Vance')['difference'], 1e-9);
        $answer->assertJsonPath('pairs.0.trays', 19)->assertJsonCount(1, 'pairs');
    }

    public function testADayWithoutSecondLooksSaysNothing(): void
    {
        $this->as('marit')->getJson('/api/v1/agreement?from=2020-01-01&to=2020-02-01')->assertOk()->assertJson(['trays' => 0, 'criteria' => [], 'pairs' => [], 'totals' => null]);
    }

    /** @return array<int, array<string, mixed>> by station */
    private function rows(Assessment $assessment, string $account): array
    {
        return collect((array) $this->as($account)->getJson("/api/v1/assessments/{$assessment->id}/moderation")->assertOk()->json('rows'))->keyBy('station')->all();
    }

    /** @return array<string, list<array{mixed, mixed}>> first and second level by criterion, straight from the facts */
    private function pairsByHand(): array
    {
        $levels = [];
        foreach (Capture::query()->where('kind', 'level')->orderBy('at')->get() as $it) {
            $levels[$it->attempt_id][(string) ($it->payload->criterion ?? '')][(string) ($it->payload->round ?? 'first')] = $it->payload->level ?? null;
        }
        $pairs = [];
        foreach ($levels as $criteria) {
            foreach ($criteria as $criterion => $given) {
                if (isset($given['first'], $given['second'])) {
                    $pairs[$criterion][] = [$given['first'], $given['second']];
                }
            }
        }

        return $pairs;
    }
}
