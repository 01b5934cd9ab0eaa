<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** What stands on the pages of a PDF drawn by the application: texts and lines with their places, points from the lower left corner. */
final class PdfText
{
    /** @var list<array{text: string, x: float, y: float, size: float, turned: bool}> */
    public array $texts = [];

    /** @var list<array{float, float, float, float}> */
    public array $strokes = [];

    /** @return list<self> a page each */
    public static function pages(string $pdf): array
    {
        preg_match_all("#stream\n(.*?)\nendstream#s", $pdf, $streams);
        $pages = [];
        foreach ($streams[1] as $stream) {
            $content = @gzuncompress($stream);
            if ($content !== false && preg_match('/^BT /m', $content) === 1) {
                $pages[] = self::read($content);
            }
        }

        return $pages === [] ? throw new RuntimeException('no page with text') : $pages;
    }

    /** @return list<string> */
    public function said(): array
    {
        return array_column($this->texts, 'text');
    }

    public function all(): string
    {
        return implode("\n", $this->said());
    }

    private static function read(string $content): self
    {
        $page = new self;
        $number = '(-?[\d.]+)';
        preg_match_all("/BT (?:$number $number Td|$number $number $number $number $number $number Tm) \/F\d+ $number Tf.*?\[\((.*?)(?<!\\\\)\)\] TJ ET/s", $content, $found, PREG_SET_ORDER);
        foreach ($found as $one) {
            $turned = $one[1] === '';
            $page->texts[] = [
                'text' => (string) mb_convert_encoding((string) preg_replace('/\\\\(.)/s', '$1', $one[10]), 'UTF-8', 'UTF-16BE'),
                'x' => (float) ($turned ? $one[7] : $one[1]), 'y' => (float) ($turned ? $one[8] : $one[2]), 'size' => (float) $one[9], 'turned' => $turned,
            ];
        }
        preg_match_all("/^$number $number m ((?:$number $number l\s*)+)\s*S?/m", $content, $paths, PREG_SET_ORDER);
        foreach ($paths as $path) {
            preg_match_all("/$number $number l/", $path[3], $to, PREG_SET_ORDER);
            [$x, $y] = [(float) $path[1], (float) $path[2]];
            foreach ($to as $end) {
                $page->strokes[] = [$x, $y, (float) $end[1], (float) $end[2]];
                [$x, $y] = [(float) $end[1], (float) $end[2]];
            }
        }

        return $page;
    }
}
