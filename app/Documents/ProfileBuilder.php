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
    /** @param  stdClass  $one sound by the schema's `profile` */
    public static function build(stdClass $one): Profile
    {
        $family = Family::from((string) $one->family);
        $cover = (float) $one->cover;

        return new Profile(
            key: (string) $one->key,
            family: $family,
            cover: $cover,
            height: (float) $one->height,
            leftMetal: (float) ($one->leftMetal ?? 0.0),
            rightMetal: (float) ($one->rightMetal ?? 0.0),
            coil: (float) $one->coil,
            hand: Hand::from((string) ($one->hand ?? Hand::FemaleLeft->value)),
            mayTurn: (bool) ($one->mayTurn ?? false),
            leastPitch: (float) $one->leastPitch,
            hold: new Hold(HoldKind::from((string) ($one->hold ?? ($family->isConcealed() ? 'clip' : 'screws'))), (float) ($one->travel ?? 0.0)),
            fieldScrews: array_map(floatval(...), array_values($one->fieldScrews ?? [])),
            endScrews: array_map(floatval(...), array_values($one->endScrews ?? [])),
            ribs: array_map(floatval(...), array_values($one->ribs ?? [0.0, $cover])),
            stitchSpacing: (float) ($one->stitchSpacing ?? 0.0),
            shortest: (float) ($one->shortest ?? 24.0),
            longest: (float) ($one->longest ?? 540.0),
            representative: false,
        );
    }
}
