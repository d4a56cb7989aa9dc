<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ArrangeRoom;
use App\Actions\CheckScale;
use App\Actions\GradeClass;
use App\Actions\HideFirstLook;
use App\Brief\Marking;
use App\Http\ClientId;
use App\Http\Precondition;
use App\Http\Resources\FloorView;
use App\Live\Push;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Presence;
use App\Models\Room;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class FloorController
{
    private const MOST_STATIONS = 60;

    private const LONGEST_GAP_MS = 7_200_000;

    private const UUID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/Di';

    public function __construct(private readonly HideFirstLook $hiding, private readonly GradeClass $grading, private readonly ShippedDocuments $shipped, private readonly School $school) {}

    #[OA\Get(path: '/assessments/{assessment}/floor', operationId: 'floor', tags: ['floor'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The room as it stands', content: new OA\JsonContent(ref: FloorView::class))]
    public function show(Assessment $assessment, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $assessment);

        return $this->answer($assessment, $user);
    }

    #[OA\Put(path: '/assessments/{assessment}/room', operationId: 'arrange', description: 'Arranges the stations of the room, for this practical and the next in it; and its waves.', tags: ['floor'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The arrangement this changes (arrangement of the floor), in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rows'], properties: [
        new OA\Property(property: 'rows', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer'))),
        new OA\Property(property: 'waves', description: 'The wave by station; the first where none is named.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
        new OA\Property(property: 'wave_gap_ms', type: 'integer'),
    ]))]
    #[OA\Response(response: 200, description: 'As arranged', content: new OA\JsonContent(ref: FloorView::class))]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function arrange(Request $request, Assessment $assessment, ArrangeRoom $arranging, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('arrange', $assessment);
        $body = Node::decode($request->getContent())->keys(['rows'], ['waves', 'wave_gap_ms']);
        $seen = [];
        $rows = array_map(static fn(Node $row): array => array_map(static function (Node $it) use (&$seen): int {
            $station = $it->integer(1, self::MOST_STATIONS);

            return isset($seen[$station]) ? throw $it->fail(MessageCode::StationElsewhere, ['station' => $station]) : $seen[$station] = $station;
        }, $row->items()), $body->at('rows')->items());
        $waves = $body->has('waves') ? $body->at('waves')->document() : new \stdClass();
        foreach (array_keys(get_object_vars($waves)) as $station) {
            $body->at('waves')->at((string) $station)->integer(1, 9);
        }
        $gapMs = $body->has('wave_gap_ms') ? $body->at('wave_gap_ms')->integer(0, self::LONGEST_GAP_MS) : 0;
        $arranging->arrange($assessment, $rows, $body->has('waves') || $body->has('wave_gap_ms') ? (object) ['by_station' => $waves, 'gap_ms' => $gapMs] : null, Precondition::version($request));

        return $this->answer($assessment, $user);
    }

    #[OA\Put(path: '/assessments/{assessment}/scale-checks/{check}', operationId: 'checkScale', description: 'Keeps what the scale said of a check weight, under an id the screen made (a UUID).', tags: ['floor'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'check', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['nominal_mg', 'reading_mg'], properties: [
        new OA\Property(property: 'nominal_mg', description: 'What the check weight weighs.', type: 'integer', minimum: 1),
        new OA\Property(property: 'reading_mg', type: 'integer', minimum: 0),
    ]))]
    #[OA\Response(response: 200, description: 'The room, with the check', content: new OA\JsonContent(ref: FloorView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function check(Request $request, Assessment $assessment, string $check, CheckScale $checking, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('arrange', $assessment);
        ClientId::check($check, 'check');
        $body = Node::decode($request->getContent())->keys(['nominal_mg', 'reading_mg']);
        $checking->check($assessment, $check, Mass::ofMilligrams($body->at('nominal_mg')->integer(1, Mass::MOST_MG)), Mass::ofMilligrams($body->at('reading_mg')->integer(0, Mass::MOST_MG)), $user);

        return $this->answer($assessment->fresh() ?? $assessment, $user);
    }

    private function answer(Assessment $assessment, User $user): JsonResponse
    {
        $assessment->load(['attempts.student', 'attempts.captures']);
        $this->hiding->from($user, $assessment->attempts);
        $room = Room::named($assessment->room);
        $stations = array_values($assessment->attempts->map(static fn(Attempt $it): int => $it->station)->all());
        $view = FloorView::of($assessment, $this->grading->grade($assessment, $assessment->attempts), $this->shipped, $this->school, $room, Marking::ofEach(new Collection([$assessment]), [$assessment->id => $stations])[$assessment->id]);

        return new JsonResponse($view, headers: ['ETag' => Precondition::etag($view->arrangement)]);
    }

    #[OA\Post(path: '/assessments/{assessment}/presence', operationId: 'present', description: 'Says which tray this device has open, or that it has none.', tags: ['floor'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['device', 'attempt'], properties: [
        new OA\Property(property: 'device', type: 'string'),
        new OA\Property(property: 'attempt', type: 'string', format: 'uuid', nullable: true),
    ]))]
    #[OA\Response(response: 204, description: 'Noted')]
    public function present(Request $request, Assessment $assessment, Push $push, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $assessment);
        $body = Node::decode($request->getContent())->keys(['device', 'attempt']);
        $attempt = $body->at('attempt')->isNull() ? null : $assessment->attempts()->findOrFail($body->at('attempt')->matching(self::UUID, MessageCode::NotAUuid));
        $before = Presence::query()->where('assessment_id', $assessment->id)->where('device', $body->at('device')->identifier())->value('attempt_id');
        Presence::query()->upsert(
            [['assessment_id' => $assessment->id, 'device' => $body->at('device')->identifier(), 'user_id' => $user->id, 'attempt_id' => $attempt?->id, 'seen_at' => CarbonImmutable::now()]],
            ['assessment_id', 'device'],
            ['user_id', 'attempt_id', 'seen_at'],
        );
        if ($before !== $attempt?->id) {
            $push->presenceChanged($assessment->id);
        }

        return new Response(status: 204);
    }
}
