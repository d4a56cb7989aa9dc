<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Recorded;
use App\Models\Attempt;
use App\Models\Capture;
use OpenApi\Attributes as OA;

/**
 * What is pushed to the devices that follow a class when something was taken down in it: with the news itself, so that nobody has to fetch it, unless somebody
 * marks the tray a second time and is not to see all of it.
 */
#[OA\Schema]
final readonly class PushedNewsView
{
    /** @param list<CaptureView> $captures */
    private function __construct(
        #[OA\Property(description: 'What the class stands at.')]
        public int $seq,
        #[OA\Property(description: 'What it stood at before. A device that stands elsewhere fetches what is new; null where everybody does.')]
        public ?int $before,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CaptureView::class))]
        public array $captures,
        #[OA\Property(ref: FloorStationView::class, nullable: true, description: 'The station these captures are of, as it stands now.')]
        public ?FloorStationView $station,
    ) {}

    /** @param Attempt $attempt with its captures and their authors */
    public static function of(Attempt $attempt, Recorded $recorded, FloorStationView $station): self
    {
        if ($attempt->row->second_open !== []) {
            return self::standsAt($attempt->row->last_seq);
        }
        $new = $attempt->captures->filter(static fn(Capture $it): bool => in_array($it->id, $recorded->new, true));

        return new self($attempt->row->last_seq, $recorded->before, array_values($new->map(CaptureView::of(...))->all()), $station);
    }

    public static function standsAt(int $seq): self
    {
        return new self($seq, null, [], null);
    }
}
