<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\StageResult;

/** The roof judged as it is built. */
final readonly class FitResult implements StageResult
{
    /**
     * @param  list<BareSpot>  $bare  by face, the largest first
     * @param  list<Misfit>  $misfits  by kind and place
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $bare, public array $misfits, private array $findings)
    {
    }

    public function findings(): array
    {
        return $this->findings;
    }

    /** Whether nothing was found at an edge. */
    public function stands(string $edge): bool
    {
        foreach ($this->findings as $finding) {
            if ($finding->where === $edge) {
                return false;
            }
        }

        return true;
    }
}
