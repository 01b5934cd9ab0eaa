<?php

declare(strict_types=1);

use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\Sizes;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;

/* Representative shapes; a maker's print replaces them. Legs from the visible low end inwards; `plumb` is the one before the fascia or the wall. */
$leg = static fn (float $length, ?float $bend = null): TrimLeg => new TrimLeg($length, $bend === null ? null : new Bend($bend));
$out = static fn (float $length, float $bend): TrimLeg => new TrimLeg($length, new Bend($bend, isOut: true));
$pitched = static fn (float $length, float $degrees, float $pitch = 1.0, bool $isOut = false): TrimLeg => new TrimLeg($length, new Bend($degrees, $pitch, isOut: $isOut));
$between = static fn (float $length): TrimLeg => new TrimLeg($length, new Bend(0.0, dihedral: 1.0));
// A leg of a cap lies on the seams and reaches over what it hooks, with room for its hem.
$over = static fn (float $length, ?Bend $bend): TrimLeg => new TrimLeg($length, $bend, reach: static fn (Sizes $z): float => $z->line + 0.25 + $z->lost());
// A leg of a valley pan lies under its panels past the cleat or the closure; from the foot of the crimp, which stands at 60: what it turns back, the bends at its feet turn more.
$under = static fn (Sizes $z): float => $z->line + 1.0 - 0.5;
$foot = static fn (float $length, Closure $reach, bool $isJust = false): TrimLeg => new TrimLeg($length, new Bend(30.0, dihedral: 0.5, isOut: true), reach: $reach, isJust: $isJust);
// The pan's own edge is what the panels hook.
$hooked = static fn (Sizes $z): float => $z->line - 0.5;
$closed = static fn (float $length = 0.5): TrimHem => new TrimHem($length);
$open = static fn (float $length = 0.625): TrimHem => new TrimHem($length, true);

return [
    new TrimShape('eave-trim', [$out(0.75, 135), $pitched(3, 90), $leg(4)], $closed(), plumb: 1),
    new TrimShape('hooked-drip', [$out(0.5, 135), $pitched(3, 90), $leg(4)], $open(0.75), plumb: 1),
    new TrimShape('eave-drip', [$out(0.5, 135), $pitched(2.5, 90), $leg(3)], $closed(), plumb: 1),
    new TrimShape('trim-cleat', [$leg(2)], $open(0.75)),
    // The step between nose and flange is a bend down and one back.
    new TrimShape('offset-cleat', [new TrimLeg(1, new Bend(90), reach: static fn (Sizes $z): float => $z->past > 0.0 ? $z->past : 1.0, isJust: true), $out(0.375, 90), new TrimLeg(1.5, reach: static fn (Sizes $z): float => $z->cleat, isJust: true)]),
    new TrimShape('receiver', [$out(2, 90), $out(1.625, 90), $leg(0.5)]),
    new TrimShape('rake-angle', [$leg(1.5, 90), $leg(1.5)]),
    new TrimShape('rake-trim', [$out(0.5, 135), $pitched(4, 90), $leg(2)], $closed(), $open(0.5), plumb: 1),
    new TrimShape('rake-trim-screwed', [$pitched(5.5, 90), $leg(4.5, 90), new TrimLeg(0.0, isRib: true)], $closed(), plumb: 0),
    new TrimShape('gable-trim', [$pitched(4, 90), $leg(1.5)], $closed(), $open(0.75), plumb: 0),
    new TrimShape('zee', [$out(1, 90), new TrimLeg(0.0, new Bend(90), true), $leg(1)]),
    new TrimShape('side-zee', [$out(1.5, 90), new TrimLeg(0.0, new Bend(90), true), $leg(1)]),
    new TrimShape('rake-zee', [$out(1, 90), new TrimLeg(0.125, new Bend(90), true), $leg(1)]),
    new TrimShape('ridge-cap', [$over(6, new Bend(0.0, dihedral: 1.0)), $over(6, null)], $open(), $open()),
    new TrimShape('hip-cap', [$over(6, new Bend(0.0, dihedral: 1.0)), $over(6, null)], $open(), $open()),
    new TrimShape('cap-screwed', [$over(7, new Bend(0.0, dihedral: 1.0)), $over(7, null)], $closed(), $closed()),
    new TrimShape('valley-pan', [$foot(10, $under), $leg(1, 60), new TrimLeg(1, new Bend(30.0, dihedral: 0.5, isOut: true)), new TrimLeg(10, reach: $under)], $closed(0.75), $closed(0.75)),
    new TrimShape('valley-pan-plain', [new TrimLeg(11, new Bend(0.0, dihedral: 1.0, isOut: true), reach: static fn (Sizes $z): float => $z->line + 1.0), new TrimLeg(11, reach: static fn (Sizes $z): float => $z->line + 1.0)], $closed(0.75), $closed(0.75)),
    new TrimShape('hemmed-pan', [$foot(10, $hooked, true), $leg(1, 60), new TrimLeg(1, new Bend(30.0, dihedral: 0.5, isOut: true)), new TrimLeg(10, reach: $hooked, isJust: true)], $open(1), $open(1)),
    new TrimShape('peak-trim', [$out(0.5, 135), $pitched(2.5, 90, -1), $leg(3)], $closed(), $open(1), plumb: 1),
    new TrimShape('headwall', [$over(4, new Bend(90, 1.0, isOut: true)), $leg(4)], $open(), $closed(), plumb: 1),
    new TrimShape('sidewall', [$pitched(3, 90, isOut: true), $leg(4)], $open(), $closed(), plumb: 1),
    new TrimShape('headwall-screwed', [$over(5, new Bend(90, 1.0, isOut: true)), $leg(4)], $closed(), plumb: 1),
    new TrimShape('sidewall-screwed', [$pitched(5, 90, isOut: true), $leg(4)], $closed(), plumb: 1),
    new TrimShape('transition', [$between(4), $leg(3, 180), $leg(1)], $open()),
    new TrimShape('counterflashing', [$leg(3, 90), $leg(0.625)], $closed(), plumb: 0),
    new TrimShape('fascia-wrap', [$leg(1, 90), $leg(7, 90), $leg(1)], plumb: 1),
    new TrimShape('edge-stiffener', [$leg(1, 90), $leg(1.5, 90), $leg(0.75)]),
];
