<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Contact;

use Imbrex\Core\JobPart;

/** Of what metal the parts are that are not panels, and what they are set against. */
final readonly class MetalsInput implements JobPart
{
    /**
     * @param  string|null  $trims  key of the metal of trims, cleats and zees; null = that of the panels
     * @param  string|null  $screws  of screws and nails; null = steel on steel, stainless on all else
     * @param  string|null  $rivets  null = stainless
     * @param  bool  $treatedFascia  whether fascias and barge boards are of treated timber
     * @param  bool  $freshMortar  whether walls are rendered or laid anew
     */
    public function __construct(public ?string $trims = null, public ?string $screws = null, public ?string $rivets = null, public bool $treatedFascia = false, public bool $freshMortar = false)
    {
    }
}
