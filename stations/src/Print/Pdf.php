<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Dompdf\Canvas;
use Dompdf\FontMetrics;
use Imbrex\Stations\Edition;

/** Prints a template to PDF, black on white, on the job's paper, with what stands at every sheet's foot. */
final readonly class Pdf
{
    public function __construct(private PrintFoot $foot, private Template $template)
    {
    }

    /** @param  array<string, mixed>  $data */
    public function print(string $view, Edition $edition, array $data): string
    {
        $printer = PrintFont::printer();
        $printer->setPaper(Sheet::paper($edition->plan()));
        $printer->loadHtml($this->template->fill($view, [...$data, 'edition' => $edition, 'plan' => $edition->plan()]));
        $printer->render();
        $printer->getCanvas()->page_script(function (int $page, int $of, Canvas $canvas, FontMetrics $metrics) use ($edition): void {
            $text = "{$this->foot->plan($edition)} · {$this->foot->page($page, $of)}";
            $font = (string) $metrics->getFont(PrintFont::FAMILY, 'bold');
            $canvas->text($canvas->get_width() - 30.0 - $canvas->get_text_width($text, $font, 8.0), $canvas->get_height() - 24.0, $text, $font, 8.0);
        });

        return (string) $printer->output();
    }
}
