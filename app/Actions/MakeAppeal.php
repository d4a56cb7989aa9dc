<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Appeal;
use App\Models\Attempt;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Takes down a student's appeal against lines of the latest version of their result. */
final readonly class MakeAppeal
{
    public function __construct(private AppealDays $days) {}

    /**
     * @param Node $lines a list of {reason, why}: the place of the reason in the sealed result, and why it is not right
     *
     * @throws InvalidPackage where a line is not one of the result, stands twice, or says nothing
     * @throws Conflict       where the days are over, a later version was issued, or this version was appealed against before
     */
    public function make(Attempt $attempt, string $id, int $version, Node $lines, User $by): Appeal
    {
        return DB::transaction(function () use ($attempt, $id, $version, $lines, $by): Appeal {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["appeal $attempt->id"]);
            $release = $attempt->release ?? throw Conflict::notReleased();
            $said = $this->read($lines, Node::decode($release->seal->document)->at('result'));
            $earlier = Appeal::query()->where(['attempt_id' => $attempt->id, 'version' => $version])->first();
            if ($earlier !== null) {
                return $earlier->id === $id && $earlier->lines == $said ? $earlier : throw Conflict::appealedBefore();
            }
            if ($release->version !== $version) {
                throw Conflict::laterVersion($release->version);
            }
            if (! $this->days->isOpen($release)) {
                throw Conflict::appealsOver();
            }

            return Appeal::query()->create(['id' => $id, 'attempt_id' => $attempt->id, 'version' => $version, 'lines' => $said, 'made_by' => $by->id, 'made_at' => CarbonImmutable::now(), 'answer_by' => $this->days->answerBy($release)]);
        });
    }

    /** @return list<array{reason: int, text: string, lost: float, why: string}> */
    private function read(Node $lines, Node $result): array
    {
        $reasons = $result->itemsOf('reasons');
        $said = [];
        if ($lines->items() === []) {
            throw $lines->fail(MessageCode::TooFew, ['least' => 1]);
        }
        foreach ($lines->items() as $line) {
            $line->keys(['reason', 'why']);
            $reason = $line->at('reason')->integer(0, max(0, count($reasons) - 1));
            $why = trim($line->at('why')->text(Field::LONGEST_TEXT));
            if (isset($said[$reason]) || ! isset($reasons[$reason])) {
                throw $line->at('reason')->fail(MessageCode::StandsTwice, ['id' => (string) $reason]);
            }
            if ($why === '') {
                throw $line->at('why')->fail(MessageCode::MustSayWhy);
            }
            $said[$reason] = ['reason' => $reason, 'text' => $reasons[$reason]->at('text')->text(), 'lost' => $reasons[$reason]->at('lost')->number(-100, 100), 'why' => $why];
        }

        return array_values($said);
    }
}
