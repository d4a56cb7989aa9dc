<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\ScaleReadingView;
use App\Models\Assessment;
use App\Scale\ScaleLine;
use App\Scale\ScaleUnreachable;
use App\School\School;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\InvalidScaleReport;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ScaleController
{
    /** A tablet that goes away is noticed at the next repeat; a stream ends by itself only for the case that it is not. What moves on the pan between two streams is not seen. */
    private const SECONDS_A_STREAM = 600;

    private const MS_TO_THE_NEXT_STREAM = 300;

    private const SECONDS_BETWEEN_REPEATS = 1.0;

    #[OA\Get(path: '/scale', operationId: 'scale', description: 'The live reading as server-sent events, each a ScaleReadingView, or an event "silent" when the scale does not answer, "unreadable" when it sent something that is no report.', tags: ['scale'])]
    #[OA\Response(response: 200, description: 'Events', content: new OA\MediaType(mediaType: 'text/event-stream', schema: new OA\Schema(ref: ScaleReadingView::class)))]
    public function stream(ScaleLine $line, School $school): StreamedResponse
    {
        Gate::authorize('viewAny', Assessment::class);

        $sentences = $school->sentences();

        return new StreamedResponse(static function () use ($line, $sentences): void {
            echo 'retry: '.self::MS_TO_THE_NEXT_STREAM."\n\n";
            try {
                self::follow($line, $sentences);
            } catch (ScaleUnreachable $problem) {
                self::send('silent', $problem->getMessage());
            }
        }, headers: ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    private static function follow(ScaleLine $line, Sentences $sentences): void
    {
        $end = microtime(true) + self::SECONDS_A_STREAM;
        $last = null;
        $lastAt = 0.0;
        foreach ($line->reports() as $report) {
            if ($report instanceof InvalidScaleReport) {
                self::send('unreadable', $sentences->say($report->problem));

                continue;
            }
            $now = microtime(true);
            if ($now > $end || connection_aborted() === 1) {
                return;
            }
            $reading = ScaleReadingView::of($report, $sentences);
            if ($reading != $last || $now - $lastAt > self::SECONDS_BETWEEN_REPEATS) {
                self::send('reading', $reading);
                $last = $reading;
                $lastAt = $now;
            }
        }
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
