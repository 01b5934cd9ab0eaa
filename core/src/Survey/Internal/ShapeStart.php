<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Survey\Adoption;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\ShapeKind;

/** The shape the adopted readings alone would give, near enough to the truth for the fit to start from. */
final readonly class ShapeStart
{
    /** @param  array<string, Adoption>  $adoptions by name */
    public function __construct(private Plane $plane, private array $adoptions)
    {
    }

    /**
     * What must still be measured before there is a shape.
     *
     * @return list<string> names of readings, the most pressing first
     */
    public function missing(): array
    {
        $has = fn (Quantity ...$any): bool => array_filter($any, fn (Quantity $q): bool => $this->value($q) !== null) !== [];
        $rakes = (int) $has(Quantity::LeftRake) + (int) $has(Quantity::RightRake);
        $tall = $has(Quantity::EaveToRidge) || $rakes > 0;
        $missing = match ($this->plane->shape) {
            ShapeKind::Rectangle => [
                'eave' => $has(Quantity::Eave, Quantity::Ridge),
                'eaveToRidge' => $tall,
            ],
            ShapeKind::Trapezoid => [
                'eave' => $has(Quantity::Eave),
                'eaveToRidge' => $tall,
                'ridge' => $has(Quantity::Ridge) || ($has(Quantity::EaveToRidge) && $rakes > 0),
            ],
            ShapeKind::Triangle => [
                'eave' => $has(Quantity::Eave),
                'eaveToRidge' => $has(Quantity::EaveToRidge) || $rakes === 2,
            ],
            ShapeKind::Parallelogram => [
                'eave' => $has(Quantity::Eave, Quantity::Ridge),
                'eaveToRidge' => $has(Quantity::EaveToRidge) || ($rakes > 0 && $has(Quantity::DiagonalLeft, Quantity::DiagonalRight)),
                'leftRake' => $rakes > 0 || ($has(Quantity::EaveToRidge) && $has(Quantity::DiagonalLeft, Quantity::DiagonalRight)),
            ],
            default => $this->runningDimensions(),
        };

        return array_keys(array_filter($missing, static fn (bool $there): bool => ! $there));
    }

    /** Null while readings are missing. */
    public function shape(): ?PlaneShape
    {
        if ($this->missing() !== []) {
            return null;
        }
        $eave = $this->value(Quantity::Eave) ?? $this->value(Quantity::Ridge) ?? 0.0;

        return match ($this->plane->shape) {
            ShapeKind::Rectangle => PlaneShape::rectangle($eave, $this->height()),
            ShapeKind::Trapezoid => $this->trapezoid($eave),
            ShapeKind::Triangle => $this->triangle($eave),
            ShapeKind::Parallelogram => $this->parallelogram($eave),
            default => new PlaneShape($this->plane->shape, $this->corners()),
        };
    }

    private function value(Quantity $quantity): ?float
    {
        return $this->named($quantity->value);
    }

    private function named(string $reading): ?float
    {
        return ($this->adoptions[$reading] ?? null)?->value;
    }

    private function height(): float
    {
        return $this->value(Quantity::EaveToRidge)
            ?? max($this->value(Quantity::LeftRake) ?? 0.0, $this->value(Quantity::RightRake) ?? 0.0);
    }

    private function trapezoid(float $eave): PlaneShape
    {
        $height = $this->value(Quantity::EaveToRidge);
        $ridge = $this->value(Quantity::Ridge);
        $insets = [];
        foreach ([Quantity::LeftRake, Quantity::RightRake] as $side) {
            $slant = $this->value($side);
            $insets[] = $slant === null || $height === null ? null : sqrt(max(0.0, $slant ** 2 - $height ** 2));
        }
        $left = $insets[0] ?? ($ridge !== null ? ($insets[1] === null ? ($eave - $ridge) / 2.0 : $eave - $ridge - $insets[1]) : (float) $insets[1]);
        $ridge ??= $eave - $left - ($insets[1] ?? $left);
        $height ??= sqrt(max(1.0, $this->height() ** 2 - $left ** 2));

        return $this->of([[0.0, 0.0], [$eave, 0.0], [$left + $ridge, $height], [$left, $height]]);
    }

    private function triangle(float $eave): PlaneShape
    {
        [$left, $right, $height] = [$this->value(Quantity::LeftRake), $this->value(Quantity::RightRake), $this->value(Quantity::EaveToRidge)];
        $apex = match (true) {
            $left !== null && $right !== null => ($left ** 2 - $right ** 2 + $eave ** 2) / (2.0 * $eave),
            $left !== null && $height !== null => sqrt(max(0.0, $left ** 2 - $height ** 2)),
            $right !== null && $height !== null => $eave - sqrt(max(0.0, $right ** 2 - $height ** 2)),
            default => $eave / 2.0,
        };
        $height ??= sqrt(max(1.0, (float) $left ** 2 - $apex ** 2));

        return $this->of([[0.0, 0.0], [$eave, 0.0], [$apex, $height]]);
    }

    private function parallelogram(float $eave): PlaneShape
    {
        $rake = $this->value(Quantity::LeftRake) ?? $this->value(Quantity::RightRake);
        $height = $this->value(Quantity::EaveToRidge);
        $right = $this->value(Quantity::DiagonalRight);
        $left = $this->value(Quantity::DiagonalLeft);
        $lean = match (true) {
            // d1² − d2² = 4 · eave · lean, and one diagonal alone: d² = rake² + eave² ± 2 · eave · lean.
            $right !== null && $left !== null => ($right ** 2 - $left ** 2) / (4.0 * $eave),
            $right !== null && $rake !== null => ($right ** 2 - $rake ** 2 - $eave ** 2) / (2.0 * $eave),
            $left !== null && $rake !== null => ($rake ** 2 + $eave ** 2 - $left ** 2) / (2.0 * $eave),
            $right !== null && $height !== null => sqrt(max(0.0, $right ** 2 - $height ** 2)) - $eave,
            $left !== null && $height !== null => $eave - sqrt(max(0.0, $left ** 2 - $height ** 2)),
            default => sqrt(max(0.0, (float) $rake ** 2 - (float) $height ** 2)) * ($this->plane->leansLeft ? -1.0 : 1.0),
        };
        $height ??= sqrt(max(1.0, (float) $rake ** 2 - $lean ** 2));

        return $this->of([[0.0, 0.0], [$eave, 0.0], [$eave + $lean, $height], [$lean, $height]]);
    }

    /**
     * Which running dimensions there are, or can be told from the neighbouring corner over a level or plumb side.
     *
     * @return array<string, bool> by name of reading
     */
    private function runningDimensions(): array
    {
        $there = [];
        foreach ($this->running() as $number => [$along, $up]) {
            if ($number > 0) {
                $there["along-$number"] = $along !== null;
            }
            if ($number > 1) {
                $there["up-$number"] = $up !== null;
            }
        }

        return $there;
    }

    /** @return list<Point> */
    private function corners(): array
    {
        return array_map(static fn (array $corner): Point => new Point((float) $corner[0], (float) $corner[1]), $this->running());
    }

    /** @return list<array{float|null, float|null}> along and up of every corner */
    private function running(): array
    {
        $count = $this->plane->cornerCount();
        $running = array_fill(0, $count, [null, null]);
        $running[0] = [0.0, 0.0];
        $running[1] = [$this->value(Quantity::Eave), 0.0];
        for ($number = 1; $number < $count; $number++) {
            $running[$number] = [
                $this->named("along-$number") ?? $running[$number][0],
                $number === 1 ? 0.0 : $this->named("up-$number"),
            ];
        }
        if ($this->plane->shape !== ShapeKind::Ell) {
            return $running;
        }
        // Twice round is enough: along a side only one of the two dimensions changes.
        for ($turn = 0; $turn < 2 * $count; $turn++) {
            $here = $turn % $count;
            $next = ($here + 1) % $count;
            $same = $here % 2 === 0 ? 1 : 0;
            $running[$next] = $this->filled($running[$next], $running[$here], $same);
            $running[$here] = $this->filled($running[$here], $running[$next], $same);
        }

        return $running;
    }

    /**
     * @param  array{float|null, float|null}  $corner
     * @param  array{float|null, float|null}  $neighbour
     * @return array{float|null, float|null}
     */
    private function filled(array $corner, array $neighbour, int $same): array
    {
        return $same === 0 ? [$corner[0] ?? $neighbour[0], $corner[1]] : [$corner[0], $corner[1] ?? $neighbour[1]];
    }

    /** @param  list<array{float, float}>  $corners */
    private function of(array $corners): PlaneShape
    {
        return new PlaneShape($this->plane->shape, array_map(static fn (array $c): Point => new Point($c[0], $c[1]), $corners));
    }
}
