<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;

/** Draws a face with its panels in black on white, to scale: every piece, what comes through, the control line. */
final readonly class FaceDrawing
{
    private const WIDTH = 680.0;

    private const MOST_HEIGHT = 330.0;

    private const MARGIN = 14.0;

    public function svg(Plan $plan, Face $face): string
    {
        $bounds = $face->outline->bounds();
        $scale = min((self::WIDTH - 2 * self::MARGIN) / max(1.0, $bounds->width()), (self::MOST_HEIGHT - 2 * self::MARGIN) / max(1.0, $bounds->height()));
        $height = $bounds->height() * $scale + 2 * self::MARGIN;
        $at = static fn (Point $p): array => [self::MARGIN + ($p->u - $bounds->left) * $scale, $height - self::MARGIN - ($p->v - $bounds->bottom) * $scale];
        $points = static fn (Polygon $loop): string => implode(' ', array_map(static fn (Point $p): string => vsprintf('%.2f,%.2f', $at($p)), $loop->corners));
        $parts = array_map(static fn (Panel $p): string => '<polygon points="'.$points($p->metal).'" fill="#fff" stroke="#777" stroke-width="0.7"/>', $plan->of(CuttingStage::class)->panelsOf($face->id));
        foreach ($face->region()->loops() as $number => $loop) {
            foreach ($face->edgesOfLoop($number) as $side => $kind) {
                [$x1, $y1] = $at($loop->corner($side));
                [$x2, $y2] = $at($loop->corner($side + 1));
                $parts[] = sprintf('<line x1="%.2f" y1="%.2f" x2="%.2f" y2="%.2f" stroke="#000" stroke-width="%s"/>', $x1, $y1, $x2, $y2, $kind === EdgeKind::Rake ? '2.6' : '1.6');
            }
        }
        foreach ($face->openings as $opening) {
            $parts[] = '<polygon points="'.$points($opening->outline).'" fill="#ddd" stroke="#000" stroke-width="1.2"/>';
        }
        [$x, $top] = $at(new Point($plan->of(LayoutStage::class)->layouts[$face->id]->control, $bounds->top));
        [, $bottom] = $at(new Point(0.0, $bounds->bottom));
        $parts[] = sprintf('<line x1="%.2f" y1="%.2f" x2="%.2f" y2="%.2f" stroke="#000" stroke-width="1.8" stroke-dasharray="9,3,2,3"/>', $x, $top - 10, $x, $bottom + 10);

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%.0f" height="%.0f" viewBox="0 0 %.0f %.0f">%s</svg>', self::WIDTH, $height, self::WIDTH, $height, implode('', $parts));
    }
}
