<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\JobPart;

/** How much snow lies on a job's roof, and what is below that it must not slide on. */
final readonly class SnowInput implements JobPart
{
    /**
     * @param  float|null  $psf  on the level, as it lies on the roof; null where nobody has said
     * @param  list<GuardedPlace>  $places
     */
    public function __construct(public ?float $psf = null, public GuardKind $kind = GuardKind::Pads, public array $places = [])
    {
    }

    /** A rail wants seams to be clamped on; sheets without get pads. */
    public function kindOn(Profile $profile): GuardKind
    {
        return $profile->family->isConcealed() ? $this->kind : GuardKind::Pads;
    }
}
