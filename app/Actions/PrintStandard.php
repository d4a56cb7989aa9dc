<?php

declare(strict_types=1);

namespace App\Actions;

use App\House\House;
use App\Http\Resources\StandardView;
use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Shelf;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The two-page sheet of a standard for a stated carcass weight: tray, pieces with their windows, times and cautions; criteria and faults. */
final readonly class PrintStandard
{
    public function __construct(private Shelf $shelf, private House $house) {}

    /** @return string a PDF */
    public function print(PublishedStandard $published, Mass $asPurchased): string
    {
        $view = StandardView::spoken($published, $this->shelf, $this->house);
        $options = new Options(['defaultFont' => 'DejaVu Sans Condensed', 'isRemoteEnabled' => false, 'isPhpEnabled' => false]);
        $options->setFontDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4', 'landscape');
        $pdf->loadHtml(view('prints.standard', [
            'view' => $view,
            'standard' => Standard::read(Node::of($view->document, 'standard')),
            'units' => $this->house->settings->units,
            'asPurchased' => $asPurchased,
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
