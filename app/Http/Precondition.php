<?php

declare(strict_types=1);

namespace App\Http;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Http\Request;

/** Versions of writable documents as HTTP says them: ETag and If-Match (RFC 9110, 8.8.3 and 13.1.1). */
final class Precondition
{
    public static function etag(int|string $version): string
    {
        return "\"$version\"";
    }

    /** @return string the version a request changes; without one it is refused (RFC 6585, 428) */
    public static function version(Request $request): string
    {
        $match = $request->headers->get('If-Match');
        abort_if($match === null, 428);

        return preg_match('/^(?:W\/)?"([0-9-]{1,60})"$/D', $match, $found) === 1 ? $found[1] : throw InvalidPackage::at('If-Match', MessageCode::NotAnETag);
    }

    public static function number(Request $request): int
    {
        return (int) self::version($request);
    }
}
