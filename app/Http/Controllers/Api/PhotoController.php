<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\PhotoExchange;
use App\Models\Attempt;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class PhotoController
{
    #[OA\Put(path: '/attempts/{attempt}/photos/{sha256}', operationId: 'keepPhoto', description: 'Keeps a photograph under its digest; a capture of kind photo then says that it belongs to the tray. Sent again, it is kept once.', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, string $sha256, PhotoExchange $photos): Response
    {
        Gate::authorize('capture', $attempt);

        return $photos->keep($request, $sha256);
    }

    #[OA\Get(path: '/attempts/{attempt}/photos/{sha256}', operationId: 'photo', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The photograph', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Attempt $attempt, string $sha256, PhotoExchange $photos): Response
    {
        PhotoExchange::checkDigest($sha256);
        $attempt->load('student', 'release');
        $maySee = Gate::allows('view', $attempt) || ($attempt->release !== null && Gate::allows('viewReleased', $attempt));
        $belongs = $attempt->captures()->where('kind', 'photo')->where('payload->sha256', $sha256)->exists();

        return $photos->show($sha256, $maySee && $belongs);
    }
}
