<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\Attempt;
use App\Photos\Photograph;
use App\Photos\PhotoStore;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class PhotoController
{
    #[OA\Put(path: '/attempts/{attempt}/photos/{sha256}', operationId: 'keepPhoto', description: 'Keeps a photograph under its digest; a capture of kind photo then says that it belongs to the tray. Sent again, it is kept once.', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, string $sha256, PhotoStore $shelf): Response
    {
        Gate::authorize('capture', $attempt);
        self::checkDigest($sha256);
        $photograph = Photograph::of($request->getContent());
        if ($photograph->sha256 !== $sha256) {
            throw ValidationException::withMessages(['sha256' => 'This picture was changed on its way. Send it again.']);
        }
        $shelf->put($photograph);

        return new Response(status: 204);
    }

    #[OA\Get(path: '/attempts/{attempt}/photos/{sha256}', operationId: 'photo', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The photograph', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Attempt $attempt, string $sha256, PhotoStore $shelf): Response
    {
        self::checkDigest($sha256);
        $attempt->load('student', 'release');
        $maySee = Gate::allows('view', $attempt) || ($attempt->release !== null && Gate::allows('viewReleased', $attempt));
        $belongs = $attempt->captures()->where('kind', 'photo')->where('payload->sha256', $sha256)->exists();
        $bytes = $maySee && $belongs ? $shelf->get($sha256) : null;
        abort_if($bytes === null, 404);

        return new Response($bytes, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    private static function checkDigest(string $sha256): void
    {
        if (preg_match('/^[0-9a-f]{64}$/D', $sha256) !== 1) {
            throw InvalidPackage::at('sha256', MessageCode::NotSha256);
        }
    }
}
