<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\School\School;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A variant of practice that a standard is held under. */
#[OA\Schema]
final readonly class AnswerView
{
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $reason,
        #[OA\Property(type: 'string', enum: ['standard', 'school', 'book'], description: 'Whose choice it is.')]
        public string $by,
    ) {}

    /** @return list<self> */
    public static function allOf(Standard $standard, School $school): array
    {
        $said = $school->vocabulary()->say(...);
        $answers = [];
        foreach ($school->catalogue->answers($standard, $school->settings->variants) as $key => $variant) {
            $by = match (true) {
                isset($standard->variants[$key]) => 'standard',
                isset($school->settings->variants[$key]) => 'school',
                default => 'book',
            };
            $answers[] = new self($key, $said($school->catalogue->questions[$key]->question), $said($variant->title), $said($variant->reason), $by);
        }

        return $answers;
    }
}
