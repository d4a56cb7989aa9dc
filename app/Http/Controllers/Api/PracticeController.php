<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\FindOwnTries;
use App\Actions\FindPictures;
use App\Actions\MakeQuiz;
use App\Actions\ReadGroupPractice;
use App\Actions\ReadPractice;
use App\Actions\ReadProgress;
use App\Actions\ReadWrittenAnswers;
use App\Actions\RecordPractice;
use App\Actions\WrittenAnswers;
use App\Http\PhotoExchange;
use App\Http\Resources\HomeworkView;
use App\Http\Resources\NextPracticalView;
use App\Http\Resources\PracticeItemView;
use App\Http\Resources\PracticeShelfView;
use App\Http\Resources\PracticeView;
use App\Http\Resources\QuizQuestionView;
use App\Http\Resources\WrittenItemView;
use App\Http\SentFacts;
use App\Http\StandardsInBrief;
use App\Models\Attempt;
use App\Models\Homework;
use App\Models\PracticeFact;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Streak;
use DeftBlade\Core\Quiz\HowAnswered;
use DeftBlade\Core\Quiz\Pictured;
use DeftBlade\Core\Quiz\QuizKind;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Quiz\Schedule;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What anybody signed in practises by themselves. */
final class PracticeController
{
    private const LONGEST_ROUND = 40;

    private const MOST_ROUNDS = 1_000;

    #[OA\Get(path: '/practice', operationId: 'practice', tags: ['practice'])]
    #[OA\Response(response: 200, description: 'Every standard, what whoever asks cuts next first', content: new OA\JsonContent(ref: PracticeShelfView::class))]
    public function index(StandardsInBrief $standards, FindOwnTries $tries, ReadPractice $practice, ReadGroupPractice $homework, ReadWrittenAnswers $written, School $school, ShippedDocuments $shipped, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $latest = PublishedStandard::latestOfEach()->get();
        $brief = $standards->ofPublished($latest);
        $today = $school->today()->toDateString();
        $days = $tries->daysOf($user);
        $due = array_map(static fn(array $answers): int => Schedule::of($answers)->countDue($practice->today()), $practice->answersOf($user));
        $coming = $tries->coming($user, $today);
        $next = [];
        foreach ($coming as $attempt) {
            $next[$attempt->assessment->held->standard->key][] = $attempt->assessment->held_on->toDateString();
        }
        $items = array_values($latest->map(static fn(PublishedStandard $it): PracticeItemView => PracticeItemView::of($it, $brief[$it->id], $next[$it->key][0] ?? null, count($days[$it->key] ?? []) - count($next[$it->key] ?? []), $due[$it->key] ?? 0))->all());
        usort($items, static fn(PracticeItemView $one, PracticeItemView $other): int => [$one->next_on ?? '9999', -$one->tries, $one->title] <=> [$other->next_on ?? '9999', -$other->tries, $other->title]);

        return new JsonResponse(new PracticeShelfView(
            $items,
            Streak::of($practice->daysOf($user), $practice->today()),
            $school->settings->practice->isShown(),
            $this->homework($homework, $practice, $user),
            $coming === [] ? null : self::next($coming[0], $school, $shipped),
            array_map(WrittenItemView::of(...), array_values(array_filter(array_map($written->of(...), $coming), static fn(WrittenAnswers $it): bool => $it->isOpen))),
            Student::query()->with('accommodations')->where('user_id', $user->id)->get()->contains(static fn(Student $it): bool => $it->isSupervisedOn($school->today())),
        ));
    }

    #[OA\Get(path: '/practice/{standard}', operationId: 'followAlong', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'Its method card, and how whoever asks comes on with it', content: new OA\JsonContent(ref: PracticeView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard, ReadPractice $practice, ReadProgress $progress, ShippedDocuments $shipped, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $practised = $practice->standard($standard);
        $schedule = Schedule::of($practice->answersOf($user)[$standard->key] ?? []);

