<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

/** One entity as its group codes come in. */
final class DxfEntity
{
    private const FARTHEST = 1e9;

    /** Sizes of a circle and of a block's place: radius; scales, spacings of columns and rows, turn; columns, rows. */
    private const SIZES = ['CIRCLE' => [40], 'INSERT' => [41, 42, 44, 45, 50, 70, 71]];

    public string $layer = '0';

    public string $text = '';

    public string $variable = '';

    public bool $closed = false;

    /** Has an arc in it (a bulge). */
    public bool $curved = false;

    /** A coordinate that is no number, or lies beyond any drawing. */
    public bool $broken = false;

    /** @var list<array{float, float}> */
    public array $points = [];

    /** Drawn on a sheet of paper rather than in the model, or not shown at all. */
    public bool $onPaper = false;

    public bool $invisible = false;

    /** Seen from behind (−1), or from a side: then its outline is not what is drawn flat. */
    public float $facing = 1.0;

    /** Of a layer's record: what it is named, whether it is frozen or switched off. */
    public string $name = '';

    public bool $frozen = false;

    public bool $off = false;

    /** @var array<int, float> what its type has of these, by group code */
    public array $sizes = [];

    private ?float $x = null;

    public function __construct(public readonly string $type)
    {
    }

    public function take(int $code, string $value): void
    {
        if (in_array($code, self::SIZES[$this->type] ?? [], true)) {
            $this->sizes[$code] = $this->number($value) ?? 0.0;

            return;
        }
        switch ($code) {
            case 1:
            case 3:
                // A long paragraph comes in pieces, the last of them as its text.
                $this->text = mb_substr($this->text.$value, 0, 400);
                break;
            case 2:
                $this->name = mb_substr($value, 0, 80);
                break;
            case 8:
                $this->layer = mb_substr($value, 0, 80);
                break;
            case 9:
                $this->variable = $value;
                break;
            case 10:
            case 11:
                $this->x = $this->number($value);
                break;
            case 20:
            case 21:
                $y = $this->number($value);
                if ($this->x !== null && $y !== null) {
                    $this->points[] = [$this->x, $y];
                }
                $this->x = null;
                break;
            case 42:
                $this->curved = $this->curved || abs((float) $value) > 1e-9;
                break;
            case 60:
                $this->invisible = (int) $value === 1;
                break;
            case 62:
                $this->off = (int) $value < 0;
                break;
            case 67:
                $this->onPaper = (int) $value === 1;
                break;
            case 70:
                $this->closed = $this->frozen = ((int) $value & 1) === 1;
                break;
            case 230:
                $this->facing = (float) $value;
                break;
        }
    }

    /** Its points as they lie in the drawing: what is seen from behind is the other way round. */
    public function turned(): void
    {
        // A line's ends are given in the drawing itself, everything else on a plane of its own.
        if ($this->facing < 0.0 && $this->type !== 'LINE') {
            $this->points = array_map(static fn (array $p): array => [-$p[0], $p[1]], $this->points);
        }
    }

    /**
     * The same on another layer, its points moved.
     *
     * @param  callable(float, float): array{float, float}  $to
     */
    public function movedBy(callable $to, string $layer): self
    {
        $moved = clone $this;
        $moved->points = array_map(static fn (array $p): array => $to($p[0], $p[1]), $this->points);
        $moved->layer = $this->layer === '0' ? $layer : $this->layer;

        return $moved;
    }

    private function number(string $value): ?float
    {
        if (! is_numeric($value) || abs((float) $value) > self::FARTHEST) {
            $this->broken = true;

            return null;
        }

        return (float) $value;
    }
}
