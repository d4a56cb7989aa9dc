<?php

declare(strict_types=1);

namespace App\Http\Prints;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as a PDF: real text, in the application's own type, which is embedded. */
final readonly class Pdf
{
    /** @param string $html with a size of page of its own; what it links to lies in the public folder */
    public static function of(string $html): string
    {
        $fonts = storage_path('framework/cache');
        $options = new Options(['defaultFont' => 'Atkinson Hyperlegible', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultMediaType' => 'print', 'chroot' => public_path(), 'fontDir' => $fonts, 'fontCache' => $fonts]);
        $pdf = new Dompdf($options);
        $pdf->setBasePath(public_path());
        $pdf->loadHtml($html);
        $pdf->render();

        return (string) $pdf->output();
    }
}
