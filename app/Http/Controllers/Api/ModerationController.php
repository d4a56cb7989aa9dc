<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ClassFlags;
use App\Actions\ClassModeration;
use App\Actions\HideFirstLook;
use App\Http\Resources\BandCountView;
use App\Http\Resources\ModerationRowView;
use App\Http\Resources\ModerationView;
use App\Http\Resources\NameView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use App\Models\Role;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\Band;
use DeftBlade\Core\Grading\Moderation;
use DeftBlade\Core\Grading\Status;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class ModerationController
{
    private const EARLIER_CLASSES = 12;

    #[OA\Get(path: '/assessments/{assessment}/moderation', operationId: 'moderation', tags: ['moderation'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'Whom to mark twice, what is to be agreed, what stands in the way of releasing', content: new OA\JsonContent(ref: ModerationView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function show(Assessment $assessment, HideFirstLook $hiding, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('moderate', $assessment);
        $assessment->load(['group', 'attempts.student', 'attempts.release.releasedBy']);
        $class = ClassModeration::of($assessment, $assessment->attempts);
        $hiding->from($user, $assessment->attempts);
        $flags = ClassFlags::of($assessment->attempts);
        $people = $this->people($assessment);
        $assessors = array_filter($people, static fn(User $it): bool => $it->left_at === null && $it->role->mayCapture());
        $sentences = $school->sentences();
        $earlier = $this->earlier($assessment);
        $counts = array_count_values(ResultRow::query()->whereIn('assessment_id', $earlier)->where('status', Status::Final)->whereNotNull('band')->get('band')->map(static fn(ResultRow $it): string => (string) $it->band)->all());

        return new JsonResponse(new ModerationView(
            $assessment->title,
            $assessment->group->name,
            $assessment->held_on->toDateString(),
            $assessment->is_rehearsal,
            $assessment->cancelled,
            $class->policy->moderation !== null,
            $class->policy->moderation->thirdAgrees ?? false,
            $class->policy->moderation->share ?? Moderation::USUAL_SHARE,
            array_map(NameView::of(...), array_values($assessors)),
            array_values($assessment->attempts->map(static fn(Attempt $it): ModerationRowView => ModerationRowView::of($it, $class, $user, $people, $flags->flagsOf($it->id, $it->row->flags), $sentences))->all()),
            array_map(static fn(Band $it): BandCountView => new BandCountView(
                $it->label,
                $assessment->attempts->filter(static fn(Attempt $attempt): bool => $attempt->row->status === Status::Final && $attempt->row->band === $it->label)->count(),
                $counts[$it->label] ?? 0,
            ), $class->policy->bands),
            count($earlier),
        ));
    }

    /** @return array<string, User> whoever may mark or did, by id, in the order of names */
    private function people(Assessment $assessment): array
    {
        $named = $assessment->attempts->flatMap(static fn(Attempt $it): array => [...$it->row->judged_by, ...$it->row->second_open, ...$it->row->second_finished])->unique()->all();

        return User::query()->whereIn('role', [Role::Instructor, Role::Assessor])->orWhereIn('id', $named)->orderBy('name')->get()->mapWithKeys(static fn(User $it): array => [$it->id => $it])->all();
    }

    /** @return list<string> ids of the last classes before it that were held against the same standard */
    private function earlier(Assessment $assessment): array
    {
        $found = Assessment::query()->where('is_rehearsal', false)->heldBefore($assessment, $assessment->held->loadMissing('standard')->standard->key)
            ->latest('held_on')->orderBy('id')->limit(self::EARLIER_CLASSES)->pluck('id')->all();

        return array_values(array_filter($found, is_string(...)));
    }
}
