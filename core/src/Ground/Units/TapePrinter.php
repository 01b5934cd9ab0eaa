<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/**
 * Prints a length as it is read off a tape: 17′ 10 3/8″, or 214 3/8″ where a cutter wants inches alone.
 * The cases in contracts/tape-cases.json hold for this class and for its twin on the screen.
 */
final readonly class TapePrinter
{
    public function __construct(
        private Division $division = Division::Sixteenth,
        private bool $inchesOnly = false,
        public UnitSystem $units = UnitSystem::Imperial,
    ) {
    }

    /** Whether it reads millimetres: then one length is not said in two ways. */
    public function isMetric(): bool
    {
        return $this->division === Division::Millimetre;
    }

    public function inInches(): self
    {
        return new self($this->division, true, $this->units);
    }

    /** @param  float  $inches unrounded; a negative length (a difference) is printed with a minus sign */
    public function print(float $inches, Rounding $rounding = Rounding::Nearest): string
    {
        if ($this->division === Division::Millimetre) {
            $millimetres = $rounding->steps($inches * Length::MILLIMETRES_PER_INCH, 1.0);

            return ($millimetres < 0 ? "\u{2212}" : '').abs($millimetres).' mm';
        }
        $perInch = $this->division->marksPerInch();
        $marks = $rounding->steps($inches, $this->division->inches());
        $sign = $marks < 0 ? "\u{2212}" : '';
        $marks = abs($marks);
        $feet = $this->inchesOnly ? 0 : intdiv($marks, 12 * $perInch);
        $rest = $marks - $feet * 12 * $perInch;
        $whole = intdiv($rest, $perInch);
        $fraction = $this->fraction($rest % $perInch, $perInch);

        $inchText = match (true) {
            $fraction === '' => (string) $whole,
            $whole === 0 => $fraction,
            default => "$whole $fraction",
        };

        return $sign.($feet > 0 ? "$feet\u{2032} " : '').$inchText."\u{2033}";
    }

    private function fraction(int $numerator, int $denominator): string
    {
        if ($numerator === 0) {
            return '';
        }
        while ($numerator % 2 === 0) {
            $numerator = intdiv($numerator, 2);
            $denominator = intdiv($denominator, 2);
        }

        return "$numerator/$denominator";
    }
}
