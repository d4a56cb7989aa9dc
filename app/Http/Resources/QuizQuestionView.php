<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Quiz\MassWanted;
use DeftBlade\Core\Quiz\QuizKind;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** A question with its answer: nothing hangs on it, and it is answered without a network too. */
#[OA\Schema]
final readonly class QuizQuestionView
{
    /**
     * @param list<string>                                            $options
     * @param array{low_mg: int, high_mg: int, expected_mg: int}|null $mass
     * @param list<string>                                            $pictures
     * @param list<string>                                            $parts
     */
    private function __construct(
        #[OA\Property(type: 'string', enum: QuizKind::class)]
        public QuizKind $kind,
        #[OA\Property(description: 'What is asked about: id of a part, piece, criterion, item, or a step counted from 0.')]
        public string $about,
        #[OA\Property]
        public string $ask,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Empty where a mass is asked for.')]
        public array $options,
        #[OA\Property(description: 'Which option is right, counted from 0; null where a mass is asked for.')]
        public ?int $right,
        #[OA\Property(type: 'object', required: ['low_mg', 'high_mg', 'expected_mg'], properties: [
            new OA\Property(property: 'low_mg', type: 'integer'),
            new OA\Property(property: 'high_mg', type: 'integer'),
            new OA\Property(property: 'expected_mg', type: 'integer'),
        ], nullable: true, description: 'What the mass that is asked for is held against.')]
        public ?array $mass,
        #[OA\Property(description: 'What the standard says.')]
        public string $why,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'SHA-256 of the photographs that are asked about.')]
        public array $pictures,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Parts of the carcass that are asked about, to be shown on it.')]
        public array $parts,
    ) {}

    public static function of(QuizQuestion $it, Sentences $sentences): self
    {
        $mass = static fn(MassWanted $wanted): array => ['low_mg' => $wanted->low->mg, 'high_mg' => $wanted->high->mg, 'expected_mg' => $wanted->expected->mg];

        return new self($it->kind, $it->about, $sentences->say($it->ask), array_map(static fn(Message $option): string => $sentences->say($option), $it->options), $it->right, $it->mass === null ? null : $mass($it->mass), $sentences->say($it->why), $it->pictures, $it->parts);
    }
}
