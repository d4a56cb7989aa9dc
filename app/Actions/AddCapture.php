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

/** Stores one capture, once. */
final readonly class AddCapture
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    /**
     * @param \stdClass $capture read already: id, at, kind and what the kind says
     *
     * @throws Conflict when its id is taken by another capture
     * @return bool     whether it is new; the same one sent again leaves what is there
     */
    public function add(Attempt $attempt, \stdClass $capture, User $user, string $device, int $offsetMs = 0): bool
    {
        $node = Node::of($capture);
        $id = mb_strtolower($node->at('id')->text());
        $said = Instant::read($node->at('at'));
        $row = [
            'id' => $id,
            'attempt_id' => $attempt->id,
            'kind' => $node->at('kind')->text(),
            'payload' => (object) array_diff_key((array) $capture, array_flip(self::COMMON)),
            'user_id' => $user->id,
        ];
        $earlier = Capture::query()->find($id);
        if ($earlier !== null) {
            return self::isSame($earlier, $row, $said) ? false : throw Conflict::captureIdTaken($id);
        }
        $now = CarbonImmutable::now();
        $at = TakenAt::of($said, (int) $now->getPreciseTimestamp(3), self::lastOf($attempt, $device));
        Capture::query()->create($row + [
            'at' => CarbonImmutable::createFromTimestampMsUTC($at),
            'said_at' => CarbonImmutable::createFromTimestampMsUTC($said),
            'device' => $device,
            'offset_ms' => $offsetMs,
            'received_at' => $now,
        ]);

        return true;
    }

    /** @param array<string, mixed> $row */
    private static function isSame(Capture $earlier, array $row, int $said): bool
    {
        return $earlier->attempt_id === $row['attempt_id']
            && $earlier->user_id === $row['user_id']
            && $earlier->kind === $row['kind']
            && $earlier->payload == $row['payload']
            && (int) $earlier->said_at->format('Uv') === $said;
    }

    private static function lastOf(Attempt $attempt, string $device): ?int
    {
        $last = Capture::query()->where('attempt_id', $attempt->id)->where('device', $device)->latest('seq')->first();

        return $last === null ? null : (int) $last->at->format('Uv');
    }
}
