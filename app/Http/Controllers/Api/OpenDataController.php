<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\KeepPooledCarcasses;
use App\Actions\PractisedStandards;
use App\Actions\ReadOpenData;
use App\Http\ClientId;
use App\Http\Resources\TakenInView;
use App\Models\Assessment;
use App\Models\PooledCarcassFile;
use App\Models\PublishedStandard;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Weights of carcasses, given to other schools without names and taken in from them. */
final class OpenDataController
{
    private const LONGEST_TITLE = 120;

    #[OA\Get(path: '/standards/{standard}/carcasses.json', operationId: 'openData', description: 'Weights, shares and times of the trays that add up: no names, weeks for days, a week with fewer than five students withheld.', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The file (docs/formats/carcasses.md); how many trays were withheld is said in X-Withheld', content: new OA\JsonContent(ref: '#/components/schemas/Carcasses'))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function give(PublishedStandard $standard, ReadOpenData $reading): Response
    {
        Gate::authorize('moderate', Assessment::class);
        $data = $reading->of($standard);

        return new Response(json_encode($data->document(), ResultDocument::JSON_FLAGS | JSON_PRETTY_PRINT), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$standard->key}-carcasses.json\"",
            'X-Withheld' => (string) $data->withheld(),
        ]);
    }

    #[OA\Put(path: '/standards/{standard}/pooled/{id}', operationId: 'takeInCarcasses', description: 'Takes in such a file of another school, under an id the screen made (a UUID); sent again it is taken in once.', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['title', 'file'], properties: [
        new OA\Property(property: 'title', type: 'string', maxLength: self::LONGEST_TITLE, description: 'What it is called here.'),
        new OA\Property(property: 'file', ref: '#/components/schemas/Carcasses'),
    ]))]
    #[OA\Response(response: 200, description: 'How much of it can be compared', content: new OA\JsonContent(ref: TakenInView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function takeIn(Request $request, PublishedStandard $standard, string $id, KeepPooledCarcasses $keeping, PractisedStandards $standards, #[CurrentUser] User $user): JsonResponse
    {
        ClientId::check($id, 'id');
        Gate::authorize('plan', Assessment::class);
        $body = Node::decode($request->getContent())->keys(['title', 'file']);
        $title = trim($body->at('title')->text(self::LONGEST_TITLE));
        $practised = $standards->of($standard->latest());
        $read = $keeping->keep(mb_strtolower($id), $practised, $title, $body->at('file')->document(), $user);

        return new JsonResponse(new TakenInView(count($read->records), array_map($practised->standard->titleOf(...), $read->otherwise)));
    }

    #[OA\Delete(path: '/standards/{standard}/pooled/{id}', operationId: 'takeOutCarcasses', description: 'Takes such a file out again; where it is gone already, nothing changes.', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'Taken out')]
    public function takeOut(PublishedStandard $standard, string $id): Response
    {
        ClientId::check($id, 'id');
        Gate::authorize('plan', Assessment::class);
        PooledCarcassFile::query()->whereKey(mb_strtolower($id))->where('standard_key', $standard->key)->delete();

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
