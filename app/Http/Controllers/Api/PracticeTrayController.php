<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\OwnTray;
use App\Actions\ReadPractice;
use App\Actions\ReadProgress;
use App\Actions\RecordPractice;
use App\Http\ClientId;
use App\Http\Resources\PracticeTrayView;
use App\Http\SentFacts;
use App\Models\PublishedStandard;
use App\Models\ReferenceTray;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Trays that whoever asks cut to practise: nobody else's are there. */
final class PracticeTrayController
{
    public function __construct(private readonly ReadProgress $progress, private readonly School $school) {}

    #[OA\Get(path: '/practice/{standard}/trays/{tray}', operationId: 'practiceTray', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'tray', description: 'Made by the device.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The tray as it stands; empty where whoever asks took nothing down of it', content: new OA\JsonContent(ref: PracticeTrayView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard, string $tray, ReadPractice $practice, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);

        return $this->view($practice->tray($user, $standard, self::id($tray)), $practice, $user);
    }

    #[OA\Post(path: '/practice/{standard}/trays/{tray}/captures', operationId: 'practiceCapture', description: 'Takes captures of a practice tray down, all or none; the first begin it. Each id is accepted once, so a request may be sent again.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'tray', description: 'Made by the device.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['device', 'captures'], properties: [
        new OA\Property(property: 'device', description: 'What the device is called.', type: 'string'),
        new OA\Property(property: 'offset_ms', description: 'What the clock of the device was put right by.', type: 'integer'),
        new OA\Property(property: 'captures', type: 'array', items: new OA\Items(ref: '#/components/schemas/SentCapture')),
    ]))]
    #[OA\Response(response: 200, description: 'Taken; the tray as it stands now', content: new OA\JsonContent(ref: PracticeTrayView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(PublishedStandard $standard, string $tray, Request $request, RecordPractice $recording, ReadPractice $practice, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $sent = SentFacts::read($request, 'captures');
        if ($sent->nodes === []) {
            throw InvalidPackage::at('captures', MessageCode::TooFew, ['least' => 1]);
        }

        return $this->view($recording->onTray($standard, self::id($tray), $sent->documents(), $user, $sent->device, $sent->offsetMs), $practice, $user);
    }

    #[OA\Put(path: '/practice/{standard}/reference', operationId: 'setReference', description: 'Makes a practice tray of whoever asks the reference of a standard; without a tray there is none any more.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['tray'], properties: [new OA\Property(property: 'tray', type: 'string', format: 'uuid', nullable: true)]))]
    #[OA\Response(response: 204, description: 'So it is')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function refer(PublishedStandard $standard, Request $request, ReadPractice $practice, #[CurrentUser] User $user): Response
    {
        Gate::authorize('call', PublishedStandard::class);
        $body = Node::decode($request->getContent())->keys(['tray']);
        $tray = $body->at('tray')->isNull() ? null : self::id($body->at('tray')->text());
        if ($tray !== null && ($practice->tray($user, $standard, $tray)->facts === [] || $practice->tray($user, $standard, $tray)->practised->key !== $standard->key)) {
            throw Conflict::notYourTray();
        }
        if (ReferenceTray::of($standard->key)?->tray !== $tray) {
            ReferenceTray::query()->create(['standard_key' => $standard->key, 'tray' => $tray, 'user_id' => $user->id, 'at' => CarbonImmutable::now()]);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    private function view(OwnTray $tray, ReadPractice $practice, User $user): JsonResponse
    {
        return new JsonResponse(PracticeTrayView::of($tray, $this->progress->of($user, $tray->practised)->levels, $practice->reference($tray->practised->key), $this->school));
    }

    private static function id(string $tray): string
    {
        ClientId::check($tray, 'tray');

        return mb_strtolower($tray);
    }
}
