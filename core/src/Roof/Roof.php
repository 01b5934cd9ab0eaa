<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Findings\Finding;

/** Every face the survey gives enough readings for. */
final readonly class Roof
{
    /**
     * @param  list<Face>  $faces
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $faces, public array $findings)
    {
    }

    public function face(string $id): ?Face
    {
        foreach ($this->faces as $face) {
            if ($face->id === $id) {
                return $face;
            }
        }

        return null;
    }
}
