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
 * Ridges and hips: the path climbs one face to the line at 0 and falls on the other. What is said of one side stands on both.
 * A peak has a fascia on its other side.
 */
$rib = static fn (Sizes $z): float => $z->rib;
$past = static fn (Sizes $z): float => $z->past;
$far = static fn (Sizes $z): float => -$z->past;
$panels = static fn (?Fastener $fastener = null): array => [
    new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past, $fastener),
    new Layer('panel-far', LayerRole::Panel, $far, Layer::FIELD, $fastener),
];
$membrane = static fn (): Layer => new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, Layer::FIELD, lap: 6);
$cap = static fn (float $leg, ?Fastener $fastener, float $lap = 4.0): Layer => new Layer('cap', LayerRole::Trim, -$leg, $leg, $fastener, lap: $lap, hem: 0.625);
$zees = static fn (): array => [
    new Layer('tape', LayerRole::Tape, -6, -5),
    new Layer('tape-far', LayerRole::Tape, 5, 6),
    new Layer('zee', LayerRole::Zee, -6, -5, new Fastener(FastenerKind::Pancake, 4, [-5.5]), high: $rib),
    new Layer('zee-far', LayerRole::Zee, 5, 6, new Fastener(FastenerKind::Pancake, 4, [5.5]), high: $rib),
];
$seamSealant = static fn (): array => [
    new Layer('seam-sealant', LayerRole::Sealant, -6, -5),
    new Layer('seam-sealant-far', LayerRole::Sealant, 5, 6),
];
$riveted = new Fastener(FastenerKind::Rivet, 0, [-5.75, 5.75]);
$stitched = new Fastener(FastenerKind::Stitch, 0, [-6, 6]);
$slotted = static fn (): array => [
    new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, -1.5, lap: 6),
    new Layer('membrane-far', LayerRole::Membrane, 1.5, Layer::FIELD, lap: 6),
];
$vents = static fn (float $from, float $to, float|Closure $high): array => [
    new Layer('vent-strip', LayerRole::Vent, -$to, -$from, high: $high),
    new Layer('vent-strip-far', LayerRole::Vent, $from, $to, high: $high),
];
$closures = static fn (): array => [
    new Layer('tape', LayerRole::Tape, -6.5, -5.5),
    new Layer('tape-far', LayerRole::Tape, 5.5, 6.5),
    new Layer('outside-closure', LayerRole::Closure, -6.5, -5.5, high: $rib),
    new Layer('outside-closure-far', LayerRole::Closure, 5.5, 6.5, high: $rib),
    new Layer('tape-over', LayerRole::Tape, -6.5, -5.5),
    new Layer('tape-over-far', LayerRole::Tape, 5.5, 6.5),
];
$heads = static fn (): array => [
    new Layer('head-closure', LayerRole::Closure, -4, -2.5, high: $rib),
    new Layer('head-closure-far', LayerRole::Closure, 2.5, 4, high: $rib),
    new Layer('head-sealant', LayerRole::Sealant, -2.5, -2),
    new Layer('head-sealant-far', LayerRole::Sealant, 2, 2.5),
    new Layer('tape', LayerRole::Tape, -4, -2.5),
    new Layer('tape-far', LayerRole::Tape, 2.5, 4),
    new Layer('offset-cleat', LayerRole::Cleat, -5, -2.5, new Fastener(FastenerKind::Lap, 6, [-3])),
    new Layer('offset-cleat-far', LayerRole::Cleat, 2.5, 5, new Fastener(FastenerKind::Lap, 6, [3])),
];

return [
    new Build('ridge-zee', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [$membrane(), ...$panels(), ...$zees(), ...$seamSealant(), $cap(6.625, $riveted)]),
    new Build('ridge-zee-vented', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [...$slotted(), ...$panels(), ...$vents(5, 6, $rib), $cap(6.625, $riveted)], vented: true),
    new Build('ridge-strip-vented', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [
        ...$slotted(), ...$panels(), ...$zees(),
        new Layer('tape-over', LayerRole::Tape, -6, -5.25),
        new Layer('tape-over-far', LayerRole::Tape, 5.25, 6),
        ...$vents(5.25, 6, 0.75),
        $cap(6.625, new Fastener(FastenerKind::Lap, 6, [-5.75, 5.75])),
    ], vented: true),
    new Build('ridge-heads', EdgeKind::Ridge, [Fixing::Cap], [$membrane(), ...$panels(), ...$heads(), $cap(5.625, null)]),
    new Build('screwed-ridge', EdgeKind::Ridge, [Fixing::Screwed], [$membrane(), ...$panels(), ...$closures(), $cap(7.5, $stitched)]),
    new Build('screwed-ridge-vented', EdgeKind::Ridge, [Fixing::Screwed], [...$slotted(), ...$panels(), ...$vents(5.5, 6.5, $rib), $cap(7.0, $stitched)], vented: true),
    new Build('hip-zee', EdgeKind::Hip, [Fixing::Seam, Fixing::Cap], [$membrane(), ...$panels(), ...$zees(), ...$seamSealant(), $cap(6.625, $riveted)]),
    new Build('hip-heads', EdgeKind::Hip, [Fixing::Cap], [$membrane(), ...$panels(), ...$heads(), $cap(5.625, null)]),
    new Build('screwed-hip', EdgeKind::Hip, [Fixing::Screwed], [$membrane(), ...$panels(), ...$closures(), $cap(7.5, $stitched)]),
    new Build('peak-nose', EdgeKind::Peak, [Fixing::Seam, Fixing::Cap], [
        new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, 1, lap: 6),
        new Layer('peak-flashing', LayerRole::Trim, -3, 3, new Fastener(FastenerKind::Pancake, 6, [-2.25]), lap: 4, hem: 0.5),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past + 0.5, hem: static fn (Sizes $z): float => $z->hem),
        new Layer('seam-sealant', LayerRole::Stiffener, -0.5, 0.5),
    ]),
    new Build('screwed-peak', EdgeKind::Peak, [Fixing::Screwed], [
        new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, 1, lap: 6),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past),
        new Layer('tape', LayerRole::Tape, -3, -2),
        new Layer('outside-closure', LayerRole::Closure, -3, -2, high: $rib),
        new Layer('tape-over', LayerRole::Tape, -3, -2),
        new Layer('peak-cap', LayerRole::Trim, -4, 3, new Fastener(FastenerKind::Stitch, 0, [-2.5]), lap: 4, hem: 0.5),
    ]),
];
