<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/**
 * A planning estimate of uplift where no engineer has given pressures: q = 0.00256 Kz Kzt Kd V² (psf, mph ultimate), of
 * which 0.6 is the allowable level; net = 0.6 q (suction + internal). Coefficients of data/uplift.php. Always an estimate.
 */
final readonly class WindEstimate
{
    private const PSF = 0.00256;

    /** From ultimate to the allowable level. */
    public const ALLOWABLE = 0.6;

    /** Steeper roofs (degrees) and higher ones (ft) the table does not know. */
    public const STEEPEST = 45.0;

    public const LOWEST = 15.0;

    public const HIGHEST = 40.0;

    /**
     * @param  float  $mph  ultimate wind speed
     * @param  float  $meanHeightFeet  of the roof over the ground
     * @param  float  $kzt  for hills and crests; 1 on the flat
     */
    public function __construct(public Exposure $exposure, public float $mph, public float $meanHeightFeet, public float $kzt = 1.0)
    {
    }

    /** Velocity pressure at the mean roof height, psf, ultimate. */
    public function velocityPressure(): float
    {
        return self::PSF * $this->kz() * $this->kzt * $this->kd() * $this->mph ** 2;
    }

    public function kz(): float
    {
        $table = self::table()['kz'][$this->exposure->value];
        $height = max(self::LOWEST, min(self::HIGHEST, $this->meanHeightFeet));
        [$lowFeet, $low] = [self::LOWEST, $table[(int) self::LOWEST]];
        foreach ($table as $feet => $kz) {
            if ($height <= $feet) {
                return $feet <= $lowFeet ? $kz : $low + ($kz - $low) * ($height - $lowFeet) / ($feet - $lowFeet);
            }
            [$lowFeet, $low] = [(float) $feet, $kz];
        }

        return $low;
    }

    public function kd(): float
    {
        return self::table()['kd'];
    }

    /** The coefficient of suction, without its sign, and what the inside adds. */
    public function suction(WindZone $zone, float $pitchDegrees): float
    {
        $last = 0.0;
        foreach (self::table()['suction'] as $row) {
            $last = $row[$zone->value];
            if ($pitchDegrees <= $row['upTo'] + 1e-9) {
                break;
            }
        }

        return $last;
    }

    /** Which table the coefficients are of. */
    public function label(): string
    {
        return self::table()['label'];
    }

    public function internal(): float
    {
        return self::table()['internal'];
    }

    /** psf, upwards, at the allowable level. */
    public function net(WindZone $zone, float $pitchDegrees): float
    {
        return self::ALLOWABLE * $this->velocityPressure() * ($this->suction($zone, $pitchDegrees) + $this->internal());
    }

    /** @return array{label: string, kd: float, internal: float, kz: array<string, array<int, float>>, suction: list<array{upTo: float, field: float, edge: float, corner: float}>} */
    private static function table(): array
    {
        /** @var array{label: string, kd: float, internal: float, kz: array<string, array<int, float>>, suction: list<array{upTo: float, field: float, edge: float, corner: float}>}|null $table the data file never changes while the program runs */
        static $table = null;

        if ($table === null) {
            /** @var array{label: string, kd: float, internal: float, kz: array<string, array<int, float>>, suction: list<array{upTo: float, field: float, edge: float, corner: float}>} $data */
            $data = require __DIR__.'/data/uplift.php';
            $table = $data;
        }

        return $table;
    }
}
