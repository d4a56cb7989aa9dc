<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** Something that was marked at a station, in words. */
#[OA\Schema]
final readonly class MarkView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $text,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}

    /** Null where the capture is no mark. */
    public static function of(Capture $capture, Standard $standard, Sentences $sentences): ?self
    {
        $said = Node::of($capture->payload, 'capture');
        $text = match ($capture->kind) {
            'fault' => $standard->faults[$said->at('fault')->text()]->title ?? $said->at('fault')->text(),
            'well', 'note' => $said->at('text')->text(),
            'incident' => $sentences->say(Message::of(MessageCode::MarkIncident, ['what' => str_replace('_', ' ', $said->at('what')->text())])),
            'checkpoint' => $standard->checkpoints[$said->at('checkpoint')->text()]->title ?? $said->at('checkpoint')->text(),
            'refused' => $sentences->say(Message::of(MessageCode::MarkRefused, ['reason' => $said->at('reason')->text()])),
            default => null,
        };

        return $text === null ? null : new self($capture->id, $capture->kind, $text, $capture->at->format(Capture::AT_FORMAT));
    }
}
