<?php

declare(strict_types=1);

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Builds\TrimBook;
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
// A cap lies on the seams: its legs end as much nearer to the ridge on the deck as their height takes.
$cap = static fn (string $shape, ?Fastener $fastener, float $lap = 4.0): Layer => new Layer(
    'cap', LayerRole::Trim,
    static fn (Sizes $z): float => $z->lost() - (TrimBook::shipped()->shape($shape)?->leg(0, $z) ?? 0.0),
    static fn (Sizes $z): float => (TrimBook::shipped()->shape($shape)?->leg(1, $z) ?? 0.0) - $z->lost(),
    $fastener, lap: $lap, hem: 0.625, shape: $shape,
);
// Off the line, on the first face and on the second.
$in = static fn (float $off): Closure => static fn (Sizes $z): float => -$z->line + $off;
$inFar = static fn (float $off): Closure => static fn (Sizes $z): float => $z->line - $off;
// In the outer half of what is hooked or closed there.
$held = static fn (FastenerKind $kind, float $spacing, float $off): Fastener => new Fastener($kind, $spacing, [$in($off), $inFar($off)]);
$zees = static fn (): array => [
    new Layer('tape', LayerRole::Tape, $in(0.0), $in(1.0)),
    new Layer('tape-far', LayerRole::Tape, $inFar(1.0), $inFar(0.0)),
    new Layer('zee', LayerRole::Zee, $in(0.0), $in(1.0), new Fastener(FastenerKind::Pancake, 4, [$in(0.5)]), high: $rib, shape: 'zee'),
    new Layer('zee-far', LayerRole::Zee, $inFar(1.0), $inFar(0.0), new Fastener(FastenerKind::Pancake, 4, [$inFar(0.5)]), high: $rib, shape: 'zee'),
];
$seamSealant = static fn (): array => [
    new Layer('seam-sealant', LayerRole::Sealant, $in(0.0), $in(1.0)),
    new Layer('seam-sealant-far', LayerRole::Sealant, $inFar(1.0), $inFar(0.0)),
];
$riveted = $held(FastenerKind::Rivet, 0, 0.25);
$stitched = $held(FastenerKind::Stitch, 0, 0.5);
$slotted = static fn (): array => [
    new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, -1.5, lap: 6),
    new Layer('membrane-far', LayerRole::Membrane, 1.5, Layer::FIELD, lap: 6),
];
$vents = static fn (float $wide, float|Closure $high): array => [
    new Layer('vent-strip', LayerRole::Vent, $in(0.0), $in($wide), high: $high),
    new Layer('vent-strip-far', LayerRole::Vent, $inFar($wide), $inFar(0.0), high: $high),
];
$closures = static fn (): array => [
    new Layer('tape', LayerRole::Tape, $in(0.0), $in(1.0)),
    new Layer('tape-far', LayerRole::Tape, $inFar(1.0), $inFar(0.0)),
    new Layer('outside-closure', LayerRole::Closure, $in(0.0), $in(1.0), high: $rib),
    new Layer('outside-closure-far', LayerRole::Closure, $inFar(1.0), $inFar(0.0), high: $rib),
    new Layer('tape-over', LayerRole::Tape, $in(0.0), $in(1.0)),
    new Layer('tape-over-far', LayerRole::Tape, $inFar(1.0), $inFar(0.0)),
];
$heads = static fn (): array => [
    new Layer('head-closure', LayerRole::Closure, -4, -2.5, high: $rib),
    new Layer('head-closure-far', LayerRole::Closure, 2.5, 4, high: $rib),
    new Layer('head-sealant', LayerRole::Sealant, -2.5, -2),
    new Layer('head-sealant-far', LayerRole::Sealant, 2, 2.5),
    new Layer('tape', LayerRole::Tape, -4, -2.5),
    new Layer('tape-far', LayerRole::Tape, 2.5, 4),
    new Layer('offset-cleat', LayerRole::Cleat, $in(0.0), $in(2.5), new Fastener(FastenerKind::Lap, 6, [-3]), shape: 'offset-cleat'),
    new Layer('offset-cleat-far', LayerRole::Cleat, $inFar(2.5), $inFar(0.0), new Fastener(FastenerKind::Lap, 6, [3]), shape: 'offset-cleat'),
];

return [
    new Build('ridge-zee', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [$membrane(), ...$panels(), ...$zees(), ...$seamSealant(), $cap('ridge-cap', $riveted)], line: 6.0),
    new Build('ridge-zee-vented', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [...$slotted(), ...$panels(), ...$vents(1.0, $rib), $cap('ridge-cap', $riveted)], vented: true, line: 6.0),
    new Build('ridge-strip-vented', EdgeKind::Ridge, [Fixing::Seam, Fixing::Cap], [
        ...$slotted(), ...$panels(), ...$zees(),
        new Layer('tape-over', LayerRole::Tape, $in(0.0), $in(0.75)),
        new Layer('tape-over-far', LayerRole::Tape, $inFar(0.75), $inFar(0.0)),
        ...$vents(0.75, 0.75),
        $cap('ridge-cap', $held(FastenerKind::Lap, 6, 0.25)),
    ], vented: true, line: 6.0),
    new Build('ridge-heads', EdgeKind::Ridge, [Fixing::Cap], [$membrane(), ...$panels(), ...$heads(), $cap('ridge-cap', null)], line: 5.0),
    new Build('screwed-ridge', EdgeKind::Ridge, [Fixing::Screwed], [$membrane(), ...$panels(), ...$closures(), $cap('cap-screwed', $stitched)], line: 6.5),
    new Build('screwed-ridge-vented', EdgeKind::Ridge, [Fixing::Screwed], [...$slotted(), ...$panels(), ...$vents(1.0, $rib), $cap('cap-screwed', $stitched)], vented: true, line: 6.5),
    new Build('hip-zee', EdgeKind::Hip, [Fixing::Seam, Fixing::Cap], [$membrane(), ...$panels(), ...$zees(), ...$seamSealant(), $cap('hip-cap', $riveted)], line: 6.0),
    new Build('hip-heads', EdgeKind::Hip, [Fixing::Cap], [$membrane(), ...$panels(), ...$heads(), $cap('hip-cap', null)], line: 5.0),
    new Build('screwed-hip', EdgeKind::Hip, [Fixing::Screwed], [$membrane(), ...$panels(), ...$closures(), $cap('cap-screwed', $stitched)], line: 6.5),
    new Build('peak-nose', EdgeKind::Peak, [Fixing::Seam, Fixing::Cap], [
        new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, 1, lap: 6),
        new Layer('peak-flashing', LayerRole::Trim, -3, 3, new Fastener(FastenerKind::Pancake, 6, [-2.25]), lap: 4, hem: 0.5, shape: 'peak-trim'),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past + 0.5, hem: static fn (Sizes $z): float => $z->hem),
        new Layer('seam-sealant', LayerRole::Stiffener, -0.5, 0.5),
    ]),
    new Build('screwed-peak', EdgeKind::Peak, [Fixing::Screwed], [
        new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, 1, lap: 6),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past),
        new Layer('tape', LayerRole::Tape, -3, -2),
        new Layer('outside-closure', LayerRole::Closure, -3, -2, high: $rib),
        new Layer('tape-over', LayerRole::Tape, -3, -2),
        new Layer('peak-cap', LayerRole::Trim, -4, 3, new Fastener(FastenerKind::Stitch, 0, [-2.5]), lap: 4, hem: 0.5, shape: 'peak-trim'),
    ]),
];
