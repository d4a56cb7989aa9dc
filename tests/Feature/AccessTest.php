<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Accommodation;
use App\Models\Appeal;
use App\Models\Brief;
use App\Models\CalendarLink;
use App\Models\CalledCard;
use App\Models\LotRow;
use App\Models\PublishedStandard;
use App\Models\StandardisingSet;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Each role at each address of the API: a new address is refused by this test until it stands here. */
final class AccessTest extends TestCase
{
    private const ROLES = ['i' => 'marit', 'a' => 'teodor', 'c' => 'ilse', 's' => 'amina'];

    /** Who is let in: i(nstructor), a(ssessor), c(oordinator), s(tudent); '*' everybody, signed in or not. */
    private const MAY = [
        'POST /session' => '*', 'GET /session' => '*', 'DELETE /session' => 'iacs',
        'GET /start' => '*', 'POST /start' => '*', 'POST /code/look' => '*', 'POST /code' => '*',
        'PUT /account/password' => 'iacs', 'DELETE /account/sessions' => 'iacs',
        'GET /calendar.ics' => '*', 'GET /calendars' => 'iacs', 'POST /calendars' => 'iacs', 'DELETE /calendars/{calendar}' => 'iacs',
        'GET /people' => 'c', 'POST /people' => 'c', 'PATCH /people/{person}' => 'c', 'POST /people/{person}/code' => 'c', 'GET /changes' => 'c',
        'GET /roster' => 'ic', 'GET /roster.csv' => 'ic', 'GET /roster.zip' => 'ic', 'POST /roster/plan' => 'ic', 'POST /roster/import' => 'ic',
        'POST /groups' => 'ic', 'PUT /groups/{group}' => 'ic', 'POST /groups/{group}/codes' => 'ic',
        'GET /students' => 'ic', 'POST /students' => 'ic', 'PATCH /students/{student}' => 'ic', 'GET /students/{student}/record.csv' => 'ic', 'GET /students/{student}/record.pdf' => 'ic', 'POST /students/{student}/accommodations' => 'ic',
        'DELETE /students/{student}/accommodations/{accommodation}' => 'ic',
        'GET /school' => 'iac', 'PATCH /school' => 'ic', 'GET /carcasses' => 'iac', 'GET /policy' => 'iac', 'POST /policy' => 'ic', 'POST /policy/try' => 'ic', 'POST /policy/try-term' => 'ic', 'GET /policy/document' => 'iac',
        'GET /briefs' => 'ic', 'GET /missed-tries' => 'ic', 'GET /briefs/{brief}' => 'ic', 'PUT /briefs/{brief}' => 'ic', 'DELETE /briefs/{brief}' => 'ic', 'POST /briefs/{brief}/set' => 'ic', 'POST /briefs/{brief}/postpone' => 'ic', 'POST /briefs/{brief}/cancel' => 'ic', 'GET /briefs/{brief}/print' => 'ic', 'GET /briefs/{brief}/purchase.csv' => 'ic',
        'GET /drafts' => 'i', 'GET /drafts/{draft}' => 'i', 'PUT /drafts/{draft}' => 'i', 'DELETE /drafts/{draft}' => 'i',
        'GET /find' => 'iac', 'GET /standardising' => 'iac', 'PUT /standardising/{id}' => 'ic', 'GET /standardising/{set}' => 'iac', 'PUT /standardising/{set}/entries/{entry}' => 'iac', 'GET /standardising/{set}/photos/{sha256}' => 'iac', 'GET /bench' => 'iac', 'GET /agreement' => 'iac', 'GET /bench/earlier' => 'iac',
        'GET /assessments/{assessment}' => 'iac', 'GET /assessments/{assessment}/package' => 'iac', 'GET /assessments/{assessment}/sheet' => 'iac', 'GET /assessments/{assessment}/sheet.csv' => 'iac', 'GET /assessments/{assessment}/results.zip' => 'iac',
        'GET /assessments/{assessment}/floor' => 'iac', 'PUT /assessments/{assessment}/room' => 'ia', 'PUT /assessments/{assessment}/scale-checks/{check}' => 'ia', 'POST /assessments/{assessment}/presence' => 'iac', 'GET /assessments/{assessment}/captures' => 'iac', 'GET /assessments/{assessment}/live' => 'iac', 'GET /scale/live' => 'iac',
        'GET /assessments/{assessment}/put-away' => 'iac', 'GET /ledger' => 'iac', 'POST /ledger/facts' => 'ia', 'GET /ledger/facts' => 'iac', 'GET /ledger/lots' => 'iac', 'GET /ledger/lots/{lot}' => 'iac', 'GET /ledger/labels' => 'iac', 'GET /ledger/pots' => 'iac', 'GET /ledger/needs' => 'iac', 'GET /ledger/serving' => 'iac', 'GET /assessments/{assessment}/cost' => 'iac', 'GET /assessments/{assessment}/cost.csv' => 'iac', 'PUT /assessments/{assessment}/deliveries/{delivery}' => 'ic', 'PUT /ledger/prices/{price}' => 'ic', 'GET /ledger/term' => 'iac', 'GET /ledger/term.csv' => 'iac', 'GET /ledger/term.pdf' => 'iac', 'GET /ledger/week' => 'iac', 'GET /ledger/week.csv' => 'iac', 'GET /ledger/lots/{lot}/probe' => 'ia',
        'POST /assessments/{assessment}/standard' => 'ic', 'POST /assessments/{assessment}/release' => 'ic', 'GET /assessments/{assessment}/moderation' => 'ic',
        'GET /attempts/{attempt}' => 'iac', 'POST /attempts/{attempt}/captures' => 'iac', 'PUT /attempts/{attempt}/photos/{sha256}' => 'ia', 'GET /attempts/{attempt}/photos/{sha256}' => 'iac',
        'GET /attempts/{attempt}/verdict' => 'iac', 'GET /attempts/{attempt}/released' => 'iac', 'GET /attempts/{attempt}/released.pdf' => 'iac', 'GET /results' => 'iacs', 'GET /attempts/{attempt}/appeals' => 'iac', 'PUT /attempts/{attempt}/appeals/{appeal}' => '', 'PUT /appeals/{appeal}/assignee/{entry}' => 'ic', 'PUT /appeals/{appeal}/decisions/{entry}' => 'iac', 'GET /appeals/{appeal}/file.pdf' => 'iac', 'POST /attempts/{attempt}/pan' => 'ia', 'GET /attempts/{attempt}/probe' => 'ia',
        'GET /attempts/{attempt}/answers' => '', 'POST /attempts/{attempt}/answers' => '',
        'GET /practice' => 'iacs', 'GET /practice/{standard}' => 'iacs', 'GET /practice/{standard}/quiz' => 'iacs', 'GET /practice/{standard}/due' => 'iacs', 'POST /practice/{standard}/facts' => 'iacs',
        'GET /groups/{group}/practice' => 'iac', 'GET /groups/{group}/drills.pdf' => 'iac', 'PUT /groups/{group}/homework/{id}' => 'ia', 'DELETE /groups/{group}/homework/{id}' => 'ia',
        'GET /standards/{standard}/look-back' => 'iac', 'GET /standards/{standard}/look-back.csv' => 'iac', 'GET /standards/{standard}/own-carcasses' => 'iac', 'GET /standards/{standard}/own-carcasses.csv' => 'iac', 'GET /standards/{standard}/own-carcasses/effect' => 'iac', 'POST /standards/{standard}/own-carcasses' => 'i',
        'GET /students/{student}/course' => 'ic', 'GET /school-report' => 'ic', 'GET /school-report.pdf' => 'ic',
        'GET /standards/{standard}/fairness' => 'ic', 'GET /standards/{standard}/fairness.csv' => 'ic', 'GET /standards/{standard}/carcasses.json' => 'ic', 'PUT /standards/{standard}/pooled/{id}' => 'ic', 'DELETE /standards/{standard}/pooled/{id}' => 'ic',
        'GET /assessments/{assessment}/look-back' => 'iac', 'GET /assessments/{assessment}/look-back.csv' => 'iac', 'GET /trends' => 'iac', 'GET /trends.csv' => 'iac', 'PUT /day-notes/{id}' => 'ic', 'DELETE /day-notes/{id}' => 'ic',
        'GET /called' => 'iacs', 'PUT /called/{id}' => 'ia', 'GET /called/{called}' => 'iacs', 'PUT /called/{called}/entries/{entry}' => 'iacs', 'GET /called/{called}/live' => 'iacs',
        'POST /practice/{standard}/trays/{tray}/captures' => 'iacs', 'GET /practice/{standard}/trays/{tray}' => 'iacs', 'PUT /practice/{standard}/reference' => 'ia', 'GET /practice/{standard}/pictures/{sha256}' => 'iacs', 'PUT /practice/{standard}/trays/{tray}/photos/{sha256}' => 'iacs', 'GET /practice/{standard}/trays/{tray}/photos/{sha256}' => 'iacs',
        'GET /standards' => 'iac', 'POST /standards' => 'i', 'POST /standards/try' => 'i', 'POST /standards/check' => 'i', 'GET /standards/{standard}' => 'iac',
        'GET /standards/{standard}/sheet.pdf' => 'iac', 'GET /standards/{standard}/document' => 'iac',
    ];

