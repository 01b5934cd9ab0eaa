<?php

declare(strict_types=1);

namespace App\Exports;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Prints a Blade view to PDF, black on white, letter size; nothing is fetched from anywhere. */
final class Pdf
{
    /** @param  array<string, mixed>  $data */
    public function print(string $view, array $data): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(sys_get_temp_dir());
        $options->setFontCache($this->fontCache());
        $options->setChroot([resource_path('views')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('letter');
        $pdf->loadHtml(view($view, $data)->render());
        $pdf->render();

        return (string) $pdf->output();
    }

    private function fontCache(): string
    {
        $folder = storage_path('framework/fonts');
        if (! is_dir($folder)) {
            mkdir($folder, 0755, true);
        }

        return $folder;
    }
}
