<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Roof\Face;

/** Faces whose seams hang together through ridges, hips and pitch changes. */
final readonly class FaceGroup
{
    /**
     * @param  non-empty-list<Face>  $faces  the largest first
     * @param  list<Tie>  $ties
     * @param  list<array{edge: string, faces: list<string>}>  $loose  shared edges where seams cannot meet: the pitches differ
     */
    public function __construct(public array $faces, public array $ties, public array $loose)
    {
    }

    /** Named after its first face. */
    public function id(): string
    {
        return $this->faces[0]->id;
    }

    public function holds(string $face): bool
    {
        return $this->numberOf($face) !== null;
    }

    public function numberOf(string $face): ?int
    {
        foreach ($this->faces as $number => $own) {
            if ($own->id === $face) {
                return $number;
            }
        }

        return null;
    }

    /** @return list<Tie> of one face, looked at from it */
    public function tiesOf(string $face): array
    {
        $ties = [];
        foreach ($this->ties as $tie) {
            if ($tie->one === $face || $tie->other === $face) {
                $ties[] = $tie->one === $face ? $tie : $tie->turned();
            }
        }

        return $ties;
    }
}
