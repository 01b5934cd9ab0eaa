<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Openings\Internal\LapCheck;
use Imbrex\Core\Openings\Internal\LapFault;
use Imbrex\Core\Openings\Internal\Surround;
use Imbrex\Core\Roof\UphillSchool;

/** One opening as it is flashed: its pieces in the order they go on, and whether their laps shed. */
final readonly class FlashedOpening
{
    /**
     * @param  list<OpeningPiece>  $pieces  panels round it among them
     * @param  array<string, list<string>>  $laps  roles each piece lies over, by its own
     * @param  list<LapFault>  $faults
     * @param  Boot|null  $boot  of a pipe
     * @param  bool  $isSlit  whether a seam runs under the boot's base
     * @param  list<float>  $seams  across the face, that fall within its width, inches
     * @param  bool  $isAdapted  whether somebody put the pieces in an order of their own
     */
    public function __construct(
        public Surround $round,
        public WorkOrder $order,
        public UphillSchool $uphill,
        public array $pieces,
        public array $laps,
        public array $faults,
        public ?Boot $boot = null,
        public bool $isSlit = false,
        public array $seams = [],
        public bool $isAdapted = false,
    ) {
    }

    public function id(): string
    {
        return $this->round->opening->id;
    }

    public function sheds(): bool
    {
        return $this->faults === [];
    }

    public function piece(PieceRole $role): ?OpeningPiece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->role === $role) {
                return $piece;
            }
        }

        return null;
    }

    /**
     * What a drop rides that comes down on its uphill side.
     *
     * @param  float  $x  across from its left side, inches
     * @return list<PieceRole> without the panels round it
     */
    public function way(float $x): array
    {
        $check = new LapCheck($this->round, (new Kit($this->round, $this->order, $this->uphill))->lying($this->pieces));

        return array_values(array_filter($check->way($x, $this->round->height + $this->round->above + 1.0), static fn (PieceRole $role): bool => ! $role->isPanel()));
    }

    /** @return list<OpeningPiece> those that are bent or set for it, without the panels round it */
    public function bent(): array
    {
        return array_values(array_filter($this->pieces, static fn (OpeningPiece $piece): bool => ! $piece->role->isPanel()));
    }
}
