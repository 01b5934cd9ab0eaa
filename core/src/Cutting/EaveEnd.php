<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Rules\RuleSet;

/** How the open end of a standing seam is closed at the eave. */
enum EaveEnd: string
{
    /** A tab is left of the leg and folded round. */
    case Tab = 'tab';

    /** A plug is set in; they are ordered by count. */
    case Plug = 'plug';

    /** The female leg is rounded and folded in one piece over the male, which is cut back; nothing is pinched off. */
    case Radius = 'radius';

    /** The loose cap over equal legs reaches past the panel and is folded down. */
    case Cap = 'cap';

    /** By house rule; a cap can be folded down only where there is one. */
    public static function of(Covering $covering): self
    {
        $school = self::from($covering->rules->choice('cut.eaveEnd'));

        return $school === self::Cap && ! $covering->profile->family->hasEqualLegs() ? self::Tab : $school;
    }

    /** @param  Leg|null  $leg  null where a profile's two are alike */
    public function seam(?Leg $leg, Profile $profile, RuleSet $rules): SeamEnd
    {
        $back = $rules->number('cut.notchBack');

        return match (true) {
            $this === self::Tab => new SeamEnd($back, $rules->number('cut.notchTab')),
            $this === self::Radius && $leg === Leg::Male => new SeamEnd($back + $profile->height),
            $this === self::Radius => new SeamEnd($back, radius: $profile->height),
            default => new SeamEnd($back),
        };
    }
}
