<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Dompdf\Dompdf;
use Dompdf\Options;
use Imbrex\Stations\Documents\Root;
use RuntimeException;

/** The application's own typeface for what is printed, and the printer it is known to; nothing is fetched from anywhere. */
final class PrintFont
{
    public const FAMILY = 'imbrex print';

    private const FILES = ['normal' => 'imbrex-print-regular.ttf', 'bold' => 'imbrex-print-bold.ttf'];

    public static function printer(): Dompdf
    {
        $folder = self::folder();
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont(self::FAMILY);
        $options->setTempDir(sys_get_temp_dir());
        $options->setFontDir($folder);
        $options->setFontCache($folder);
        $options->setChroot([Root::at('resources/views'), Root::at('resources/fonts')]);
        $printer = new Dompdf($options);
        foreach (self::FILES as $weight => $file) {
            $metrics = $printer->getFontMetrics();
            // Once for all: what is known stands in the folder.
            if (! isset($metrics->getFontFamilies()[self::FAMILY][$weight])) {
                $metrics->registerFont(['family' => self::FAMILY, 'style' => 'normal', 'weight' => $weight], 'file://'.Root::at("resources/fonts/$file"));
            }
        }

        return $printer;
    }

    /** Where what is known of the typeface is kept; for this machine alone where the application may not write. */
    private static function folder(): string
    {
        foreach ([Root::at('storage/framework/fonts'), sys_get_temp_dir().'/imbrex-fonts'] as $folder) {
            if ((is_dir($folder) || @mkdir($folder, 0755, true) || is_dir($folder)) && is_writable($folder)) {
                return $folder;
            }
        }

        throw new RuntimeException('The typeface for print can be kept nowhere.');
    }
}
