<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\GradeClass;
use App\Brief\BriefAssessor;
use App\Brief\BriefDocument;
use App\Brief\BriefPlan;
use App\Brief\PlanBrief;
use App\Brief\PlannedList;
use App\Brief\Stations;
use App\Http\Prints\CutMap\CutMapDrawing;
use App\Http\Resources\MethodStepView;
use App\Models\Assessment;
use App\Models\Brief;
use App\Models\PublishedPolicy;
use App\Models\Room;
use App\Models\Student;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Planning\ByProduct;
use DeftBlade\Core\Planning\Equipment;
use DeftBlade\Core\Planning\Turn;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\TrayLayout;
use Illuminate\Support\Facades\Vite;

/** Prints of a practical: as it is planned, and once it is set, as its stations and allowances stand. */
final readonly class PracticalPrint
{
    public function __construct(private PlanBrief $planning, private GradeClass $grading, private School $school, private ShippedDocuments $shipped) {}

    public function practical(Brief $brief): PrintedPractical
    {
        $document = BriefDocument::read(Node::of($brief->document, 'brief'));
        $plan = $this->planning->plan($document, $brief->id);
        $assessments = $brief->assessments->values();
        $lists = [];
        foreach ($plan->lists as $index => $list) {
            $assessment = $assessments->get($index);
            if ($list->published !== null) {
                $lists[] = $assessment === null ? $this->planned($document, $plan, $index) : $this->set($document, $plan, $index, $assessment);
            }
        }
        $names = User::query()->findMany(array_map(static fn(BriefAssessor $it): string => $it->person, $document->assessors))->pluck('name', 'id');

        return new PrintedPractical(
            $this->school->settings->name,
            $document,
            $plan,
            $lists,
            array_map(static fn(BriefAssessor $it): array => ['name' => is_string($name = $names->get($it->person)) ? $name : '', 'second' => $it->isSecond, 'at' => Stations::inWords($it->stations)], $document->assessors),
            Room::named($document->room),
            $this->school->settings->units,
            $this->school->currency(),
            $this->school->settings->timeZone,
            $this->school->vocabulary()->say('{Frame} scrape'),
            $this->school->sentences(),
            $brief->set_at !== null,
        );
    }

    /** @param list<PracticalSheet> $sheets in the order they are printed */
    public function html(PrintedPractical $practical, array $sheets, Paper $paper): string
    {
        return view('prints.practical', ['practical' => $practical, 'sheets' => $sheets, 'paper' => $paper, 'qr' => new QrCode(), 'nonce' => Vite::cspNonce()])->render();
    }

    private function planned(BriefDocument $document, BriefPlan $plan, int $index): PrintedList
    {
        $list = $plan->lists[$index];
        $published = $list->published ?? throw new \LogicException('a list without a standard is not printed');
        $day = CarbonImmutable::parse($document->day ?? $this->school->today()->toDateString());
        $students = array_map(static fn(Student $it, Turn $turn, int $of): PrintedStudent => PrintedStudent::of($it, $list->first + $of, $turn->wave, $turn, $it->timeFactorOn($day), null, $list->pans[$of] ?? null), $list->students, $list->turns, array_keys($list->students));

        return $this->list($document, $list, $index, $this->school->said($this->school->held($published->document)), $published->version, PublishedPolicy::inForce()->document, $students);
    }

    private function set(BriefDocument $document, BriefPlan $plan, int $index, Assessment $assessment): PrintedList
    {
        $list = $plan->lists[$index];
        $attempts = $assessment->attempts()->with('captures', 'student.group')->get();
        $class = $this->grading->grade($assessment, $attempts);
        $ids = array_map(static fn(Student $it): string => $it->id, $list->students);
        $students = [];
        foreach ($attempts as $attempt) {
            $planned = array_search($attempt->student_id, $ids, true);
            $wave = $assessment->waveOf($attempt->station);
            $turn = self::turnOf($wave, $plan->hour->turns) ?? ($planned === false ? null : $list->turns[$planned]);
            $students[] = PrintedStudent::of($attempt->student, $attempt->station, $wave, $turn, $class->of($attempt->id)->attempt->timeFactor, url("/tray/{$attempt->id}"), $assessment->panPlaceOf($attempt->station));
        }

        return $this->list($document, $list, $index, $class->document, $assessment->held->loadMissing('standard')->standard->version, $assessment->held->policyDocument(), $students);
    }

    /** @param list<PrintedStudent> $students */
    private function list(BriefDocument $document, PlannedList $list, int $index, \stdClass $said, int $version, \stdClass $policy, array $students): PrintedList
    {
        $node = Node::of($said, 'standard');
        $standard = Standard::read($node);
        $plan = $this->shipped->planOf($standard->carcass);
        $words = $this->school->vocabulary();

        return new PrintedList(
            $standard,
            $version,
            Policy::read(Node::of($this->school->said($policy), 'policy')),
            $list->product,
            TrayLayout::of($said, $standard),
            CutMapDrawing::of($standard, $plan === null ? null : Node::of($this->school->said($plan), 'plan')),
            array_map(static fn(Node $it): MethodStepView => MethodStepView::of($it), $node->itemsOf('card')),
            array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('cautions')),
            array_values(array_map(static fn(MiseItem $it): MiseItem => new MiseItem($it->id, $words->say($it->title), $it->isSafety), $this->shipped->mise($standard->species)->items)),
            array_map(static fn(Equipment $it): Equipment => new Equipment($words->say($it->title), $it->count), Equipment::read(Node::of($this->shipped->school('equipment'), 'equipment'), $list->product, min($document->benches, count($students)), count($students), $document->scales)),
            $list->order === null ? [] : ByProduct::of($standard, count($students), $list->order->typicalMg),
            $students,
            $list->order,
            $document->lists[$index],
            $list->isPriced,
        );
    }

    /** @param list<Turn> $turns */
    private static function turnOf(int $wave, array $turns): ?Turn
    {
        foreach ($turns as $turn) {
            if ($turn->wave === $wave) {
                return $turn;
            }
        }

        return null;
    }
}
