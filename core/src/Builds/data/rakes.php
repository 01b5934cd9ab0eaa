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
 * Rakes: the path runs level to the roof line at 0, up an upstand as high as the rake's build stands (the crest), and down
 * its outside over the fascia. What lies inside the crest drains into the field, what lies outside down the gable.
 */
$rib = static fn (Sizes $z): float => $z->rib;
$hem = static fn (Sizes $z): float => $z->hem;
$crest = static fn (float $off): Closure => static fn (Sizes $z): float => $z->hem + $off;
$overRib = static fn (float $off): Closure => static fn (Sizes $z): float => $z->rib + $off;
$membrane = static fn (): Layer => new Layer('membrane', LayerRole::Membrane, -Layer::FIELD, 0, lap: 6);
$turnedUp = static fn (): Layer => new Layer('panel', LayerRole::Panel, -Layer::FIELD, $hem);

return [
    new Build('receiver', EdgeKind::Rake, [Fixing::Seam, Fixing::Cap], [
        $membrane(),
        new Layer('receiver', LayerRole::Trim, -2, $hem, new Fastener(FastenerKind::Pancake, 12, [-1.5]), shape: 'receiver'),
        new Layer('rake-cleat', LayerRole::Cleat, $crest(3.5), $crest(5.5), new Fastener(FastenerKind::Pancake, 12, [$crest(5)]), shape: 'trim-cleat'),
        $turnedUp(),
        new Layer('rake-angle', LayerRole::Trim, -1.5, $crest(1.5), new Fastener(FastenerKind::Rivet, 12, [$crest(0.75)]), lap: 6, start: LayerEnd::Level, shape: 'rake-angle'),
        new Layer('tape', LayerRole::Tape, -1.5, -0.5),
        new Layer('rake-trim', LayerRole::Trim, -2, $crest(5.5), new Fastener(FastenerKind::Rivet, 12, [-1]), lap: 6, start: LayerEnd::Level, hem: 0.5, shape: 'rake-trim'),
    ]),
    new Build('zee-on-panel', EdgeKind::Rake, [Fixing::Seam], [
        $membrane(),
        new Layer('rake-cleat', LayerRole::Cleat, $overRib(3.5), $overRib(5.5), new Fastener(FastenerKind::Pancake, 12, [$overRib(5)]), shape: 'trim-cleat'),
        new Layer('starter-cleat', LayerRole::Cleat, -1.5, 0, new Fastener(FastenerKind::Pancake, 12, [-0.75]), shape: 'offset-cleat'),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, static fn (Sizes $z): float => $z->past),
        new Layer('tape', LayerRole::Tape, -3, -2.25),
        new Layer('rake-zee', LayerRole::Zee, -3, -2, new Fastener(FastenerKind::Rivet, 8, [-2.5]), high: static fn (Sizes $z): float => $z->rib + 0.125, shape: 'rake-zee'),
        new Layer('rake-trim', LayerRole::Trim, -3.25, $overRib(5.5), lap: 3, start: LayerEnd::Level, hem: 0.5, shape: 'rake-trim'),
    ], starts: true),
    new Build('closing-hem', EdgeKind::Rake, [Fixing::Seam, Fixing::Cap], [
        $membrane(),
        new Layer('gable-trim', LayerRole::Trim, -1.5, $crest(4.5), new Fastener(FastenerKind::Pancake, 12, [-1]), lap: 6, hem: 0.5, shape: 'gable-trim'),
        $turnedUp(),
        new Layer('closed-hem', LayerRole::Trim, $crest(-0.75), $crest(0.25), lap: 6),
    ], hem: 'build.closing-hem.hem'),
    new Build('leg-refitted', EdgeKind::Rake, [Fixing::Cap], [
        $membrane(),
        new Layer('gable-clip', LayerRole::Stiffener, -1.5, $rib, new Fastener(FastenerKind::Pancake, 12, [-1])),
        new Layer('rake-cleat', LayerRole::Cleat, $overRib(3.5), $overRib(5.5), new Fastener(FastenerKind::Pancake, 12, [$overRib(5)]), shape: 'trim-cleat'),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $rib),
        new Layer('seam-cap', LayerRole::Trim, $overRib(-0.5), $overRib(0.5)),
        new Layer('rake-trim', LayerRole::Trim, $overRib(-1), $overRib(5.5), new Fastener(FastenerKind::Rivet, 12, [$overRib(-0.5)]), lap: 6, hem: 0.5, shape: 'rake-trim'),
    ], offset: 'build.leg-refitted.offset', unhemmed: true),
    new Build('screwed-rake', EdgeKind::Rake, [Fixing::Screwed], [
        $membrane(),
        new Layer('panel', LayerRole::Panel, -Layer::FIELD, $overRib(0.75)),
        new Layer('tape', LayerRole::Tape, $overRib(0.125), $overRib(0.75)),
        new Layer('rake-trim', LayerRole::Trim, $overRib(-1), $overRib(5.5), new Fastener(FastenerKind::Stitch, 24, [$overRib(0.5)]), lap: 3, hem: 0.5, shape: 'rake-trim-screwed'),
    ]),
];
