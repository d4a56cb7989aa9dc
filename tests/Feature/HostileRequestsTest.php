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
use App\Models\Role;
use App\Models\StandardisingSet;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** Whatever is sent, the answer is a problem in words, never a fault of the server. */
final class HostileRequestsTest extends TestCase
{
    private const BODIES = 25;

    private const KEYS = [
        'device', 'captures', 'offset_ms', 'id', 'at', 'kind', 'event', 'attempts', 'reason', 'standard', 'rows', 'waves', 'attempt', 'units', 'time_zone', 'own', 'words', 'variants', 'title',
        'document', 'email', 'password', 'ap_mg', 'seed', 'policy', 'carcass', 'pieces', 'components', 'key', 'name', 'role', 'left', 'school',
        'current', 'number', 'group', 'barred', 'from', 'until', 'time_factor', 'text', 'columns', 'only', 'course', 'term', 'code', 'starts_on', 'has_header',
        'bands', 'decision', 'places', 'lists', 'students', 'order', 'benches', 'assessors', 'not_by', 'day', 'start', 'room', 'token', 'nominal_mg', 'reading_mg',
        'version', 'lines', 'why', 'person', 'line', 'outcome', 'in_training', 'tray', 'criterion', 'level',
    ];

    #[DataProvider('malformed')]
    public function testAMalformedIdIsRefusedAtEveryAddress(string $id, int $status = 422): void
    {
        $this->as('marit');
        foreach ($this->routes() as $route) {
            foreach ($route->parameterNames() as $name) {
                $others = array_diff_key($this->existing(), [$name => null]);
                $answer = $this->send($route, [$name => rawurlencode($id)] + $others, '{}');
                self::assertSame([$status, 'application/problem+json'], $answer, "{$route->methods()[0]} {$route->uri()}, $name: ".rawurlencode($id));
            }
        }
    }

    /** @return array<string, array{0: string, 1?: int}> */
    public static function malformed(): array
    {
        return [
            'a word' => ['none'], 'a number' => ['1'], 'a quote' => ["' OR 1=1 --"], 'a zero byte' => ["a\0b"], 'no UTF-8' => ["\xff\xfe", 400], 'almost a UUID' => ['0198c000-0000-7000-8000-00000000000g'],
            'long' => [str_repeat('a', 2000)], 'a digest with a line end' => [str_repeat('0', 64)."\n"],
        ];
    }

    public function testAnIdOfNothingIsNotFound(): void
    {
        $this->as('marit');
        $nothing = (string) Str::uuid7();
        foreach ($this->routes() as $route) {
            if (! in_array('GET', $route->methods(), true) || $route->parameterNames() === []) {
                continue;
            }
            $answer = $this->send($route, array_fill_keys($route->parameterNames(), $nothing) + ['sha256' => str_repeat('0', 64)], '{}');
            self::assertSame([404, 'application/problem+json'], $answer, $route->uri());
        }
    }

    #[DataProvider('seeds')]
    public function testABodyOfAnyShapeIsTakenOrRefusedInWords(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        foreach ($this->routes() as $route) {
            if (array_intersect(['POST', 'PUT', 'PATCH'], $route->methods()) === []) {
                continue;
            }
            for ($body = 0; $body < self::BODIES; $body++) {
                $this->as('marit');
                $text = $random->getInt(0, 9) === 0 ? '{"captures": [' : json_encode(self::value($random, 3), JSON_THROW_ON_ERROR);
                [$status, $type] = $this->send($route, $this->existing(), $text, $random->getInt(0, 3) === 0 ? $text : '"1"');
                self::assertLessThan(500, $status, "{$route->methods()[0]} {$route->uri()}: $text");
                if ($status >= 400) {
                    self::assertSame('application/problem+json', $type, "{$route->uri()}: $text");
                }
            }
        }
    }

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return [[1], [2], [3]];
    }

    private static function value(Randomizer $random, int $depth): mixed
    {
        $plain = [null, true, 0, -1, 1.5, 1e300, PHP_INT_MAX, '', ' ', "zero\0byte", str_repeat('é', 5000), '2026-02-30T00:00:00Z', (string) Str::uuid7(), 'received', 'UTC', 'start', "\u{202E}reversed", '{frame'];
        $kind = $depth === 0 ? 0 : $random->getInt(0, 2);
        if ($kind === 0) {
            return $plain[$random->getInt(0, count($plain) - 1)];
        }
        $within = [];
        for ($count = $random->getInt(0, 5); $count > 0; $count--) {
            $kind === 1 ? $within[] = self::value($random, $depth - 1) : $within[self::KEYS[$random->getInt(0, count(self::KEYS) - 1)]] = self::value($random, $depth - 1);
        }

        return $kind === 1 ? $within : (object) $within;
    }

    /** @return list<Route> */
    private function routes(): array
    {
        $isOurs = static fn(Route $it): bool => str_starts_with($it->uri(), 'api/v1/') && ! str_starts_with($it->uri(), 'api/v1/session') && $it->uri() !== 'api/v1/scale';

        return array_values(array_filter(app(Router::class)->getRoutes()->getRoutes(), $isOurs));
    }

    /** @return array<string, string> */
    private function existing(): array
    {
        return [
            'assessment' => $this->practical()->id, 'attempt' => $this->station(12)->id, 'standard' => PublishedStandard::query()->firstOrFail()->id,
            'brief' => Brief::query()->firstOrFail()->id, 'calendar' => CalendarLink::query()->firstOr(static fn(): CalendarLink => CalendarLink::query()->create(['user_id' => User::query()->firstOrFail()->id, 'sha256' => str_repeat('0', 64), 'made_at' => now()]))->id, 'check' => '0198c000-0000-7000-8000-000000000002', 'draft' => '0198c000-0000-7000-8000-000000000001', 'sha256' => str_repeat('0', 64), 'person' => User::query()->where('role', Role::Assessor)->firstOrFail()->id,
            'delivery' => '0198c000-0000-7000-8000-000000000003', 'price' => '0198c000-0000-7000-8000-000000000004', 'lot' => LotRow::query()->firstOrFail()->id, 'appeal' => Appeal::query()->firstOrFail()->id, 'set' => StandardisingSet::query()->firstOrFail()->id, 'id' => '0198c000-0000-7000-8000-000000000006', 'entry' => '0198c000-0000-7000-8000-000000000005', 'called' => (CalledCard::query()->first() ?? CalledCard::query()->create(['id' => '0198c000-0000-7000-8000-000000000008', 'published_standard_id' => PublishedStandard::query()->firstOrFail()->id, 'user_id' => User::query()->firstOrFail()->id, 'at' => now()]))->id, 'tray' => '0198c000-0000-7000-8000-000000000007', 'group' => StudentGroup::query()->firstOrFail()->id, 'student' => Student::query()->has('accommodations')->firstOrFail()->id, 'accommodation' => Accommodation::query()->firstOrFail()->id,
        ];
    }

    /**
     * @param array<string, string> $parameters
     *
     * @return array{int, string}
     */
    private function send(Route $route, array $parameters, string $body, string $version = '"1"'): array
    {
        $address = preg_replace_callback('/\{(\w+)\??\}/', static fn(array $it): string => $parameters[$it[1]] ?? '0', $route->uri());
        $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => $version, 'HTTP_REFERER' => config()->string('app.url')];
        $answer = $this->call($route->methods()[0], "/$address", server: $headers, content: $body);

        return [$answer->getStatusCode(), explode(';', (string) $answer->headers->get('Content-Type'))[0]];
    }
}
