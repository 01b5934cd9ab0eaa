<?php

declare(strict_types=1);

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\Sizes;

/*
 * The ends of panels laid sideways behind a curb: the path comes along them to the side zee at 0 and goes on over the panels
 * that run up the slope, which go on under it. Water leaves at the side, over the zee; it is screwed outboard of its web only.
 */
$rib = static fn (Sizes $z): float => $z->rib;

return [
    new Build('side-zee', EdgeKind::CrossEnd, [Fixing::Seam, Fixing::Cap], [
        new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, Layer::FIELD, lap: 6),
        new Layer('panel-lower', LayerRole::Panel, static fn (Sizes $z): float => $z->back, Layer::FIELD),
        new Layer('fill-board', LayerRole::Closure, -Layer::FIELD, -1.0, high: $rib),
        new Layer('tape', LayerRole::Tape, 0.0, 1.5),
        new Layer('side-zee', LayerRole::Zee, -1.0, 1.5, new Fastener(FastenerKind::Washered, 12, [1.0]), lap: 4, high: $rib, shape: 'side-zee'),
        new Layer('tape-over', LayerRole::Tape, -1.0, 0.0),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past, hem: static fn (Sizes $z): float => $z->hem),
    ]),
];
