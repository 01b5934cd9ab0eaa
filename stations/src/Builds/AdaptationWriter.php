<?php

declare(strict_types=1);

namespace Imbrex\Stations\Builds;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Ground\Metalwork\Sizes;

/** Puts what was changed of a build as the job document has it, so that it can be kept for other edges and other jobs. */
final class AdaptationWriter
{
    /** @return array<string, mixed> a build of the crew, but for its name */
    public static function crewBuild(EdgeBuild $own): array
    {
        return ['from' => $own->shipped()?->name(), ...self::changes($own->changed(), $own->sizes())];
    }

    /** @return array<string, mixed> */
    private static function changes(Adaptation $changed, Sizes $sizes): array
    {
        return array_filter([
            'order' => $changed->order,
            'spacing' => $changed->spacing,
            'layers' => array_map(static fn (Layer $layer): array => self::layer($layer, $changed->on[$layer->key] ?? AdaptationReader::DECK, $sizes), $changed->layers),
        ]);
    }

    /**
     * @return array<string, mixed> as one's own
     */
    public static function layer(Layer $layer, string $on, Sizes $sizes): array
    {
        return array_filter([
            'title' => $layer->title,
            'role' => $layer->role->value,
            'on' => $on,
            'from' => $sizes->of($layer->from),
            'to' => $sizes->of($layer->to),
            'lap' => $layer->lap,
            'high' => $sizes->of($layer->high),
            'fastener' => $layer->fastener === null ? null : ['kind' => $layer->fastener->kind->value, 'spacing' => $layer->fastener->spacing, 'at' => $sizes->of($layer->fastener->at[0]), 'end' => $layer->fastener->end],
            'seal' => $layer->seal === null ? null : ['kind' => $layer->seal->kind->value, 'width' => $layer->seal->width, 'beads' => $layer->seal->beads],
            'metal' => $layer->metal,
            'note' => $layer->note,
        ], static fn (mixed $value): bool => $value !== null && $value !== '');
    }
}
