<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\OwnTray;
use App\Actions\ReadPractice;
use App\Actions\ReadProgress;
use App\Actions\RecordPractice;
use App\Actions\SetReference;
use App\Http\ClientId;
use App\Http\PhotoExchange;
use App\Http\Resources\PracticeStepView;
use App\Http\Resources\PracticeTrayView;
use App\Http\SentFacts;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
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
        new OA\Property(property: 'captures', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(ref: '#/components/schemas/SentCapture'), new OA\Schema(ref: PracticeStepView::class)])),
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
    public function refer(PublishedStandard $standard, Request $request, SetReference $setting, #[CurrentUser] User $user): Response
    {
        Gate::authorize('call', PublishedStandard::class);
        $tray = Node::decode($request->getContent())->keys(['tray'])->at('tray');
        $setting->set($standard, $tray->isNull() ? null : self::id($tray->text()), $user);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    #[OA\Put(path: '/practice/{standard}/trays/{tray}/photos/{sha256}', operationId: 'keepPracticePhoto', description: 'Keeps a photograph under its digest; a capture of kind photo then says that it belongs to the tray. Sent again, it is kept once.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'tray', description: 'Made by the device.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function keepPhoto(Request $request, PublishedStandard $standard, string $tray, string $sha256, PhotoExchange $photos): Response
    {
        Gate::authorize('practise', PublishedStandard::class);
        self::id($tray);

        return $photos->keep($request, $sha256);
    }

    #[OA\Get(path: '/practice/{standard}/trays/{tray}/photos/{sha256}', operationId: 'practicePhoto', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'tray', description: 'Of whoever asks, or the reference.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The photograph', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function photo(PublishedStandard $standard, string $tray, string $sha256, ReadPractice $practice, PhotoExchange $photos, #[CurrentUser] User $user): Response
    {
        Gate::authorize('practise', PublishedStandard::class);
        PhotoExchange::checkDigest($sha256);

        return $photos->show($sha256, $practice->showsPhoto($user, self::id($tray), $sha256));
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
