<?php

declare(strict_types=1);

namespace App\Imports\Dxf;

/** One entity as its group codes come in. */
final class DxfEntity
{
    private const FARTHEST = 1e9;

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

    private ?float $x = null;

    public function __construct(public readonly string $type)
    {
    }

    public function take(int $code, string $value): void
    {
        switch ($code) {
            case 1:
                $this->text = mb_substr($value, 0, 200);
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
            case 70:
                $this->closed = ((int) $value & 1) === 1;
                break;
        }
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
