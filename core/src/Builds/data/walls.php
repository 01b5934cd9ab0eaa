<?php

declare(strict_types=1);

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerEnd;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\Sizes;

/*
 * Walls: the path comes down the wall to its foot at 0 and goes out over the roof: down the slope below a headwall, level
 * beside a sidewall. At a pitch change it comes down the upper roof and goes on down the lower one.
 */
$rib = static fn (Sizes $z): float => $z->rib;
$clear = static fn (float $off): Closure => static fn (Sizes $z): float => $z->held() + $off;
$below = static fn (float $off): Closure => static fn (Sizes $z): float => $z->back + $off;
$membrane = static fn (float $from): Layer => new Layer('membrane', LayerRole::Membrane, $from, Layer::FIELD, lap: 6);
// A flange lies on the seams: it ends as much nearer to the wall on the deck as their height takes.
$flange = static fn (string $shape): Closure => static fn (Sizes $z): float => (TrimBook::shipped()->shape($shape)?->leg(0, $z) ?? 0.0) - $z->lost();
$siding = static fn (): Layer => new Layer('siding', LayerRole::Standing, -Layer::FIELD, -2, high: 0.5);

return [
    new Build('headwall-zee', EdgeKind::Headwall, [Fixing::Seam, Fixing::Cap], [
        $membrane(-6),
        new Layer('panel', LayerRole::Panel, $clear(0.0), Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 3, 4),
        new Layer('zee', LayerRole::Zee, 3, 4, new Fastener(FastenerKind::Pancake, 4, [3.5]), high: $rib, shape: 'zee'),
        new Layer('headwall-flashing', LayerRole::Trim, -4, $flange('headwall'), new Fastener(FastenerKind::Pancake, 24, [-3]), lap: 4, hem: 0.5, shape: 'headwall'),
        $siding(),
    ], line: 4.0),
    new Build('screwed-headwall', EdgeKind::Headwall, [Fixing::Screwed], [
        $membrane(-6),
        new Layer('panel', LayerRole::Panel, $clear(0.0), Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 3, 4),
        new Layer('outside-closure', LayerRole::Closure, 3, 4, high: $rib),
        new Layer('tape-over', LayerRole::Tape, 3, 4),
        new Layer('headwall-flashing', LayerRole::Trim, -4, $flange('headwall-screwed'), new Fastener(FastenerKind::Stitch, 0, [3.5]), lap: 4, hem: 0.5, shape: 'headwall-screwed'),
        $siding(),
    ], line: 4.0),
    new Build('sidewall-turned', EdgeKind::Sidewall, [Fixing::Seam, Fixing::Cap], [
        $membrane(-6),
        new Layer('panel', LayerRole::Panel, static fn (Sizes $z): float => -$z->hem, Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 2, 3),
        new Layer('sidewall-flashing', LayerRole::Trim, -4, 3, new Fastener(FastenerKind::Pancake, 24, [-3.5]), lap: 4, hem: 0.5, shape: 'sidewall'),
        $siding(),
    ]),
    new Build('screwed-sidewall', EdgeKind::Sidewall, [Fixing::Screwed], [
        $membrane(-6),
        new Layer('panel', LayerRole::Panel, $clear(0.0), Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 4, 5),
        new Layer('sidewall-flashing', LayerRole::Trim, -4, 5, new Fastener(FastenerKind::Stitch, 24, [4.5]), lap: 4, hem: 0.5, shape: 'sidewall-screwed'),
        $siding(),
    ]),
    new Build('transition-nose', EdgeKind::Transition, [Fixing::Seam, Fixing::Cap], [
        $membrane(0.0),
        new Layer('panel-lower', LayerRole::Panel, $below(0.0), Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 3, 4),
        new Layer('zee', LayerRole::Zee, 3, 4, new Fastener(FastenerKind::Pancake, 4, [3.5]), high: $rib, shape: 'zee'),
        new Layer('transition-flashing', LayerRole::Trim, -3, 4.625, new Fastener(FastenerKind::Pancake, 12, [-2.5]), lap: 4, hem: 0.625, shape: 'transition'),
        new Layer('membrane-upper', LayerRole::Membrane, -Layer::FIELD, -0.5, lap: 6),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past, end: LayerEnd::Straight, hem: static fn (Sizes $z): float => $z->hem),
    ]),
    new Build('screwed-transition', EdgeKind::Transition, [Fixing::Screwed], [
        $membrane(0.0),
        new Layer('panel-lower', LayerRole::Panel, $below(0.0), Layer::FIELD),
        new Layer('tape', LayerRole::Tape, 3, 4),
        new Layer('outside-closure', LayerRole::Closure, 3, 4, high: $rib),
        new Layer('tape-over', LayerRole::Tape, 3, 4),
        new Layer('transition-flashing', LayerRole::Trim, -3, 5, new Fastener(FastenerKind::Stitch, 0, [3.5]), lap: 4, hem: 0.5, shape: 'transition'),
        new Layer('membrane-upper', LayerRole::Membrane, -Layer::FIELD, -0.5, lap: 6),
        new Layer('inside-closure', LayerRole::Closure, -2, -1, high: $rib),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past, new Fastener(FastenerKind::Washered, 0, [-1.5]), end: LayerEnd::Straight),
    ]),
];