    private const HIDDEN = ['GET /attempts/{attempt}/released', 'GET /attempts/{attempt}/released.pdf', 'GET /attempts/{attempt}/photos/{sha256}', 'GET /attempts/{attempt}/appeals', 'PUT /attempts/{attempt}/appeals/{appeal}'];

    /** What streams is opened and left alone here. */
    private const STREAMS = ['GET /scale'];

    public function testEveryAddressStandsHere(): void
    {
        $there = array_map(self::nameOf(...), $this->routes());
        self::assertEqualsCanonicalizing([...array_keys(self::MAY), ...self::STREAMS], $there);
    }

    #[DataProvider('addresses')]
    public function testLetsInWhoMayAndNobodyElse(string $address, string $may): void
    {
        [$method, $path] = explode(' ', $address);
        $path = strtr($path, $this->existing());
        $headers = ['If-Match' => '"0"'];
        foreach (self::ROLES as $letter => $account) {
            $status = $this->as($account)->json($method, "/api/v1$path", [], $headers)->getStatusCode();
            // What is somebody else's is not there for a student, rather than forbidden.
            $refused = in_array($address, self::HIDDEN, true) ? [403, 404] : [403];
            $may === '*' || str_contains($may, $letter)
                ? self::assertNotContains($status, [401, 403], "$account may: $address")
                : self::assertContains($status, $refused, "$account may not: $address");
        }
    }

