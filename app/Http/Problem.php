<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Conflict;
use App\Actions\InvalidDocument;
use App\Actions\OutOfDate;
use App\Http\Resources\PlacedError;
use App\Photos\InvalidPhotograph;
use App\Scale\ScaleUnreachable;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Sentence\Sentences;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use League\Flysystem\FilesystemException;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** What went wrong with a request, as RFC 9457 problem details; never a stack trace. */
#[OA\Schema(required: ['type', 'title', 'status', 'detail'])]
final readonly class Problem implements Responsable
{
    /**
     * @param list<PlacedError>          $errors
     * @param array<string, string>|null $changed
     * @param array<string, string>      $headers
     */
    private function __construct(
        #[OA\Property]
        public string $type,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $status,
        #[OA\Property]
        public string $detail,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlacedError::class))]
        public array $errors = [],
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'What was changed meanwhile, as it is now (412).')]
        public ?array $changed = null,
        private array $headers = [],
    ) {}

    /** @param \Closure(): Sentences $sentences how the school says things, asked for only where the core refused something */
    public static function of(\Throwable $thrown, \Closure $sentences): self
    {
        return match (true) {
            $thrown instanceof ValidationException => self::invalid($thrown->getMessage(), self::placed($thrown)),
            $thrown instanceof InvalidPackage => self::invalid($sentences()->refuse($thrown), [PlacedError::of($thrown, $sentences())]),
            $thrown instanceof InvalidDocument => self::invalid($thrown->getMessage(), array_map(static fn(InvalidPackage $it): PlacedError => PlacedError::of($it, $sentences()), $thrown->problems)),
            $thrown instanceof InvalidPhotograph => self::invalid($thrown->getMessage(), [new PlacedError('photo', $thrown->getMessage())]),
            $thrown instanceof OutOfDate => self::outOfDate($thrown),
            $thrown instanceof Conflict => self::named('conflict', 'This cannot be taken', 409, $thrown->getMessage()),
            $thrown instanceof AuthenticationException => self::named('signed-out', 'Not signed in', 401, 'Sign in to go on.'),
            $thrown instanceof OtherPerson => self::named('other-person', 'Somebody else is signed in', 409, $thrown->getMessage()),
            $thrown instanceof AuthorizationException => self::named('not-allowed', 'Not allowed', 403, 'Your role does not allow this.'),
            $thrown instanceof ModelNotFoundException => self::named('not-found', 'Not found', 404, 'There is nothing here that you may see.'),
            $thrown instanceof TokenMismatchException => self::named('stale-page', 'This page is out of date', 419, 'Load the page again and repeat what you did; nothing was stored.'),
            $thrown instanceof ScaleUnreachable => self::named('no-scale', 'The scale does not answer', 503, $thrown->getMessage()),
            $thrown instanceof FilesystemException => self::named('no-store', 'Photographs cannot be kept now', 503, 'The store of photographs does not answer. The picture stays on this device and goes up when it does.'),
            $thrown instanceof HttpExceptionInterface => self::http($thrown),
            DatabaseAway::caused($thrown) => self::named('away', 'The server is not ready', 503, 'Its database does not answer. What was stored before is safe; try again in a moment.'),
            default => self::named('fault', 'Something went wrong here', 500, 'The server could not finish this. What was stored before is safe; try again.'),
        };
    }

    public function toResponse($request): JsonResponse
    {
        $body = array_filter([
            'type' => $this->type,
            'title' => $this->title,
            'status' => $this->status,
            'detail' => $this->detail,
            'errors' => $this->errors,
            'changed' => $this->changed === null ? null : (object) $this->changed,
        ], static fn(mixed $value): bool => $value !== [] && $value !== null);

        return new JsonResponse($body, $this->status, ['Content-Type' => 'application/problem+json'] + $this->headers);
    }

    private static function named(string $name, string $title, int $status, string $detail): self
    {
        return new self("urn:deft-blade:problem:$name", $title, $status, $detail);
    }

    private static function outOfDate(OutOfDate $thrown): self
    {
        return new self('urn:deft-blade:problem:out-of-date', 'Changed meanwhile', 412, $thrown->getMessage(), [], $thrown->changed, ['ETag' => Precondition::etag($thrown->version)]);
    }

    /** @param list<PlacedError> $errors */
    private static function invalid(string $detail, array $errors): self
    {
        return new self('urn:deft-blade:problem:invalid', 'Something here is not right', 422, $detail, $errors);
    }

    /** @return list<PlacedError> */
    private static function placed(ValidationException $thrown): array
    {
        $errors = [];
        foreach ($thrown->errors() as $path => $messages) {
            $errors[] = new PlacedError((string) $path, is_array($messages) && is_string($messages[0] ?? null) ? $messages[0] : 'is not right');
        }

        return $errors;
    }

    private static function http(HttpExceptionInterface $thrown): self
    {
        $status = $thrown->getStatusCode();
        /** @var array<string, string> $headers */
        $headers = array_intersect_key($thrown->getHeaders(), ['Retry-After' => 1, 'Allow' => 1]);

        return match ($status) {
            404 => self::named('not-found', 'Not found', 404, 'There is nothing here that you may see.'),
            403 => self::named('not-allowed', 'Not allowed', 403, 'Your role does not allow this.'),
            413 => self::named('too-large', 'Too large', 413, 'This is larger than the server takes. Make the picture smaller, then send it again.'),
            419 => self::named('stale-page', 'This page is out of date', 419, 'Load the page again and repeat what you did; nothing was stored.'),
            429 => new self('urn:deft-blade:problem:too-many', 'Too many tries', 429, 'Wait a minute, then try again.', [], null, $headers),
            428 => self::named('no-version', 'No version named', 428, 'Say which version this changes: If-Match with the ETag it was read with.'),
            default => new self('urn:deft-blade:problem:http', 'The request was refused', $status, 'The request could not be taken as it was sent.', [], null, $headers),
        };
    }
}
