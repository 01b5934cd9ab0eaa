<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Catalogue\Family;
use Imbrex\Core\Catalogue\Hand;
use Imbrex\Core\Catalogue\Hold;
use Imbrex\Core\Catalogue\HoldKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Catalogue\TapedSection;
use stdClass;

/** A profile somebody measured or copied from the panel maker's sheet. */
final class ProfileBuilder
{
    /** @param  stdClass  $definition sound by the schema's `profile` */
    public static function build(stdClass $definition): Profile
    {
        $family = Family::from((string) $definition->family);
        $cover = (float) $definition->cover;
        $taped = self::taped($definition);

        return new Profile(
            key: (string) $definition->key,
            family: $family,
            cover: $cover,
            height: (float) $definition->height,
            leftMetal: $taped->leftMetal ?? (float) ($definition->leftMetal ?? 0.0),
            rightMetal: $taped->rightMetal ?? (float) ($definition->rightMetal ?? 0.0),
            coil: (float) $definition->coil,
            hand: self::hand($definition),
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

    /**
     * What of a profile's tapes cannot be so.
     *
     * @param  stdClass  $definition  sound by the schema's `profile`
     * @return list<Fault>
     */
    public static function faults(stdClass $definition, string $field): array
    {
        $faults = [];
        foreach (self::taped($definition)->impossible ?? [] as $name => [$how, $inches]) {
            $faults[] = new Fault("$field.$name", "taped-$how", Understood::inWords($definition->{$name} ?? null), ['inches' => $inches]);
        }
        foreach (isset($definition->outToOut) ? ['leftMetal', 'rightMetal'] : ['insideToOutside'] as $name) {
            if (isset($definition->{$name})) {
                $faults[] = new Fault("$field.$name", 'taped-besides', Understood::inWords($definition->{$name}));
            }
        }

        return $faults;
    }

    private static function taped(stdClass $definition): ?TapedSection
    {
        return ! isset($definition->outToOut) ? null : TapedSection::of(
            Family::from((string) $definition->family),
            self::hand($definition),
            (float) $definition->cover,
            (float) $definition->outToOut,
            isset($definition->insideToOutside) ? (float) $definition->insideToOutside : null,
            (float) $definition->height,
            (float) $definition->coil,
        );
    }

    private static function hand(stdClass $definition): Hand
    {
        return Hand::from((string) ($definition->hand ?? Hand::FemaleLeft->value));
    }
}
