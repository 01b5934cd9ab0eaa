<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** An area, a flow, a force or a slope, told from a plain number where it stands in the parameters of a finding: it is said in the job's units. */
final readonly class Amount
{
    private function __construct(public float $value, public AmountKind $kind)
    {
    }

    public static function squareFeet(float $squareFeet): self
    {
        return new self($squareFeet, AmountKind::Area);
    }

    /** @param  float  $gallons  in a minute, or of anything */
    public static function gallons(float $gallons): self
    {
        return new self($gallons, AmountKind::Water);
    }

    /** Of a pull or a push. */
    public static function pounds(float $pounds): self
    {
        return new self($pounds, AmountKind::Force);
    }

    public static function pitch(float $riseIn12): self
    {
        return new self($riseIn12, AmountKind::Pitch);
    }
}
