<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Http\Resources\StandardView;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The two-page sheet of a standard for a stated carcass weight: tray, pieces with their windows, times and cautions; criteria and faults. */
final readonly class StandardPrint
{
    public function __construct(private ShippedDocuments $shipped, private School $school) {}

    /** @return string a PDF */
    public function print(PublishedStandard $published, Mass $asPurchased): string
    {
        $view = StandardView::of($published, $this->shipped, $this->school);
        $options = new Options(['defaultFont' => 'DejaVu Sans Condensed', 'isRemoteEnabled' => false, 'isPhpEnabled' => false]);
        $options->setFontDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4', 'landscape');
        $pdf->loadHtml(view('prints.standard', [
            'view' => $view,
            'standard' => Standard::read(Node::of($view->document, 'standard')),
            'units' => $this->school->settings->units,
            'asPurchased' => $asPurchased,
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
