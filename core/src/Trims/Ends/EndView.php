<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;

/** The end of a trim as somebody sees its flat, low edge down: x to the right, y up, inches, as much of it as bears marks. */
final readonly class EndView
{
    /** Beyond its deepest mark (in) it is broken off; it is shown at least so deep (in). */
    private const MORE = 2.5;

    private const LEAST = 5.0;

    /**
     * @param  list<Point>  $outline  of what is left of it
     * @param  list<EndLine>  $lines  to cut, bend and notch by
     * @param  list<EndLine>  $bends  bend lines of the trim itself
     * @param  list<array{Point, EndMark}>  $marks  and where they stand
     * @param  float  $width  inches shown
     * @param  bool  $isLeft  whether the end lies to the left in this view; it is broken off on the other side
     */
    private function __construct(public array $outline, public array $lines, public array $bends, public array $marks, public float $width, public float $height, public bool $isLeft)
    {
    }

    /** @param  bool  $fromBack  with the colour away from whoever looks */
    public static function of(EndCut $cut, bool $fromBack): self
    {
        $width = max(self::LEAST, $cut->depth() + self::MORE);
        $isLeft = $cut->isLeft !== $fromBack;
        $at = static fn (Point $p): Point => new Point($isLeft ? $p->u : $width - $p->u, $p->v);

        return new self(
            outline: array_map($at, [...$cut->outline, new Point($width, $cut->girth), new Point($width, 0.0)]),
            lines: array_map(static fn (EndLine $line): EndLine => new EndLine($line->kind, $at($line->from), $at($line->to)), $cut->lines),
            bends: array_map(static fn (array $bend): EndLine => new EndLine(MarkKind::Bend, $at(new Point($bend[1], $bend[0])), $at(new Point($width, $bend[0]))), $cut->bends),
            marks: array_map(static fn (EndMark $mark): array => [$at(new Point($mark->distance, $mark->across)), $mark], $cut->marks()),
            width: $width, height: $cut->girth, isLeft: $isLeft,
        );
    }
}
