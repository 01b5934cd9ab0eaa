<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use RuntimeException;

/**
 * Says what a finished PDF is called and in which language it is, by an update added at its end as the format provides for: screen readers and windows
 * go by both, and the writer of the pages has no word for the second.
 */
final class PdfEnding
{
    public static function with(string $pdf, string $title, string $language): string
    {
        $ending = substr($pdf, -2048);
        $isWhole = preg_match('/\/Size (\d+).*?startxref\s+(\d+)/s', $ending, $end) === 1 && preg_match('/\/Root (\d+) 0 R/', $ending, $root) === 1;
        if (! $isWhole || preg_match("/(?:^|\n)$root[1] 0 obj\n<<(.*?)>>\nendobj/s", $pdf, $catalogue) !== 1) {
            throw new RuntimeException('A print has no ending to go on from.');
        }
        [$catalog, $info] = [(int) $root[1], (int) $end[1]];
        $objects = [
            $catalog => '<<'.rtrim($catalogue[1])."\n/Lang (".preg_replace('/[^A-Za-z-]/', '', $language).")\n/ViewerPreferences << /DisplayDocTitle true >> >>",
            $info => '<< /Title <FEFF'.strtoupper(bin2hex(mb_convert_encoding($title, 'UTF-16BE', 'UTF-8'))).'> /Producer (Imbrex) >>',
        ];
        $pdf = rtrim($pdf)."\n";
        $table = "xref\n";
        foreach ($objects as $number => $object) {
            $table .= sprintf("%d 1\n%010d 00000 n \n", $number, strlen($pdf));
            $pdf .= "$number 0 obj\n$object\nendobj\n";
        }

        return $pdf.$table.sprintf("trailer\n<< /Size %d /Root %d 0 R /Info %d 0 R /Prev %d >>\nstartxref\n%d\n%%%%EOF\n", $info + 1, $catalog, $info, (int) $end[2], strlen($pdf));
    }
}
