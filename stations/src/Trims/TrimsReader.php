<?php

declare(strict_types=1);

namespace Imbrex\Stations\Trims;

use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndFit;
use Imbrex\Core\Trims\RunSchool;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document how trims are made otherwise than the house makes them. */
final readonly class TrimsReader
{
    /** No brake closes further, degrees. */
    private const LEAST_BEND = 20.0;

    public function __construct(private Reading $reading)
    {
    }

    public function input(): TrimsInput
    {
        $said = $this->reading->document->trims ?? new stdClass;
        foreach (['laps', 'stocks', 'schools', 'shapes', 'fits'] as $field) {
            foreach (array_keys((array) ($said->{$field} ?? [])) as $key) {
                if (TrimBook::shipped()->shape((string) $key) === null) {
                    $this->reading->fault("trims.$field.$key", 'trim-shape', (string) $key, ['known' => implode(', ', array_keys(TrimBook::shipped()->all()))]);
                }
            }
        }
        $least = $this->reading->covering->rules->number('trim.least');
        $laps = array_map(floatval(...), (array) ($said->laps ?? []));
        foreach ($laps as $key => $lap) {
            // The least piece has a lap at either end.
            if (2.0 * $lap > $least) {
                $this->reading->fault("trims.laps.$key", 'range', $lap, ['least' => 0, 'most' => $least / 2.0]);
            }
        }
        $stocks = [];
        foreach ((array) ($said->stocks ?? []) as $key => $lengths) {
            $stocks[(string) $key] = array_values(array_map(floatval(...), (array) $lengths)) ?: [24.0];
        }
        $viewpoint = $said->viewpoint ?? null;

        return new TrimsInput(
            $this->shapes((array) ($said->shapes ?? [])),
            $laps,
            $stocks,
            array_map(static fn (mixed $school): RunSchool => RunSchool::from((string) $school), (array) ($said->schools ?? [])),
            is_array($viewpoint) ? new Point((float) $viewpoint[0], (float) $viewpoint[1]) : null,
            $this->fits((array) ($said->fits ?? [])),
        );
    }

    /**
     * @param  array<string, stdClass>  $said  by shape
     * @return array<string, array<string, EndFit>>
     */
    private function fits(array $said): array
    {
        $fits = [];
        foreach ($said as $shape => $ends) {
            foreach ((array) $ends as $end => $fit) {
                if (EndKind::tryFrom((string) $end) === null) {
                    $this->reading->fault("trims.fits.$shape.$end", 'trim-end', (string) $end, ['known' => implode(', ', array_column(EndKind::cases(), 'value'))]);
                }
                $fits[(string) $shape][(string) $end] = new EndFit((float) $fit->low, (float) $fit->high, array_values(array_map(strval(...), (array) ($fit->but ?? []))));
            }
        }

        return $fits;
    }

    /**
     * @param  array<string, stdClass>  $said
     * @return array<string, TrimShape>
     */
    private function shapes(array $said): array
    {
        $shapes = [];
        foreach ($said as $key => $shape) {
            $shapes[(string) $key] = $this->shape($shape, (string) $key);
        }

        return $shapes;
    }

    private function shape(stdClass $said, string $key): TrimShape
    {
        $field = "trims.shapes.$key";
        $legs = array_values((array) $said->legs);
        $last = count($legs) - 1;
        foreach ($legs as $i => $leg) {
            if (($i === $last) === (isset($leg->bend) || ($leg->follows ?? null) === 'dihedral')) {
                $this->reading->fault("$field.legs[$i].bend", $i === $last ? 'trim-last-bend' : 'trim-bend', $leg->bend ?? null);
            }
        }
        foreach ($legs as $i => $leg) {
            // What follows the roof is more than what is said of it.
            if (isset($leg->bend) && ! isset($leg->follows) && (float) $leg->bend < self::LEAST_BEND) {
                $this->reading->fault("$field.legs[$i].bend", 'range', $leg->bend, ['least' => self::LEAST_BEND, 'most' => 340]);
            }
        }
        $made = array_map(static fn (stdClass $leg): TrimLeg => new TrimLeg((float) $leg->length, isset($leg->bend) || isset($leg->follows) ? new Bend((float) ($leg->bend ?? 0.0), match ($leg->follows ?? null) {
            'pitch' => 1.0,
            'pitch-less' => -1.0,
            default => 0.0,
        }, match ($leg->follows ?? null) {
            'dihedral' => 1.0,
            'half-dihedral' => 0.5,
            default => 0.0,
        }, ($leg->towards ?? 'back') === 'colour') : null), $legs);
        foreach (['low' => $legs[0], 'high' => $legs[$last]] as $end => $leg) {
            if (isset($said->{$end}) && (float) $said->{$end}->length > (float) $leg->length) {
                $this->reading->fault("$field.$end.length", 'trim-hem', $said->{$end}->length, ['leg' => (float) $leg->length]);
            }
        }
        $hem = static fn (?stdClass $hem): ?TrimHem => $hem === null ? null : new TrimHem((float) $hem->length, (bool) ($hem->open ?? false));
        $shape = new TrimShape($key, $made === [] ? [new TrimLeg(1.0)] : $made, $hem($said->low ?? null), $hem($said->high ?? null), $said->plumb ?? TrimBook::shipped()->shape($key)?->plumb);
        if (isset($said->plumb) && $said->plumb > $last) {
            $this->reading->fault("$field.plumb", 'trim-plumb', $said->plumb, ['last' => $last]);
        }
        if ($made !== [] && ShapeSketch::of($shape, $this->reading->covering->profile->height, 26.57, 126.87)->crossesItself()) {
            $this->reading->fault("$field.legs", 'trim-cross', count($legs));
        }
        $sheet = $this->reading->covering->rules->number('trim.sheet');
        if ($shape->girth(0.0) > $sheet) {
            $this->reading->fault("$field.legs", 'trim-girth', $shape->girth(0.0), ['most' => $sheet]);
        }

        return $shape;
    }
}
