<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\Leg;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;

/** The legs a piece keeps along its left and right in a view; null where it is cut away, or where both are alike. */
final readonly class Legs
{
    public function __construct(public ?Leg $left = null, public ?Leg $right = null)
    {
    }

    /** Seen face up with the head away from one, which is how a profile's hand is told. */
    public static function of(Profile $profile, Panel $panel): self
    {
        if (! $profile->family->isConcealed() || $profile->family->hasEqualLegs() || $profile->hand === Hand::Either) {
            return new self;
        }
        [$left, $right] = $profile->hand === Hand::FemaleLeft ? [Leg::Female, Leg::Male] : [Leg::Male, Leg::Female];

        return new self($panel->cutLeft ? null : $left, $panel->cutRight ? null : $right);
    }

    public function mirrored(): self
    {
        return new self($this->right, $this->left);
    }
}
