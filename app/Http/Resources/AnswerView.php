<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\House\House;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A school of practice that a standard is held under. */
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
        #[OA\Property(type: 'string', enum: ['standard', 'house', 'book'], description: 'Whose choice it is.')]
        public string $by,
    ) {}

    /** @return list<self> */
    public static function allOf(Standard $standard, House $house): array
    {
        $answers = [];
        foreach ($house->book->answers($standard, $house->settings->schools) as $key => $school) {
            $by = match (true) {
                isset($standard->schools[$key]) => 'standard',
                isset($house->settings->schools[$key]) => 'house',
                default => 'book',
            };
            $answers[] = new self($key, $house->book->questions[$key]->question, $school->title, $school->reason, $by);
        }

        return $answers;
    }
}
