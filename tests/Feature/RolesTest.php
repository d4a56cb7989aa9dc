<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class RolesTest extends TestCase
{
    #[DataProvider('doors')]
    public function testWhoMayDoWhat(string $method, string $path, int $instructor, int $assessor, int $coordinator, int $student): void
    {
        $path = strtr($path, ['{a}' => $this->practical()->id, '{t}' => $this->station(12)->id]);
        $body = $method === 'POST' && ! str_ends_with($path, 'release') ? ['device' => 'test', 'captures' => [self::capture(['kind' => 'received', 'mass_mg' => 1_800_000])]] : [];
        foreach (['marit' => $instructor, 'teodor' => $assessor, 'ilse' => $coordinator, 'amina' => $student] as $account => $status) {
            self::assertSame($status, $this->as($account)->json($method, "/api/v1$path", $body)->getStatusCode(), "$account: $method $path");
        }
    }

    /** @return list<array{string, string, int, int, int, int}> */
    public static function doors(): array
    {
        return [
            ['GET', '/bench', 200, 200, 200, 403],
            ['GET', '/assessments/{a}', 200, 200, 200, 403],
            ['GET', '/assessments/{a}/sheet', 200, 200, 200, 403],
            ['GET', '/assessments/{a}/sheet.csv', 200, 200, 200, 403],
            ['GET', '/assessments/{a}/package', 200, 200, 200, 403],
            ['GET', '/assessments/{a}/captures', 200, 200, 200, 403],
            ['POST', '/assessments/{a}/release', 200, 403, 200, 403],
            ['GET', '/attempts/{t}', 200, 200, 200, 403],
            ['GET', '/attempts/{t}/verdict', 200, 200, 200, 403],
            ['GET', '/attempts/{t}/released', 404, 404, 404, 404],
        ];
    }

    public function testOnlyInstructorAndAssessorTakeCapturesDown(): void
    {
        $send = fn(string $account) => $this->as($account)->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", [
            'device' => 'test', 'captures' => [self::capture(['kind' => 'received', 'mass_mg' => 1_800_000])],
        ]);
        $send('marit')->assertOk();
        $send('teodor')->assertOk();
        $send('ilse')->assertForbidden();
        $send('amina')->assertForbidden()->assertJson(['type' => 'urn:deft-blade:problem:not-allowed']);
    }

    public function testNobodyReadsATrayBySendingNothing(): void
    {
        $send = fn(string $account) => $this->as($account)->postJson("/api/v1/attempts/{$this->station(1)->id}/captures", ['device' => 'test', 'captures' => []]);
        $send('amina')->assertForbidden();
        $send('marit')->assertOk();
    }

    public function testAStudentSeesTheirOwnReleasedResultAndNoOther(): void
    {
        $of = fn(int $station): string => $this->rehearsal()->attempts()->whereRelation('row', 'station', $station)->firstOrFail()->id;
        $this->as('amina')->getJson('/api/v1/results')->assertOk()->assertJsonCount(4)->assertJsonFragment(['attempt' => $of(1)]);
        $this->getJson("/api/v1/attempts/{$of(1)}/released")->assertOk()->assertJsonPath('student', 'Amina Berhane');
        $this->getJson("/api/v1/attempts/{$of(2)}/released")->assertNotFound();
        $this->getJson("/api/v1/attempts/{$this->station(1)->id}/released")->assertNotFound();
        $this->as('marit')->getJson('/api/v1/results')->assertOk()->assertJsonCount(0);
    }
}