    #[DataProvider('addresses')]
    public function testNothingButTheWayInIsOpenToWhoIsSignedOut(string $address, string $may): void
    {
        [$method, $path] = explode(' ', $address);
        $answer = $this->json($method, '/api/v1'.strtr($path, $this->existing()), [], ['If-Match' => '"0"']);
        if ($may === '*') {
            self::assertNotSame(401, $answer->getStatusCode(), $address);

            return;
        }
        $answer->assertUnauthorized()->assertHeader('Content-Type', 'application/problem+json');
    }

    /** @return iterable<string, array{string, string}> */
    public static function addresses(): iterable
    {
        foreach (self::MAY as $address => $may) {
            yield $address => [$address, $may];
        }
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(array_filter(app(Router::class)->getRoutes()->getRoutes(), static fn(Route $it): bool => str_starts_with($it->uri(), 'api/v1/')));
    }

    private static function nameOf(Route $route): string
    {
        return $route->methods()[0].' '.substr($route->uri(), strlen('api/v1'));
    }

    /** @return array<string, string> */
    private function existing(): array
    {
        $student = Student::query()->has('accommodations')->firstOrFail();

        return [
            '{assessment}' => $this->practical()->id,
            '{attempt}' => $this->station(12)->id,
            '{standard}' => PublishedStandard::query()->firstOrFail()->id,
            '{brief}' => Brief::query()->firstOrFail()->id,
            '{calendar}' => CalendarLink::query()->firstOr(static fn(): CalendarLink => CalendarLink::query()->create(['user_id' => User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail()->id, 'sha256' => str_repeat('0', 64), 'made_at' => now()]))->id,
            '{delivery}' => '0198c000-0000-7000-8000-000000000003',
            '{price}' => '0198c000-0000-7000-8000-000000000004',
            '{lot}' => LotRow::query()->firstOrFail()->id,
            '{set}' => StandardisingSet::query()->firstOrFail()->id,
            '{id}' => '0198c000-0000-7000-8000-000000000006',
            '{appeal}' => Appeal::query()->firstOrFail()->id,
            '{entry}' => '0198c000-0000-7000-8000-000000000005',
            '{check}' => '0198c000-0000-7000-8000-000000000002',
            '{draft}' => '0198c000-0000-7000-8000-000000000001',
            '{sha256}' => str_repeat('0', 64),
            '{called}' => (CalledCard::query()->first() ?? CalledCard::query()->create(['id' => '0198c000-0000-7000-8000-000000000008', 'published_standard_id' => PublishedStandard::query()->firstOrFail()->id, 'user_id' => User::query()->firstOrFail()->id, 'at' => now()]))->id,
            '{tray}' => '0198c000-0000-7000-8000-000000000007',
            '{person}' => User::query()->where('email', 'teodor@tollgate-quay.example')->firstOrFail()->id,
            '{group}' => StudentGroup::query()->firstOrFail()->id,
            '{student}' => $student->id,
            '{accommodation}' => Accommodation::query()->where('student_id', $student->id)->firstOrFail()->id,
        ];
    }
}
