<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Practicals, students and standards are found by a part of their names. */
final class FindTest extends TestCase
{
    /** @param list<string> $titles */
    #[TestWith(['rehears', ['Chicken eight-piece, rehearsal']])]
    #[TestWith(['Piece CHICKEN rehearsal', ['Chicken eight-piece, rehearsal']])]
    #[TestWith(['hólm', ['Dagný Hólmsteinsdóttir']])]
    #[TestWith(['TQ-2604', ['Kenji Moriwaki']])]
    #[TestWith(['spatchcock', ['Chicken, spatchcock']])]
    #[TestWith(['nothing of this name', []])]
    #[TestWith(['100%', []])]
    public function testFindsByEveryWordInAnyOrder(string $text, array $titles): void
    {
        self::assertSame($titles, array_column((array) $this->as('teodor')->getJson('/api/v1/find?text='.rawurlencode($text))->assertOk()->json(), 'title'));
    }

    public function testAStudentIsFoundAtTheirLatestTrayAndNobodyWithoutOne(): void
    {
        $found = (array) $this->as('marit')->getJson('/api/v1/find?text=amina')->assertOk()->json();
        self::assertSame(['student'], array_column($found, 'kind'));
        // The latest is the one in twelve days.
        self::assertStringStartsWith('Leg boned for rolling, ', $found[0]['note']);
        $this->getJson("/api/v1/attempts/{$found[0]['id']}")->assertOk()->assertJsonPath('student', 'Amina Berhane');
        Student::query()->create(['name' => 'Aminata Nowhere', 'student_group_id' => Student::query()->firstOrFail()->student_group_id]);
        $this->getJson('/api/v1/find?text=amina')->assertOk()->assertJsonCount(1);
    }

    public function testThereAreSixOfAKindAtMostAndTheLatestPracticalComesFirst(): void
    {
        $found = (array) $this->as('marit')->getJson('/api/v1/find?text=chicken')->assertOk()->json();
        self::assertSame(['practical' => 2, 'standard' => 6], array_count_values(array_column($found, 'kind')));
        self::assertSame(['Chicken eight-piece', 'Chicken eight-piece, rehearsal'], array_slice(array_column($found, 'title'), 0, 2));
        foreach (array_column($found, 'title') as $title) {
            self::assertDoesNotMatchRegularExpression('/[{}]/', $title);
        }
    }

    public function testStudentsDoNotFindOthers(): void
    {
        $this->as('amina')->getJson('/api/v1/find?text=kenji')->assertForbidden();
        $this->as('marit')->getJson('/api/v1/find')->assertUnprocessable();
        $this->getJson('/api/v1/find?text='.str_repeat('a', 101))->assertUnprocessable();
    }
}
