<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What a policy that is not published would do. */
#[OA\Schema]
final readonly class PolicyTrialView
{
    /**
     * @param list<PlacedError>    $problems
     * @param list<string>         $changes
     * @param list<TriedClassView> $classes
     * @param list<string>         $uncounted
     */
    public function __construct(
        #[OA\Property(type: 'array', description: 'What is wrong with it; then nothing else is said.', items: new OA\Items(ref: PlacedError::class))]
        public array $problems,
        #[OA\Property(type: 'array', description: 'Against the version in force, in words.', items: new OA\Items(type: 'string'))]
        public array $changes,
        #[OA\Property(description: 'What the decision rule means for a piece of 300 g.')]
        public ?string $guard,
        #[OA\Property(type: 'array', description: 'The last classes with final results.', items: new OA\Items(ref: TriedClassView::class))]
        public array $classes,
        #[OA\Property(type: 'array', description: 'Components that standards judge and this policy does not count.', items: new OA\Items(type: 'string'))]
        public array $uncounted,
    ) {}
}
