<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** The shape somebody sees in a plane before it is measured; corners run counter-clockwise from the low left one. */
enum ShapeKind: string
{
    case Rectangle = 'rectangle';
    /** Level eave and ridge of different lengths: a hip or valley at one side or both. */
    case Trapezoid = 'trapezoid';
    /** An eave and an apex: a hip end. */
    case Triangle = 'triangle';
    /** Both sides lean the same way. */
    case Parallelogram = 'parallelogram';
    /** Six corners, every other side level. */
    case Ell = 'ell';
    /** Any outline, each corner by its running dimensions. */
    case Free = 'free';

    /** Null where the plane itself says how many. */
    public function corners(): ?int
    {
        return match ($this) {
            self::Triangle => 3,
            self::Ell => 6,
            self::Free => null,
            default => 4,
        };
    }

    /** Whether each corner is given by its running dimensions rather than by named lengths. */
    public function runsByCorner(): bool
    {
        return $this === self::Ell || $this === self::Free;
    }

    /**
     * @param  bool  $backed  another plane lies behind its top: a ridge, where a plane alone ends at a peak
     * @return list<EdgeKind> what its sides are where nobody has said otherwise; none where that cannot be guessed
     */
    public function usualEdges(bool $backed): array
    {
        $top = $backed ? EdgeKind::Ridge : EdgeKind::Peak;

        return match ($this) {
            self::Rectangle, self::Parallelogram => [EdgeKind::Eave, EdgeKind::Rake, $top, EdgeKind::Rake],
            self::Trapezoid => [EdgeKind::Eave, EdgeKind::Hip, $top, EdgeKind::Hip],
            self::Triangle => [EdgeKind::Eave, EdgeKind::Hip, EdgeKind::Hip],
            default => [],
        };
    }

    /** @return non-empty-list<EdgeKind> what the sides of a plane alone are first taken to be when someone picks the shape */
    public function firstEdges(): array
    {
        return match ($this) {
            self::Ell => [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak, EdgeKind::Sidewall, EdgeKind::Peak, EdgeKind::Rake],
            self::Free => [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Peak, EdgeKind::Rake, EdgeKind::Rake],
            default => $this->usualEdges(false) ?: [EdgeKind::Eave],
        };
    }

    /** @return array{int, int}|null the corners a named length runs between */
    public function between(Quantity $quantity): ?array
    {
        return match ($quantity) {
            Quantity::Eave => [0, 1],
            Quantity::RightRake => $this->runsByCorner() ? null : [1, 2],
            Quantity::LeftRake => $this->runsByCorner() ? null : [0, $this === self::Triangle ? 2 : 3],
            Quantity::Ridge => $this->corners() === 4 ? [3, 2] : null,
            Quantity::DiagonalRight => $this->corners() === 4 ? [0, 2] : null,
            Quantity::DiagonalLeft => $this->corners() === 4 ? [1, 3] : null,
            default => null,
        };
    }
}
