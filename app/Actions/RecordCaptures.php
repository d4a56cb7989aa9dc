<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use App\Models\User;
use App\Photos\PhotoStore;
use App\School\HeldStandards;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\LooksApart;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes captures down for an attempt: all of a request or none of it, each id once. */
final readonly class RecordCaptures
{
    public function __construct(
        private GradeClass $grading,
        private HeldStandards $held,
        private AddCaptures $adding,
        private ProjectResults $projecting,
        private PhotoStore $photos,
    ) {}

    /**
     * @param list<\stdClass> $sent as the device made them: id, at, kind and what the kind says
     *
     * @throws InvalidPackage when a capture is not right, the class could not be graded with it, or a clock may not start
     * @throws Conflict       when an id is taken by another capture, or a station by another student
     */
    public function record(Attempt $attempt, array $sent, User $user, string $device, int $offsetMs = 0): Recorded
    {
        $recorded = DB::transaction(function () use ($attempt, $sent, $user, $device, $offsetMs): Recorded {
            // One writer a class at a time, so that seq grows in the order of commits and a cursor never skips one.
            $assessment = Assessment::query()->whereKey($attempt->assessment_id)->lockForUpdate()->firstOrFail();
            $held = $this->held->of($assessment->held);
            $captures = $this->read($held->standard, $sent, $user);
            $new = $this->adding->add($attempt->setRelation('assessment', $assessment), $captures, $user, $device, $offsetMs);
            $class = $this->grading->under($held, $assessment, [$attempt->load('captures')]);
            $this->passGate($class, $attempt, $captures, $new);
            self::keepLooksApart($class, $attempt, $captures, $new);
            $this->refuseTakenStation($class, $attempt, $captures);
            $before = ResultRow::query()->where('assessment_id', $assessment->id)->max('last_seq');
            if ($new !== []) {
                $this->projecting->project($assessment, [$attempt], $class);
            }

            return new Recorded($class, $new, is_int($before) ? $before : 0);
        });
        $attempt->unsetRelation('row');
        $attempt->load('row');

        return $recorded;
    }

    /**
     * @param list<\stdClass> $sent
     *
     * @return list<\stdClass>
     */
    private function read(Standard $standard, array $sent, User $user): array
    {
        $reader = new CaptureReader($standard);
        foreach ($sent as $index => $capture) {
            $capture->by = $user->id;
            $node = Node::of($capture, "captures[$index]");
            $reader->read($node);
            $kind = $node->at('kind')->oneOf(CaptureKind::class);
            if ($kind === CaptureKind::Standard) {
                throw $node->at('kind')->fail(MessageCode::WholeClass);
            }
            if ($kind === CaptureKind::Photo && ! $this->photos->has($node->at('sha256')->text())) {
                throw $node->at('sha256')->fail(MessageCode::NoPhotograph);
            }
            if ($kind === CaptureKind::SecondLook && ! self::isAssessor($node->at('marker')->text())) {
                throw $node->at('marker')->fail(MessageCode::NoAssessor);
            }
            if (! Str::isUuid($node->at('id')->text(), 7)) {
                throw $node->at('id')->fail(MessageCode::NotUuid7);
            }
            $capture->id = mb_strtolower($node->at('id')->text());
        }

        return $sent;
    }

    /**
     * @param list<\stdClass> $captures
     * @param list<string>    $new      ids
     */
    private function passGate(GradedClass $class, Attempt $attempt, array $captures, array $new): void
    {
        $shut = $class->gate()->shutFor($class->of($attempt->id)->attempt->log->history, $new);
        foreach ($captures as $index => $capture) {
            $gate = is_string($capture->id) ? $shut[$capture->id] ?? null : null;
            if ($gate !== null) {
                throw InvalidPackage::at("captures[$index].reason", MessageCode::GateShut, ['looked' => $gate->isLookedAt, 'items' => self::named($class->mise, $gate->open)]);
            }
        }
    }

    /**
     * @param list<\stdClass> $captures
     * @param list<string>    $new      ids
     */
    private static function keepLooksApart(GradedClass $class, Attempt $attempt, array $captures, array $new): void
    {
        $refused = LooksApart::refused($class->of($attempt->id)->attempt->log->history, $new, $class->policy->moderation->thirdAgrees ?? false);
        foreach ($captures as $index => $capture) {
            $look = is_string($capture->id) ? $refused[$capture->id] ?? null : null;
            if ($look !== null) {
                throw InvalidPackage::at("captures[$index].{$look->key}", $look->why->code, $look->why->figures);
            }
        }
    }

    private static function isAssessor(string $id): bool
    {
        $person = Str::isUuid($id) ? User::query()->find($id) : null;

        return $person !== null && $person->left_at === null && $person->role->mayCapture();
    }

    /** @param list<string> $ids */
    private static function named(MiseList $mise, array $ids): string
    {
        return implode('; ', array_map(static fn(string $id): string => lcfirst(strtr($mise->items[$id]->title, ['{' => '', '}' => ''])), $ids));
    }

    /** @param list<\stdClass> $captures */
    private function refuseTakenStation(GradedClass $class, Attempt $attempt, array $captures): void
    {
        // A withdrawal may give back the station one had before.
        if (array_filter($captures, static fn(\stdClass $it): bool => in_array($it->kind, [CaptureKind::Station->value, CaptureKind::Void->value], true)) === []) {
            return;
        }
        $station = $class->of($attempt->id)->attempt->log->terms->station;
        $other = Attempt::query()->with('student')->where('assessment_id', $attempt->assessment_id)->whereKeyNot($attempt->id)->whereRelation('row', 'station', $station)->first();
        if ($other !== null) {
            throw Conflict::stationTaken((int) $station, $other->student->name);
        }
    }
}