        return new JsonResponse(PracticeView::of($practised, $progress->of($user, $practised), $schedule, $practice->today(), $practice->reference($standard->key), Gate::allows('call', PublishedStandard::class) ? array_values(StudentGroup::query()->orderBy('name')->get()->all()) : [], $shipped, $school));
    }

    #[OA\Get(path: '/practice/{standard}/quiz', operationId: 'quiz', description: 'A round for a whole class.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'round', required: true, description: 'The same round asks the same of everybody.', schema: new OA\Schema(type: 'string', maxLength: self::LONGEST_ROUND))]
    #[OA\Response(response: 200, description: 'Questions with their answers', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: QuizQuestionView::class)))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function quiz(PublishedStandard $standard, Request $request, MakeQuiz $making, School $school): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $request->validate(['round' => ['required', 'string', 'max:'.self::LONGEST_ROUND]]);

        return self::questions($making->make($standard, $request->string('round')->toString()), $school);
    }

    #[OA\Get(path: '/practice/{standard}/due', operationId: 'dueQuestions', description: 'A round for whoever asks: what is due again, then what was never asked, what cost them points first.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'round', required: true, description: 'Of today, from 1; the same round asks the same all day.', schema: new OA\Schema(type: 'integer', minimum: 1, maximum: self::MOST_ROUNDS))]
    #[OA\Response(response: 200, description: 'Questions with their answers', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: QuizQuestionView::class)))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function due(PublishedStandard $standard, Request $request, MakeQuiz $making, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $request->validate(['round' => ['required', 'integer', 'min:1', 'max:'.self::MOST_ROUNDS]]);

        return self::questions($making->due($standard, $user, $request->integer('round')), $school);
    }

    #[OA\Get(path: '/practice/{standard}/pictures/{sha256}', operationId: 'quizPicture', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'A photograph that a question is about', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function picture(PublishedStandard $standard, string $sha256, ReadPractice $practice, FindPictures $finding, PhotoExchange $photos): Response
    {
        Gate::authorize('practise', PublishedStandard::class);
        PhotoExchange::checkDigest($sha256);
        $shown = array_merge([], ...array_map(static fn(Pictured $it): array => $it->pictures, $finding->of($practice->standard($standard))));

        return $photos->show($sha256, in_array($sha256, $shown, true));
    }

    #[OA\Post(path: '/practice/{standard}/facts', operationId: 'practised', description: 'Takes down what was answered, and that a card was followed to its end; each id is accepted once, so a request may be sent again.', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['device', 'facts'], properties: [
        new OA\Property(property: 'device', description: 'What the device is called.', type: 'string'),
        new OA\Property(property: 'offset_ms', description: 'What the clock of the device was put right by.', type: 'integer'),
        new OA\Property(property: 'facts', type: 'array', items: new OA\Items(required: ['id', 'at', 'kind'], properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'at', type: 'string', format: 'date-time'),
            new OA\Property(property: 'kind', description: 'A question that was answered, or a card followed to its end.', type: 'string', enum: [PracticeFact::ANSWER, PracticeFact::FOLLOWED]),
            new OA\Property(property: 'question', description: 'Of an answer: the kind of question.', type: 'string', enum: QuizKind::class),
            new OA\Property(property: 'about', description: 'Of an answer: what was asked about.', type: 'string'),
            new OA\Property(property: 'how', description: 'Of an answer.', type: 'string', enum: HowAnswered::class),
        ])),
    ]))]
    #[OA\Response(response: 204, description: 'Taken')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(PublishedStandard $standard, Request $request, RecordPractice $recording, #[CurrentUser] User $user): Response
    {
        Gate::authorize('practise', PublishedStandard::class);
        $sent = SentFacts::read($request, 'facts');
        $recording->answers($standard, $sent->documents(), $user, $sent->device, $sent->offsetMs);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    private static function next(Attempt $attempt, School $school, ShippedDocuments $shipped): NextPracticalView
    {
        $species = Standard::read(Node::of($attempt->assessment->held->document, 'standard'))->species;

        return NextPracticalView::of($attempt, $shipped->mise($species)->said($school->vocabulary()->say(...)));
    }

    /** @return list<HomeworkView> of their group, with whether they have done it */
    private function homework(ReadGroupPractice $reading, ReadPractice $practice, User $user): array
    {
        $group = Student::query()->where('user_id', $user->id)->whereNull('left_at')->first()?->group;
        $homework = $group === null ? [] : $reading->homeworkOf($group);
        $facts = $homework === [] ? [] : $practice->factsOf($user);

        return array_map(static fn(Homework $it): HomeworkView => HomeworkView::of($it, $practice->standard($it->standard)->standard->title, $it->isDoneBy($facts) ? 1 : 0), $homework);
    }

    /** @param list<QuizQuestion> $questions */
    private static function questions(array $questions, School $school): JsonResponse
    {
        $sentences = $school->sentences();

        return new JsonResponse(array_map(static fn(QuizQuestion $it): QuizQuestionView => QuizQuestionView::of($it, $sentences), $questions));
    }
}
