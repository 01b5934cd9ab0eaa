<?php

declare(strict_types=1);

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerEnd;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\Sizes;

/*
 * Eaves: the path comes down the deck to the roof line at 0, then down the fascia. Trade practice; positions follow the
 * trim shapes of the catalogue.
 */
$past = static fn (Sizes $z): float => $z->past;
$rib = static fn (Sizes $z): float => $z->rib;
$flange = static fn (Sizes $z): float => -$z->cleat;
$panel = static fn (): Layer => new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past, end: LayerEnd::Straight, hem: static fn (Sizes $z): float => $z->hem);
$membrane = static fn (float $to = -0.5): Layer => new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, $to, lap: 6);
$cleat = static fn (): Layer => new Layer('trim-cleat', LayerRole::Cleat, 1.75, 3.75, new Fastener(FastenerKind::Pancake, 12, [3.25]), shape: 'trim-cleat');
$trim = static fn (float $screw, FastenerKind $kind = FastenerKind::Pancake): Layer => new Layer('eave-trim', LayerRole::Trim, -4, 3.75, new Fastener($kind, 12, [$screw]), lap: 6, hem: 0.5, shape: 'eave-trim');

return [
    new Build('cleat-nose', EdgeKind::Eave, [Fixing::Seam, Fixing::Cap], [
        $cleat(),
        $trim(-3.5),
        $membrane(),
        new Layer('tape', LayerRole::Tape, $flange, static fn (Sizes $z): float => 1.0 - $z->cleat),
        new Layer('offset-cleat', LayerRole::Cleat, $flange, $past, new Fastener(FastenerKind::Pancake, 12, [static fn (Sizes $z): float => -$z->cleat * 2.0 / 3.0]), end: LayerEnd::Straight, high: 0.375, shape: 'offset-cleat'),
        $panel(),
        new Layer('seam-bead', LayerRole::Stiffener, -0.25, 0.75, end: LayerEnd::Straight),
    ]),
    new Build('hooked-drip', EdgeKind::Eave, [Fixing::Seam, Fixing::Cap], [
        new Layer('drip-trim', LayerRole::Trim, -4, 3.25, new Fastener(FastenerKind::Pancake, 24, [-3.25], 2, true), lap: 4, hem: 0.75, shape: 'hooked-drip'),
        $membrane(),
        $panel(),
        new Layer('seam-bead', LayerRole::Stiffener, -0.25, 0.5, end: LayerEnd::Straight),
    ], offset: 'build.hooked-drip.offset'),
    new Build('vented-eave', EdgeKind::Eave, [Fixing::Seam], [
        new Layer('old-shingles', LayerRole::Membrane, -Layer::FIELD, 0.25, high: 0.375, end: LayerEnd::Straight),
        new Layer('eave-trim', LayerRole::Trim, -4, 3.75, new Fastener(FastenerKind::Pancake, 60, [-3.25]), lap: 6, hem: 0.5, shape: 'eave-trim'),
        new Layer('tape', LayerRole::Tape, -4.5, -2.75),
        new Layer('vented-strip', LayerRole::Vent, -2.5, 0.25, new Fastener(FastenerKind::Pancake, 12, [-1.5]), high: 0.75, end: LayerEnd::Straight),
        $panel(),
    ]),
    new Build('gutter-eave', EdgeKind::Eave, [Fixing::Seam, Fixing::Cap], [
        new Layer('gutter-flange', LayerRole::Trim, -3, 4, new Fastener(FastenerKind::Pancake, 12, [-2.5]), lap: 6),
        $membrane(),
        new Layer('tape', LayerRole::Tape, $flange, static fn (Sizes $z): float => 1.0 - $z->cleat),
        new Layer('offset-cleat', LayerRole::Cleat, $flange, $past, new Fastener(FastenerKind::Pancake, 12, [static fn (Sizes $z): float => -$z->cleat * 2.0 / 3.0]), end: LayerEnd::Straight, high: 0.375, shape: 'offset-cleat'),
        $panel(),
    ]),
    new Build('stiffened-eave', EdgeKind::Eave, [Fixing::Cap], [
        $cleat(),
        $trim(-3.25, FastenerKind::FlatScrew),
        $membrane(-3),
        new Layer('beads', LayerRole::Sealant, -3.75, -2.5),
        new Layer('foam-closure', LayerRole::Closure, -3.75, -2.5, high: $rib),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past, end: LayerEnd::Straight),
        new Layer('edge-stiffener', LayerRole::Stiffener, static fn (Sizes $z): float => $z->past - 1.0, $past, new Fastener(FastenerKind::Rivet, 12, [static fn (Sizes $z): float => $z->past - 0.5]), end: LayerEnd::Straight, shape: 'edge-stiffener'),
        new Layer('seam-cap', LayerRole::Stiffener, -Layer::FIELD, static fn (Sizes $z): float => $z->past + 0.75, end: LayerEnd::Straight, high: $rib),
    ], offset: 'build.stiffened-eave.offset', unhemmed: true),
    new Build('screwed-eave', EdgeKind::Eave, [Fixing::Screwed], [
        new Layer('drip-flashing', LayerRole::Trim, -3, 2.5, new Fastener(FastenerKind::Nail, 12, [-2.5]), lap: 3, hem: 0.5, shape: 'eave-drip'),
        $membrane(),
        new Layer('tape', LayerRole::Tape, -2, -1),
        new Layer('inside-closure', LayerRole::Closure, -2, -1, high: $rib),
        new Layer('tape-over', LayerRole::Tape, -2, -1),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past, new Fastener(FastenerKind::Washered, 0, [-1.5]), end: LayerEnd::Straight),
    ]),
    new Build('screwed-gutter-eave', EdgeKind::Eave, [Fixing::Screwed], [
        new Layer('gutter-flange', LayerRole::Trim, -3, 4, new Fastener(FastenerKind::Nail, 12, [-2.5]), lap: 6),
        $membrane(),
        new Layer('tape', LayerRole::Tape, -2, -1),
        new Layer('inside-closure', LayerRole::Closure, -2, -1, high: $rib),
        new Layer('tape-over', LayerRole::Tape, -2, -1),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $past, new Fastener(FastenerKind::Washered, 0, [-1.5]), end: LayerEnd::Straight),
    ]),
];
