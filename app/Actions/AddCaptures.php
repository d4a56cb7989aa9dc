<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Capture\TakenAt;
use DeftBlade\Core\Json\Node;
use Illuminate\Database\Eloquent\Collection;

/** Stores captures of an attempt, each once. */
final readonly class AddCaptures
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    /** PostgreSQL takes 65 535 values a statement. */
    private const AT_ONCE = 1_000;

    /**
     * @param list<\stdClass> $captures read already: id, at, kind and what the kind says
     *
     * @throws Conflict     when an id is taken by another capture
     * @return list<string> ids of those that are new; the same one sent again leaves what is there
     */
    public function add(Attempt $attempt, array $captures, User $user, string $device, int $offsetMs = 0): array
    {
        $ids = array_map(static fn(\stdClass $it): string => mb_strtolower(Node::of($it)->at('id')->text()), $captures);
        $lastSeq = Capture::query()->selectRaw('max(seq)')->where('attempt_id', $attempt->id)->where('device', $device);
        $taken = Capture::query()->whereIn('id', $ids)->orWhere('seq', $lastSeq)->orderBy('seq')->get();
        $known = $taken->keyBy('id')->all();
        $now = CarbonImmutable::now();
        $before = self::lastOf($taken, $attempt, $device);
        $new = [];
        foreach ($captures as $index => $capture) {
            [$id, $said] = [$ids[$index], Instant::read(Node::of($capture)->at('at'))];
            $made = new Capture([
                'id' => $id,
                'attempt_id' => $attempt->id,
                'kind' => Node::of($capture)->at('kind')->text(),
                'payload' => (object) array_diff_key((array) $capture, array_flip(self::COMMON)),
                'user_id' => $user->id,
                'said_at' => CarbonImmutable::createFromTimestampMsUTC($said),
            ]);
            $earlier = $known[$id] ?? null;
            if ($earlier !== null) {
                self::isSame($earlier, $made) || throw Conflict::captureIdTaken($id);

                continue;
            }
            $before = TakenAt::of($said, (int) $now->getPreciseTimestamp(3), $before);
            $new[] = $known[$id] = $made->fill(['at' => CarbonImmutable::createFromTimestampMsUTC($before), 'device' => $device, 'offset_ms' => $offsetMs, 'received_at' => $now]);
        }
        foreach (array_chunk($new, self::AT_ONCE) as $some) {
            Capture::query()->insert(array_map(static fn(Capture $it): array => $it->getAttributes(), $some));
        }

        return array_map(static fn(Capture $it): string => $it->id, $new);
    }

    private static function isSame(Capture $earlier, Capture $sent): bool
    {
        return $earlier->attempt_id === $sent->attempt_id
            && $earlier->user_id === $sent->user_id
            && $earlier->kind === $sent->kind
            && $earlier->payload == $sent->payload
            && $earlier->said_at->format('Uv') === $sent->said_at->format('Uv');
    }

    /** @param Collection<int, Capture> $captures in order of acceptance, the last of this device at this attempt among them */
    private static function lastOf(Collection $captures, Attempt $attempt, string $device): ?int
    {
        $last = $captures->last(static fn(Capture $it): bool => $it->attempt_id === $attempt->id && $it->device === $device);

        return $last === null ? null : (int) $last->at->format('Uv');
    }
}
