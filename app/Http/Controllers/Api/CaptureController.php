<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\FollowClass;
use App\Actions\ReadTray;
use App\Actions\RecordCaptures;
use App\Http\Resources\CursorView;
use App\Http\Resources\PushedNewsView;
use App\Http\Resources\TrayView;
use App\Http\SentFacts;
use App\Live\Push;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\SecondLookEvent;
use DeftBlade\Core\Json\Node;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class CaptureController
{
    #[OA\Post(path: '/attempts/{attempt}/captures', operationId: 'capture', description: 'Takes captures down, all or none; each id is accepted once, so a request may be sent again.', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['device', 'captures'], properties: [
        new OA\Property(property: 'device', description: 'What the device is called.', type: 'string'),
        new OA\Property(property: 'offset_ms', description: 'What the clock of the device was put right by.', type: 'integer'),
        new OA\Property(property: 'captures', type: 'array', items: new OA\Items(ref: '#/components/schemas/SentCapture')),
    ]))]
    #[OA\Response(response: 200, description: 'Taken; the tray as it stands now', content: new OA\JsonContent(ref: TrayView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, RecordCaptures $recording, ReadTray $reading, Push $push, #[CurrentUser] User $user): JsonResponse
    {
        // The answer shows the tray, so whoever sends must be one who may see it, even where nothing is sent.
        Gate::authorize('view', $attempt);
        $sent = SentFacts::read($request, 'captures');
        foreach (self::abilities($sent->nodes, $user) as $ability) {
            Gate::authorize($ability, $attempt);
        }
        $recorded = $recording->record($attempt, $sent->documents(), $user, $sent->device, $sent->offsetMs);
        $tray = TrayView::of($attempt, $reading->grade($attempt, $user, $recorded->class), $user);
        if ($recorded->new !== []) {
            $push->classStands($attempt->assessment_id, PushedNewsView::of($attempt, $recorded, $tray->on_floor));
        }

        return new JsonResponse($tray);
    }

    #[OA\Get(path: '/assessments/{assessment}/captures', operationId: 'capturesAfter', description: 'What is new in a class since a cursor.', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'after', description: 'The seq of the last capture seen; 0 for all of them; left out: none, only where to go on from.', schema: new OA\Schema(type: 'integer', minimum: 0))]
    #[OA\Response(response: 200, description: 'Captures in order of acceptance, their stations as they stand, and the next cursor', content: new OA\JsonContent(ref: CursorView::class))]
    public function after(Request $request, Assessment $assessment, FollowClass $following, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $assessment);
        $news = $following->after($assessment, $request->has('after') ? max(0, $request->integer('after')) : null, $user);

        return new JsonResponse(CursorView::of($assessment, $news));
    }

    /**
     * Terms of an attempt are set, and withdrawn, by whom may set them, and so is somebody else asked for a second look; what a student wrote is theirs; everything else
     * is taken down on the floor.
     *
     * @param list<Node> $captures
     *
     * @return list<string> what one must be allowed to do
     */
    private static function abilities(array $captures, User $user): array
    {
        $abilities = array_map(static function (Node $capture) use ($user): string {
            $kind = CaptureKind::tryFrom($capture->at('kind')->text());
            $target = $kind === CaptureKind::Void && Str::isUuid($capture->textOf('target', '')) ? Capture::query()->find($capture->textOf('target', ''))?->kind : null;

            if ($kind === CaptureKind::Answer || $target === CaptureKind::Answer->value) {
                return 'handIn';
            }
            $event = $kind === CaptureKind::SecondLook ? SecondLookEvent::tryFrom($capture->textOf('event', '')) : null;
            if ($target === CaptureKind::SecondLook->value || ($event !== null && $event !== SecondLookEvent::Finished && $capture->textOf('marker', '') !== $user->id)) {
                return 'askSecondLook';
            }

            return $kind?->isTerm() === true || CaptureKind::tryFrom($target ?? '')?->isTerm() === true ? 'setTerms' : 'capture';
        }, $captures);

        return $abilities === [] ? ['capture'] : array_values(array_unique($abilities));
    }
}
