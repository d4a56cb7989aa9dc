<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\PlannedList;
use App\School\School;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A list of a brief: what is cut, by whom, from what. */
#[OA\Schema]
final readonly class BriefListView
{
    /**
     * @param list<BriefStudentView> $students
     * @param list<string>           $cuts
     * @param list<string>           $cautions
     * @param list<string>           $mise
     * @param list<AnswerView>       $variants
     */
    private function __construct(
        #[OA\Property(description: 'Of the standard; null where none is chosen.')]
        public ?string $title,
        #[OA\Property]
        public ?int $version,
        #[OA\Property(description: 'Where a later version is published.')]
        public ?int $later_version,
        #[OA\Property(ref: TrayLayoutView::class, nullable: true)]
        public ?TrayLayoutView $layout,
        #[OA\Property(type: 'array', description: 'The pieces asked for.', items: new OA\Items(type: 'string'))]
        public array $cuts,
        #[OA\Property]
        public ?int $standard_ms,
        #[OA\Property]
        public ?int $limit_ms,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property(type: 'array', description: 'What must be in order at each station.', items: new OA\Items(type: 'string'))]
        public array $mise,
        #[OA\Property(type: 'array', description: 'Variants of practice it is held under that are not the book\'s.', items: new OA\Items(ref: AnswerView::class))]
        public array $variants,
        #[OA\Property(type: 'array', description: 'In the order of stations.', items: new OA\Items(ref: BriefStudentView::class))]
        public array $students,
        #[OA\Property(ref: BriefOrderView::class, nullable: true)]
        public ?BriefOrderView $order,
    ) {}

    public static function of(PlannedList $list, School $school): self
    {
        $students = array_map(static fn(int $index): BriefStudentView => BriefStudentView::of($list, $index), array_keys($list->students));
        if ($list->published === null || $list->standard === null) {
            return new self(null, null, null, null, [], null, null, [], [], [], $students, null);
        }
        $document = $school->said($school->held($list->published->document));
        $latest = $list->published->latest()->version;
        $standard = $list->standard;

        return new self(
            $standard->title,
            $list->published->version,
            $latest > $list->published->version ? $latest : null,
            TrayLayoutView::of($document, $standard),
            array_map(static fn(Piece $it): string => $it->title, array_values($standard->cuts->pieces)),
            $standard->time === null ? null : (int) $standard->time->standardMs,
            $standard->time === null ? null : (int) $standard->time->limitMs,
            array_map(static fn(Node $it): string => $it->text(), Node::of($document, 'standard')->itemsOf('cautions')),
            array_values(array_map(static fn(MiseItem $it): string => $school->vocabulary()->say($it->title), (new ShippedDocuments())->mise($standard->species)->items)),
            array_values(array_filter(AnswerView::allOf(Standard::read(Node::of($list->published->document, 'standard')), $school), static fn(AnswerView $it): bool => $it->by !== 'book')),
            $students,
            $list->order === null ? null : BriefOrderView::of($list->order, $list->isPriced),
        );
    }
}
