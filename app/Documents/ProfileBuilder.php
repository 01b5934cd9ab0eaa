<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Catalogue\Family;
use Imbrex\Core\Catalogue\Hand;
use Imbrex\Core\Catalogue\Hold;
use Imbrex\Core\Catalogue\HoldKind;
use Imbrex\Core\Catalogue\Profile;
use stdClass;

/** A profile somebody measured or copied from the panel maker's sheet. */
final class ProfileBuilder
{
    /** @param  stdClass  $definition sound by the schema's `profile` */
    public static function build(stdClass $definition): Profile
    {
        $family = Family::from((string) $definition->family);
        $cover = (float) $definition->cover;

        return new Profile(
            key: (string) $definition->key,
            family: $family,
            cover: $cover,
            height: (float) $definition->height,
            leftMetal: (float) ($definition->leftMetal ?? 0.0),
            rightMetal: (float) ($definition->rightMetal ?? 0.0),
            coil: (float) $definition->coil,
            hand: Hand::from((string) ($definition->hand ?? Hand::FemaleLeft->value)),
            mayTurn: (bool) ($definition->mayTurn ?? false),
            leastPitch: (float) $definition->leastPitch,
            hold: new Hold(HoldKind::from((string) ($definition->hold ?? ($family->isConcealed() ? 'clip' : 'screws'))), (float) ($definition->travel ?? 0.0)),
            fieldScrews: array_map(floatval(...), array_values($definition->fieldScrews ?? [])),
            endScrews: array_map(floatval(...), array_values($definition->endScrews ?? [])),
            ribs: array_map(floatval(...), array_values($definition->ribs ?? [0.0, $cover])),
            stitchSpacing: (float) ($definition->stitchSpacing ?? 0.0),
            shortest: (float) ($definition->shortest ?? 24.0),
            longest: (float) ($definition->longest ?? 540.0),
            representative: false,
        );
    }
}
