<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Hold;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Catalogue\ScrewPlaces;
use Imbrex\Core\Ground\Catalogue\TapedSection;
use stdClass;

/** A profile somebody measured or copied from the panel maker's sheet. */
final class ProfileBuilder
{
    /** Ribs nearer than this (in) are one. */
    private const SAME_RIB = 0.25;

    /** @param  stdClass  $definition sound by the schema's `profile` */
    public static function build(stdClass $definition): Profile
    {
        $family = Family::from((string) $definition->family);
        $cover = (float) $definition->cover;
        $taped = self::taped($definition);
        $ribs = self::ribs($definition);
        $screws = static fn (string $row): array => array_map(floatval(...), array_values($definition->{$row} ?? []));

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
            fieldScrews: $screws('fieldScrews') ?: ($family->isConcealed() ? [] : ScrewPlaces::field($family, $ribs ?? [0.0, $cover])),
            endScrews: $screws('endScrews') ?: ($family->isConcealed() ? [] : ScrewPlaces::end($family, $ribs ?? [0.0, $cover])),
            ribs: $ribs ?? [0.0, $cover],
            stitchSpacing: (float) ($definition->stitchSpacing ?? ScrewPlaces::stitch($family)),
            shortest: (float) ($definition->shortest ?? 24.0),
            longest: (float) ($definition->longest ?? 540.0),
            representative: false,
            saysRibs: $family->isConcealed() || $ribs !== null,
        );
    }

    /** Whether it says where screws go: a sheet by its ribs. */
    public static function saysRibs(stdClass $definition): bool
    {
        return Family::from((string) $definition->family)->isConcealed() || self::ribs($definition) !== null;
    }

    /** @return list<float>|null centres from the left module line; null where nobody has said */
    private static function ribs(stdClass $definition): ?array
    {
        return match (true) {
            ($definition->ribs ?? []) !== [] => self::apart(array_map(floatval(...), array_values($definition->ribs))),
            isset($definition->ribSpacing) => ScrewPlaces::ribs((float) $definition->cover, (float) $definition->ribSpacing),
            Family::from((string) $definition->family)->isConcealed() => [0.0, (float) $definition->cover],
            default => null,
        };
    }

    /**
     * Ribs from the left, one that was entered twice once.
     *
     * @param  list<float>  $ribs
     * @return list<float>
     */
    private static function apart(array $ribs): array
    {
        sort($ribs);

        return array_values(array_filter($ribs, static fn (float $rib, int $i): bool => $i === 0 || $rib - $ribs[$i - 1] > self::SAME_RIB, ARRAY_FILTER_USE_BOTH));
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

        $room = (float) $definition->cover - TapedSection::LEAST_PAN;
        if (! isset($definition->outToOut) && ($definition->leftMetal ?? 0.0) + ($definition->rightMetal ?? 0.0) > $room) {
            $faults[] = new Fault("$field.rightMetal", 'taped-most', Understood::inWords($definition->rightMetal ?? null), ['inches' => $room - ($definition->leftMetal ?? 0.0)]);
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
