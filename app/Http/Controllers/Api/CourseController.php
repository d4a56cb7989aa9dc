<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadCourse;
use App\Http\AskedDays;
use App\Http\Resources\CourseView;
use App\Models\Student;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How a student came on over a course. */
final class CourseController
{
    private const USUAL_DAYS = 366;

    #[OA\Get(path: '/students/{student}/course', operationId: 'course', tags: ['look back'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'from', description: 'A year ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: 'A year after it where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'Every released result, standard by standard', content: new OA\JsonContent(ref: CourseView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request, Student $student, ReadCourse $reading, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $days = AskedDays::of($request, $school->today()->subDays(self::USUAL_DAYS - 1), self::USUAL_DAYS - 1);

        return new JsonResponse(CourseView::of($student->load('group'), $days->from, $days->to, $reading->of($student, $days->from, $days->to, $user), $school));
    }
}
