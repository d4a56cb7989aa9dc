<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadRecord;
use App\Http\AskedDays;
use App\Http\CsvFile;
use App\Http\Prints\Paper;
use App\Http\Prints\Pdf;
use App\Models\Attempt;
use App\Models\Student;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What one student was given over a term, as a file. */
final class RecordController
{
    private const USUAL_DAYS = 111;

    public function __construct(private readonly School $school, private readonly ReadRecord $reading) {}

    #[OA\Get(path: '/students/{student}/record.csv', operationId: 'recordCsv', tags: ['roster'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'from', description: 'The Monday 15 weeks ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: '16 weeks where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The released results', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request, Student $student, #[CurrentUser] User $user): Response
    {
        return CsvFile::of('record.csv', [['Day', 'Practical', 'Standard', 'Total', 'Band', 'Version'], ...$this->rows($request, $student, $user)]);
    }

    #[OA\Get(path: '/students/{student}/record.pdf', operationId: 'recordPdf', tags: ['roster'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The released results on a page', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    public function pdf(Request $request, Student $student, #[CurrentUser] User $user): Response
    {
        $page = view('prints.record', [
            'student' => $student->name,
            'number' => $student->number,
            'school' => $this->school->settings->name,
            'rows' => $this->rows($request, $student, $user),
            'paper' => Paper::usualWith($this->school->settings->units),
            'nonce' => null,
        ]);

        return new Response(Pdf::of($page->render()), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="record.pdf"']);
    }

    /** @return list<list<string|int|float|null>> */
    private function rows(Request $request, Student $student, User $user): array
    {
        Gate::authorize('enrol', Student::class);
        $days = AskedDays::of($request, $this->school->today()->subWeeks(15)->startOfWeek(), self::USUAL_DAYS);
        $words = $this->school->vocabulary();

        return array_map(static fn(Attempt $it): array => [
            $it->assessment->held_on->toDateString(),
            $it->assessment->title,
            $words->say(Node::of($it->assessment->held->document, 'standard')->textOf('title', $it->assessment->held->standard->key)),
            $it->release?->total,
            $it->release?->band,
            $it->release?->version,
        ], $this->reading->of($student, $days->from, $days->to, $user));
    }
}
