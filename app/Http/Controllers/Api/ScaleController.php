<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\ScaleReadingView;
use App\Http\ScaleEvents;
use App\Models\Assessment;
use App\Scale\ScaleUnreachable;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ScaleController
{
    /** A tablet that goes away is noticed at the next repeat; a stream ends by itself only for the case that it is not. What moves on the pan between two streams is not seen. */
    private const SECONDS_A_STREAM = 600;

    private const MS_TO_THE_NEXT_STREAM = 300;

    #[OA\Get(path: '/scale', operationId: 'scale', description: 'The live reading as server-sent events, each a ScaleReadingView, or an event "silent" when the scale does not answer, "unreadable" when it sent something that is no report. It holds a worker as long as it is listened to; the same events are pushed at /live/scale, which does not.', tags: ['scale'])]
    #[OA\Response(response: 200, description: 'Events', content: new OA\MediaType(mediaType: 'text/event-stream', schema: new OA\Schema(ref: ScaleReadingView::class)))]
    public function stream(ScaleEvents $events): StreamedResponse
    {
        Gate::authorize('viewAny', Assessment::class);

        return new StreamedResponse(static function () use ($events): void {
            echo 'retry: '.self::MS_TO_THE_NEXT_STREAM."\n\n";
            $end = microtime(true) + self::SECONDS_A_STREAM;
            try {
                foreach ($events->all() as $event => $said) {
                    if (microtime(true) > $end || connection_aborted() === 1) {
                        return;
                    }
                    self::send($event, $said);
                }
            } catch (ScaleUnreachable $problem) {
                self::send('silent', $problem->getMessage());
            }
        }, headers: ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    private static function send(string $event, mixed $data): void
    {
        echo "event: $event\ndata: ".json_encode($data, JSON_THROW_ON_ERROR)."\n\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
