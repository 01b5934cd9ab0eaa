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

/* Valleys: the path falls on one face to the centre at 0 and climbs the other. */
$held = static fn (float $off, int $side): Closure => static fn (Sizes $z): float => $side * ($z->held() + $off);
// The end of the cleat's flange, where its line is chalked; its screws stand in the flange, behind the step.
$behind = static fn (float $off, int $side): Closure => static fn (Sizes $z): float => $side * ($z->line + $off);
$screwed = static fn (int $side): Closure => static fn (Sizes $z): float => $side * ($z->line - $z->cleat / 2.0);
// From the valley's centre to a pan's edge; a crimp stands at 60, so its foot is half its side off the centre.
$edge = static fn (string $shape, int $side, float $off = 0.0): Closure => static function (Sizes $z) use ($shape, $side, $off): float {
    $bent = TrimBook::shipped()->shape($shape);

    return $bent === null ? 0.0 : $side * ($bent->leg(0, $z) + $bent->leg(1, $z) / 2.0 + $off);
};
$panels = static fn (?Fastener $near = null, ?Fastener $far = null): array => [
    new Layer('panel', LayerRole::Panel, -Layer::FIELD, $held(0.0, -1), $near, hem: static fn (Sizes $z): float => $z->hem),
    new Layer('panel-far', LayerRole::Panel, $held(0.0, 1), Layer::FIELD, $far, hem: static fn (Sizes $z): float => $z->hem),
];
$under = static fn (): array => [
    new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, Layer::FIELD, lap: 6),
    new Layer('second-membrane', LayerRole::Membrane, -18, 18, lap: 6),
];
$pan = static fn (): Layer => new Layer('valley-pan', LayerRole::Trim, $edge('valley-pan', -1), $edge('valley-pan', 1), new Fastener(FastenerKind::Pancake, 12, [$edge('valley-pan', -1, -0.25), $edge('valley-pan', 1, -0.25)]), lap: 8, hem: 0.75, shape: 'valley-pan');
$pair = static fn (string $key, LayerRole $role, float $from, float $to, float|Closure $high = 0.0, ?FastenerKind $kind = null, float $spacing = 12.0): array => [
    new Layer($key, $role, $held($to, -1), $held($from, -1), $kind === null ? null : new Fastener($kind, $spacing, [$held($to - 0.5, -1)]), high: $high),
    new Layer("$key-far", $role, $held($from, 1), $held($to, 1), $kind === null ? null : new Fastener($kind, $spacing, [$held($to - 0.5, 1)]), high: $high),
];
$rib = static fn (Sizes $z): float => $z->rib;
$through = static fn (int $side): Fastener => new Fastener(FastenerKind::Washered, 0, [$held(2.5, $side)]);

return [
    new Build('hidden-valley', EdgeKind::Valley, [Fixing::Seam, Fixing::Cap], [
        ...$under(), $pan(),
        new Layer('tape', LayerRole::Tape, $behind(0.0, -1), $behind(-1.0, -1)),
        new Layer('tape-far', LayerRole::Tape, $behind(-1.0, 1), $behind(0.0, 1)),
        new Layer('offset-cleat', LayerRole::Cleat, $behind(0.0, -1), $held(0.0, -1), new Fastener(FastenerKind::Pancake, 12, [$screwed(-1)]), high: 0.375, shape: 'offset-cleat'),
        new Layer('offset-cleat-far', LayerRole::Cleat, $held(0.0, 1), $behind(0.0, 1), new Fastener(FastenerKind::Pancake, 12, [$screwed(1)]), high: 0.375, shape: 'offset-cleat'),
        ...$panels(),
    ], line: static fn (Sizes $z): float => $z->held() + (TrimBook::shipped()->shape('offset-cleat')?->leg(0, $z) ?? 0.0) + $z->cleat),
    new Build('hemmed-valley', EdgeKind::Valley, [Fixing::Seam, Fixing::Cap], [
        ...$under(),
        new Layer('hemmed-pan', LayerRole::Trim, $edge('hemmed-pan', -1), $edge('hemmed-pan', 1), new Fastener(FastenerKind::Pancake, 12, [$edge('hemmed-pan', -1, -0.25), $edge('hemmed-pan', 1, -0.25)]), lap: 8, hem: 1, shape: 'hemmed-pan'),
        ...$panels(),
    ], ownsReveal: true, line: static fn (Sizes $z): float => $z->held() + 1.0),
    new Build('closure-valley', EdgeKind::Valley, [Fixing::Cap], [
        ...$under(), $pan(),
        ...$pair('beads', LayerRole::Sealant, 0.5, 2.0),
        ...$pair('foam-closure', LayerRole::Closure, 0.5, 2.0, $rib),
        ...$panels(),
        ...$pair('metal-closure', LayerRole::Closure, 0.25, 0.5, $rib, FastenerKind::Rivet, 6.0),
    ], unhemmed: true, line: static fn (Sizes $z): float => $z->held() + 2.0),
    new Build('screwed-valley', EdgeKind::Valley, [Fixing::Screwed], [
        ...$under(), $pan(),
        ...$pair('tape', LayerRole::Tape, 2.0, 3.0),
        ...$pair('inside-closure', LayerRole::Closure, 2.0, 3.0, $rib),
        ...$panels($through(-1), $through(1)),
    ], line: static fn (Sizes $z): float => $z->held() + 3.0),
];
