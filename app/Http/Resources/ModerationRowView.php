<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassModeration;
use App\Actions\ReleaseState;
use App\Models\Attempt;
use App\Models\User;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Grading\TwiceCause;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** One tray, as whoever moderates the class sees it. */
#[OA\Schema]
final readonly class ModerationRowView
{
    /**
     * @param list<TwiceCauseView> $causes
     * @param list<NameView>       $first_by
     * @param list<NameView>       $open
     * @param list<NameView>       $finished
     * @param list<PauseView>      $pauses
     * @param list<FlagView>       $flags
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property(type: 'string', enum: Status::class)]
        public Status $status,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(type: 'array', description: 'Why it should be marked twice; nothing where it need not.', items: new OA\Items(ref: TwiceCauseView::class))]
        public array $causes,
        #[OA\Property(type: 'array', description: 'Who gave its first levels.', items: new OA\Items(ref: NameView::class))]
        public array $first_by,
        #[OA\Property(type: 'array', description: 'Who is asked for a second look, or at it.', items: new OA\Items(ref: NameView::class))]
        public array $open,
        #[OA\Property(type: 'array', description: 'Who has given it.', items: new OA\Items(ref: NameView::class))]
        public array $finished,
        #[OA\Property(description: 'Criteria that both judged, and not alike.')]
        public int $differ,
        #[OA\Property(description: 'Of these, those that lie too far apart and are not agreed.')]
        public int $to_agree,
        #[OA\Property]
        public int $agreed,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PauseView::class))]
        public array $pauses,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FlagView::class))]
        public array $flags,
        #[OA\Property(ref: ReleaseView::class, nullable: true)]
        public ?ReleaseView $release,
        #[OA\Property(type: 'string', enum: ReleaseState::class)]
        public ReleaseState $release_state,
        #[OA\Property(description: 'The person who asks marks it a second time; what was judged is hidden from them.')]
        public bool $is_hidden,
    ) {}

    /**
     * @param Attempt             $attempt as far as this person may see it
     * @param array<string, User> $people  by id
     * @param list<Flag>          $flags
     */
    public static function of(Attempt $attempt, ClassModeration $class, User $user, array $people, array $flags, Sentences $sentences): self
    {
        $row = $attempt->row;
        $isHidden = $attempt->isBlindTo($user);
        $causes = $isHidden ? [] : $class->causesOf($attempt);
        $looks = $class->looksOf($attempt);

        return new self(
            $attempt->id,
            $row->station,
            $attempt->student->name,
            $row->status,
            $row->total,
            $row->band,
            array_map(static fn(TwiceCause $it): TwiceCauseView => TwiceCauseView::of($it, $sentences), $causes),
            NameView::among($row->judged_by, $people),
            NameView::among($row->second_open, $people),
            NameView::among($row->second_finished, $people),
            $looks->differ,
            $looks->toAgree,
            $looks->agreed,
            $isHidden ? [] : PauseView::allOf($attempt, $flags, $causes !== [] && $row->second_open === [] && $row->second_finished === [], $sentences),
            FlagView::allOf($flags, $sentences),
            $attempt->release === null ? null : ReleaseView::of($attempt->release),
            ReleaseState::of($attempt),
            $isHidden,
        );
    }
}
