<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Layout\StripPiece;

/**
 * The pieces of a strip that ends at level lines alone, with corners nowhere but on its own module lines and the edges of
 * its sheets. As far as the face runs level, the next strip's are the same, but for where they lie: they are led across to
 * the last bit as they would have been cut.
 */
final readonly class SteadyStrip
{
    /** So far (in) beside the sheet no corner lies: farther than anything there reaches across. */
    private const CLEAR = 3.0;

    /** @param  list<StripPiece>  $pieces */
    private function __construct(private float $left, private Profile $profile, private array $pieces)
    {
    }

    /**
     * @param  float  $left  u of its left module line, inches
     * @param  list<StripPiece>  $pieces
     * @return self|null null where its pieces look otherwise at another place
     */
    public static function of(float $left, Profile $profile, array $pieces): ?self
    {
        $strip = new self($left, $profile, $pieces);
        $at = $strip->lines($left);
        foreach ($pieces as $piece) {
            if ($piece->metal->holes !== [] || $piece->sheet->holes !== []) {
                return null;
            }
            foreach ([$piece->metal->outline, $piece->sheet->outline, $piece->blank] as $loop) {
                foreach ($loop->corners as $i => $corner) {
                    $next = $loop->corners[$i + 1] ?? $loop->corners[0];
                    if (! in_array($corner->u, $at, true) || ($corner->u !== $next->u && $corner->v !== $next->v)) {
                        return null;
                    }
                }
            }
        }

        return $strip;
    }

    /** @return array{float, float} between which the face has to run level, that the strip at u be the same */
    public function reach(float $left): array
    {
        return [
            min($left, $this->left) - $this->profile->leftMetal - self::CLEAR,
            max($left, $this->left) + $this->profile->cover + $this->profile->rightMetal + self::CLEAR,
        ];
    }

    /** @return list<StripPiece> of the strip whose left module line lies at u, inches */
    public function at(float $left): array
    {
        [$from, $to] = [$this->lines($this->left), $this->lines($left)];

        return array_map(static fn (StripPiece $piece): StripPiece => $piece->led(
            new Region(self::led($piece->metal->outline, $from, $to)),
            new Region(self::led($piece->sheet->outline, $from, $to)),
            self::led($piece->blank, $from, $to),
        ), $this->pieces);
    }

    /** @return array{float, float, float, float} u of the module lines and of the edges of the sheets, inches */
    private function lines(float $left): array
    {
        $right = $left + $this->profile->cover;

        return [$left, $right, $left - $this->profile->leftMetal, $right + $this->profile->rightMetal];
    }

    /**
     * @param  array{float, float, float, float}  $from
     * @param  array{float, float, float, float}  $to
     */
    private static function led(Polygon $loop, array $from, array $to): Polygon
    {
        $corners = [];
        foreach ($loop->corners as $corner) {
            $u = match ($corner->u) {
                $from[0] => $to[0],
                $from[1] => $to[1],
                $from[2] => $to[2],
                default => $to[3],
            };
            $corners[] = new Point($u, $corner->v);
        }

        return $loop->withCorners($corners);
    }
}
