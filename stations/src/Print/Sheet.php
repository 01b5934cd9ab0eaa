<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Dompdf\Adapter\CPDF;
use Dompdf\Cpdf as Writer;
use Imbrex\Core\Plan;

/**
 * Pages drawn straight into a PDF: what is measured is placed, not laid out. Points (1/72 in) from the top left corner of
 * the page, y down; text stands on its baseline.
 */
final class Sheet
{
    /** Points; the words are those of the rule. */
    private const PAPERS = ['letter' => [612.0, 792.0], 'A4' => [595.28, 841.89]];

    private readonly CPDF $canvas;

    private readonly Writer $pdf;

    /** @var array{normal: string, bold: string} */
    private readonly array $fonts;

    private bool $blank = true;

    public function __construct(public readonly float $width, public readonly float $height)
    {
        $printer = PrintFont::printer();
        $this->canvas = new CPDF([0.0, 0.0, $width, $height], 'portrait', $printer);
        $this->pdf = $this->canvas->get_cpdf();
        $metrics = $printer->getFontMetrics();
        $this->fonts = ['normal' => (string) $metrics->getFont(PrintFont::FAMILY, 'normal'), 'bold' => (string) $metrics->getFont(PrintFont::FAMILY, 'bold')];
    }

    /** The paper a job is printed on, upright or on its side. */
    public static function of(Plan $plan, bool $onItsSide = false): self
    {
        [$narrow, $long] = self::PAPERS[self::paper($plan)];

        return $onItsSide ? new self($long, $narrow) : new self($narrow, $long);
    }

    public static function paper(Plan $plan): string
    {
        return $plan->job->rules->choice('print.paper');
    }

    /** Goes on to a fresh page; the first one is there already. */
    public function page(): void
    {
        $this->blank ? $this->blank = false : $this->canvas->new_page();
    }

    /** Which page is drawn on, from 1. */
    public function number(): int
    {
        return $this->canvas->get_page_number();
    }

    /**
     * @param  'left'|'middle'|'right'  $from  which point of the text is placed
     * @param  float  $turned  degrees, against the clock
     */
    public function text(float $x, float $y, string $text, float $size, bool $bold = false, string $from = 'left', float $turned = 0.0): void
    {
        $back = match ($from) {
            'left' => 0.0,
            'middle' => $this->textWidth($text, $size, $bold) / 2.0,
            'right' => $this->textWidth($text, $size, $bold),
        };
        $radians = deg2rad($turned);
        $this->font($bold);
        $this->pdf->setColor([0.0, 0.0, 0.0]);
        $this->pdf->addText($x - $back * cos($radians), $this->height - $y - $back * sin($radians), $size, $text, -$turned);
    }

    /** Text no wider than this: set smaller where it would be. */
    public function fitted(float $x, float $y, string $text, float $size, float $most, bool $bold = false): void
    {
        $wide = $this->textWidth($text, $size, $bold);
        $this->text($x, $y, $text, $wide > $most ? $size * $most / $wide : $size, $bold);
    }

    /**
     * Text in lines no wider than this.
     *
     * @return float the last line's baseline
     */
    public function paragraph(float $x, float $y, string $text, float $size, float $most, bool $bold = false): float
    {
        foreach ($this->lines($text, $size, $most, $bold) as $number => $line) {
            $number > 0 && $y += $size * 1.2;
            $this->text($x, $y, $line, $size, $bold);
        }

        return $y;
    }

    /** @return list<string> */
    public function lines(string $text, float $size, float $most, bool $bold = false): array
    {
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = array_key_last($lines);
            $longer = trim("$lines[$last] $word");
            if ($lines[$last] !== '' && $this->textWidth($longer, $size, $bold) > $most) {
                $lines[] = $word;
            } else {
                $lines[$last] = $longer;
            }
        }

        return $lines;
    }

    public function textWidth(string $text, float $size, bool $bold = false): float
    {
        $this->font($bold);

        return (float) $this->pdf->getTextWidth($size, $text);
    }

    /** @param  list<float>  $dashes */
    public function line(float $x1, float $y1, float $x2, float $y2, float $stroke = 1.0, array $dashes = [], float $grey = 0.0): void
    {
        $this->canvas->line($x1, $y1, $x2, $y2, [$grey, $grey, $grey], $stroke, $dashes);
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  float|null  $fill  grey from 0 to 1; null leaves what lies under it
     */
    public function polygon(array $corners, ?float $fill, float $stroke, float $grey = 0.0): void
    {
        $flat = array_merge(...$corners, ...[$corners[0]]);
        if ($fill !== null) {
            $this->canvas->polygon($flat, [$fill, $fill, $fill], null, [], true);
        }
        $this->canvas->polygon($flat, [$grey, $grey, $grey], $stroke);
    }

    /** @param  callable(int $page, int $of): void  $mark  draws what stands on every page */
    public function onEveryPage(callable $mark): void
    {
        $this->canvas->page_script(static fn (int $page, int $of) => $mark($page, $of));
    }

    public function pdf(): string
    {
        return (string) $this->canvas->output();
    }

    private function font(bool $bold): void
    {
        $this->pdf->selectFont($this->fonts[$bold ? 'bold' : 'normal'].'.afm', '', true, true);
    }
}
