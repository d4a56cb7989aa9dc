<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Http\Prints\CutMap\CutMapDrawing;
use App\Http\Resources\StandardView;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** The sheet of a standard for a stated carcass weight: cut map, tray, pieces with their windows, method and cautions; criteria and faults. */
final readonly class StandardPrint
{
    public function __construct(private ShippedDocuments $shipped, private School $school) {}

    /** @return string a PDF */
    public function print(PublishedStandard $published, Mass $asPurchased, Paper $paper): string
    {
        $view = StandardView::of($published, $this->shipped, $this->school);
        $standard = Standard::read(Node::of($view->document, 'standard'));
        $plan = $this->shipped->planOf($standard->carcass);

        return Pdf::of(view('prints.standard', [
            'view' => $view,
            'standard' => $standard,
            'map' => CutMapDrawing::of($standard, $plan === null ? null : Node::of($this->school->said($plan), 'plan')),
            'units' => $this->school->settings->units,
            'asPurchased' => $asPurchased,
            'paper' => $paper,
            'nonce' => null,
        ])->render());
    }
}
