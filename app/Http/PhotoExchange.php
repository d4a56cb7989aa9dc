<?php

declare(strict_types=1);

namespace App\Http;

use App\Photos\Photograph;
use App\Photos\PhotoStore;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Photographs as they come in and go out, each under its digest. */
final readonly class PhotoExchange
{
    public function __construct(private PhotoStore $store) {}

    /** @throws ValidationException where it is not what its digest says */
    public function keep(Request $request, string $sha256): Response
    {
        self::checkDigest($sha256);
        $photograph = Photograph::of($request->getContent());
        if ($photograph->sha256 !== $sha256) {
            throw ValidationException::withMessages(['sha256' => 'This picture was changed on its way. Send it again.']);
        }
        $this->store->put($photograph);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @param bool $maySee whoever asks; there is none for anybody else */
    public function show(string $sha256, bool $maySee): Response
    {
        $bytes = $maySee ? $this->store->get($sha256) : null;
        abort_if($bytes === null, Response::HTTP_NOT_FOUND);

        return new Response($bytes, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    /** @throws InvalidPackage */
    public static function checkDigest(string $sha256): void
    {
        if (preg_match('/^[0-9a-f]{64}$/D', $sha256) !== 1) {
            throw InvalidPackage::at('sha256', MessageCode::NotSha256);
        }
    }
}
