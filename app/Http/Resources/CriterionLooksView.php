<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\LookAt;
use DeftBlade\Core\Grading\Mark;
use DeftBlade\Core\Grading\TwoLooks;
use OpenApi\Attributes as OA;

/** How two assessors saw one criterion. */
#[OA\Schema]
final readonly class CriterionLooksView
{
    private function __construct(
        #[OA\Property]
        public string $criterion,
        #[OA\Property(ref: LookView::class, nullable: true)]
        public ?LookView $first,
        #[OA\Property(ref: LookView::class, nullable: true)]
        public ?LookView $second,
        #[OA\Property(ref: LookView::class, nullable: true)]
        public ?LookView $agreed,
        #[OA\Property(description: 'They lie further apart than the policy lets pass; its component waits until they agree.')]
        public bool $to_agree,
    ) {}

    /**
     * @param array<string, string> $names by id of a person
     *
     * @return list<self> of those judged at all, in the order of the standard
     */
    public static function allOf(AttemptResult $result, GradedClass $class, array $names): array
    {
        $toAgree = array_map(static fn(Mark $it): string => $it->criterion->id, $result->toAgree);

        return array_map(static fn(LookAt $it): self => new self(
            $it->criterion,
            LookView::of($it->first, $names),
            LookView::of($it->second, $names),
            LookView::of($it->agreed, $names),
            in_array($it->criterion, $toAgree, true),
        ), TwoLooks::criteria($result->attempt->log->history, $class->standard));
    }
}
