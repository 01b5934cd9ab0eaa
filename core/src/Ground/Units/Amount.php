<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** An area, a flow, a force or a slope, told from a plain number where it stands in the parameters of a finding: it is printed in the job's units. */
final readonly class Amount
{
    /** Of fewer square feet than this a tenth is told, too. */
    private const FEW = 100.0;

    private function __construct(public float $value, private string $what)
    {
    }

    public static function squareFeet(float $squareFeet): self
    {
        return new self($squareFeet, 'area');
    }

    /** @param  float  $gallons  in a minute, or of anything */
    public static function gallons(float $gallons): self
    {
        return new self($gallons, 'water');
    }

    /** Of a pull or a push. */
    public static function pounds(float $pounds): self
    {
        return new self($pounds, 'force');
    }

    public static function pitch(float $riseIn12): self
    {
        return new self($riseIn12, 'pitch');
    }

    public function in(UnitSystem $units): string
    {
        $measures = Measures::in($units);

        return match ($this->what) {
            'area' => $measures->area($this->value, $this->value < self::FEW ? 1 : 0),
            'water' => $measures->water($this->value),
            'pitch' => $measures->pitch($this->value),
            default => $measures->force($this->value),
        };
    }
}
