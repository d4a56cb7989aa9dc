<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\ScaleReadingView;
use App\Scale\ScaleLine;
use App\Scale\ScaleUnreachable;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\InvalidScaleReport;

/** What a scale says as events: "reading" when it changes and now and then, "unreadable" where it sent something that is no report. */
final readonly class ScaleEvents
{
    private const SECONDS_BETWEEN_REPEATS = 1.0;

    public function __construct(private ScaleLine $line, private Sentences $sentences) {}

    /**
     * @throws ScaleUnreachable
     * @return \Generator<string, ScaleReadingView|string> by the name of the event, without end
     */
    public function all(): \Generator
    {
        $last = null;
        $lastAt = 0.0;
        foreach ($this->line->reports() as $report) {
            if ($report instanceof InvalidScaleReport) {
                yield 'unreadable' => $this->sentences->say($report->problem);

                continue;
            }
            $now = microtime(true);
            $reading = ScaleReadingView::of($report, $this->sentences);
            if ($reading != $last || $now - $lastAt > self::SECONDS_BETWEEN_REPEATS) {
                [$last, $lastAt] = [$reading, $now];
                yield 'reading' => $reading;
            }
        }
    }
}
