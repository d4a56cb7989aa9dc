<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PracticeFact;
use App\Models\PublishedStandard;
use App\Models\User;
use App\Photos\PhotoStore;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Capture\TakenAt;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Practice\PracticeTray;
use DeftBlade\Core\Quiz\Answered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes down what a person practises by themselves: all of a request or none of it, each id once. */
final readonly class RecordPractice
{
    private const HEAD = ['id', 'at', 'by', 'kind'];

    public function __construct(private ReadPractice $reading, private PhotoStore $photos) {}

    /**
     * @param list<\stdClass> $sent answers, and cards followed to their end
     *
     * @throws InvalidPackage where one is not right
     * @throws Conflict       where an id is taken by another
     */
    public function answers(PublishedStandard $standard, array $sent, User $user, string $device, int $offsetMs): void
    {
        foreach ($sent as $index => $fact) {
            $node = Node::of($fact, "facts[$index]");
            $kind = $node->at('kind')->text();
            match ($kind) {
                PracticeFact::ANSWER => Answered::read(Node::of((object) array_diff_key((array) $fact, array_flip(self::HEAD)), "facts[$index]"), 0),
                PracticeFact::FOLLOWED => $node->keys(['id', 'at', 'kind']),
                default => throw $node->at('kind')->noneOf($kind, [PracticeFact::ANSWER, PracticeFact::FOLLOWED]),
            };
        }
        DB::transaction(fn() => $this->keep($standard, null, $sent, 'facts', $user, $device, $offsetMs));
    }

    /**
     * @param list<\stdClass> $sent captures
     *
     * @throws InvalidPackage where one is not right, or does not fit those before it
     * @throws Conflict       where an id is taken by another, or the tray is somebody else's
     */
    public function onTray(PublishedStandard $standard, string $tray, array $sent, User $user, string $device, int $offsetMs): OwnTray
    {
        return DB::transaction(function () use ($standard, $tray, $sent, $user, $device, $offsetMs): OwnTray {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["practice $tray"]);
            $first = PracticeFact::query()->where('tray', $tray)->orderBy('seq')->first();
            if ($first !== null && ($first->user_id !== $user->id || $first->published_standard_id !== $standard->id)) {
                throw Conflict::notYourTray();
            }
            $practised = $this->reading->standard($standard);
            foreach ($sent as $index => $capture) {
                $capture->by = $user->id;
                $this->check(Node::of($capture, "captures[$index]"), $practised);
            }
            $this->keep($standard, $tray, $sent, 'captures', $user, $device, $offsetMs);

            return $this->reading->tray($user, $standard, $tray);
        });
    }

    /** @throws InvalidPackage where it is neither a capture that is right, nor a step of the card */
    private function check(Node $fact, PractisedStandard $practised): void
    {
        if ($fact->at('kind')->text() === PracticeFact::STEP) {
            $fact->keys(['id', 'at', 'by', 'kind', 'step'])->at('step')->integer(0, count($practised->card()) - 1);

            return;
        }
        PracticeTray::check($fact, $practised->standard);
        if ($fact->has('sha256') && ! $this->photos->has($fact->at('sha256')->text())) {
            throw $fact->at('sha256')->fail(MessageCode::NoPhotograph);
        }
    }

    /** @param list<\stdClass> $sent read already */
    private function keep(PublishedStandard $standard, ?string $tray, array $sent, string $key, User $user, string $device, int $offsetMs): void
    {
        // Sent twice at once, it is taken once.
        DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["practice of $user->id"]);
        $now = CarbonImmutable::now();
        $last = PracticeFact::query()->where('user_id', $user->id)->where('device', $device)->latest('seq')->first();
        $before = $last === null ? null : (int) $last->at->format('Uv');
        $ids = array_map(static fn(\stdClass $fact, int $index): string => self::idOf(Node::of($fact, "{$key}[$index]")), $sent, array_keys($sent));
        $known = PracticeFact::query()->findMany($ids)->keyBy('id')->all();
        $new = [];
        foreach ($sent as $index => $fact) {
            $node = Node::of($fact, "{$key}[$index]");
            $said = Instant::read($node->at('at'));
            $made = new PracticeFact([
                'id' => $ids[$index],
                'user_id' => $user->id,
                'published_standard_id' => $standard->id,
                'standard_key' => $standard->key,
                'tray' => $tray,
                'kind' => $node->at('kind')->text(),
                'payload' => (object) array_diff_key((array) $fact, array_flip(self::HEAD)),
                'said_at' => CarbonImmutable::createFromTimestampMsUTC($said),
            ]);
            $earlier = $known[$ids[$index]] ?? null;
            if ($earlier !== null) {
                self::isSame($earlier, $made) || throw Conflict::captureIdTaken($ids[$index]);

                continue;
            }
            $before = TakenAt::of($said, (int) $now->getPreciseTimestamp(3), $before);
            $new[] = $known[$ids[$index]] = $made->fill(['at' => CarbonImmutable::createFromTimestampMsUTC($before), 'device' => $device, 'offset_ms' => $offsetMs, 'received_at' => $now]);
        }
        PracticeFact::query()->insert(array_map(static fn(PracticeFact $it): array => $it->getAttributes(), $new));
    }

    private static function idOf(Node $fact): string
    {
        $id = mb_strtolower($fact->at('id')->text());

        return Str::isUuid($id, 7) ? $id : throw $fact->at('id')->fail(MessageCode::NotUuid7);
    }

    private static function isSame(PracticeFact $earlier, PracticeFact $sent): bool
    {
        return $earlier->user_id === $sent->user_id
            && $earlier->tray === $sent->tray
            && $earlier->kind === $sent->kind
            && $earlier->payload == $sent->payload
            && $earlier->said_at->format('Uv') === $sent->said_at->format('Uv');
    }
}
