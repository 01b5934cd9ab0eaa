<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\HoldDown\Internal\FaceZones;
use Imbrex\Core\HoldDown\Internal\HeldPack;
use Imbrex\Core\HoldDown\Snow\GuardRow;

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
     * @param  list<FixedPoint>  $fixed  none of screw-down sheets, which are held through
     * @param  list<GuardRow>  $guards
     * @param  list<array{float, float}>  $crimps  places (u, v) where a loose cap is crimped by hand until the seamer comes
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
        public array $guards = [],
        public array $crimps = [],
    ) {
    }

    /** @return array<mixed> */
    public function __serialize(): array
    {
        return [...get_object_vars($this), 'clips' => HeldPack::clips($this->clips), 'screws' => HeldPack::screws($this->screws), 'fixed' => HeldPack::fixed($this->fixed)];
    }

    /** @param  array{face: string, allowable: float, clips: string, screws: array{list<string>, string}, fixed: list<array{string, float, float, string}>}  $kept */
    public function __unserialize(array $kept): void
    {
        $whole = [
            ...$kept, 'clips' => HeldPack::clipsFrom($kept['clips'], $kept['face'], $kept['allowable']),
            'screws' => HeldPack::screwsFrom($kept['screws'], $kept['face'], $kept['allowable']), 'fixed' => HeldPack::fixedFrom($kept['fixed']),
        ];
        foreach ($whole as $name => $value) {
            $this->{$name} = $value;
        }
    }

    /** The clip or screw the wind pulls hardest at, for what it may carry; null where nothing is known. */
    public function weakest(): Clip|Screw|null
    {
        $weakest = null;
        foreach ($this->held() as $one) {
            if ($one->ratio() !== null && $one->ratio() > ($weakest?->ratio() ?? -1.0)) {
                $weakest = $one;
            }
        }

        return $weakest;
    }

    /** @return list<Clip|Screw> that carry more than they may */
    public function over(): array
    {
        return array_values(array_filter($this->held(), static fn (Clip|Screw $one): bool => ($one->ratio() ?? 0.0) > 1.0 + 1e-9));
    }

    /** The panel whose weight and snow come nearest to what fixes it. */
    public function hardestFixed(): ?FixedPoint
    {
        $hardest = null;
        foreach ($this->fixed as $one) {
            $hardest = $one->at !== [] && $one->ratio() > ($hardest?->ratio() ?? -1.0) ? $one : $hardest;
        }

        return $hardest;
    }

    /** The widest gap between two rows of screws, inches. */
    public function rowGap(): float
    {
        return max([0.0, ...array_map(static fn (float $low, float $high): float => $high - $low, array_slice($this->rows, 0, -1), array_slice($this->rows, 1))]);
    }

    /** @return list<Clip|Screw> */
    private function held(): array
    {
        return $this->clips === [] ? $this->screws : $this->clips;
    }
}
