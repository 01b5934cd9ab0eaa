<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** How one face is held down. */
final readonly class FaceHold
{
    /**
     * @param  ClipSchool|null  $school  null of screw-down sheets
     * @param  ClipKind|null  $clip  null where panels are held otherwise
     * @param  float  $allowable  lb of one clip or screw
     * @param  list<Seam>  $seams
     * @param  list<Clip>  $clips  of clips, or screws in slots
     * @param  list<Screw>  $screws  through sheets
     * @param  list<float>  $rows  of screws, inches up the slope
     * @param  list<FixedPoint>  $fixed
     */
    public function __construct(
        public string $face,
        public FaceZones $zones,
        public float $pitchDegrees,
        public ?ClipSchool $school,
        public ?ClipKind $clip,
        public int $screwsAClip,
        public float $allowable,
        public array $seams,
        public array $clips,
        public array $screws,
        public array $rows,
        public array $fixed,
    ) {
    }

    /** The clip the wind pulls hardest at, for what it may carry; null where nothing is known. */
    public function weakest(): ?Clip
    {
        $weakest = null;
        foreach ($this->clips as $clip) {
            if ($clip->ratio() !== null && $clip->ratio() > ($weakest?->ratio() ?? -1.0)) {
                $weakest = $clip;
            }
        }

        return $weakest;
    }

    /** How many carry more than they may. */
    public function over(): int
    {
        return count(array_filter($this->clips, static fn (Clip $clip): bool => ($clip->ratio() ?? 0.0) > 1.0 + 1e-9));
    }
}
