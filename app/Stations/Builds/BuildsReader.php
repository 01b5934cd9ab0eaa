<?php

declare(strict_types=1);

namespace App\Stations\Builds;

use App\Documents\Reading;
use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Builds\Fixing;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\Piece;
use Imbrex\Core\HouseRules;
use stdClass;

/** Reads of a document how single edges are to be built. An edge's id begins with its kind, which says what may be wished. */
final readonly class BuildsReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): BuildsInput
    {
        $wishes = [];
        foreach ((array) ($this->reading->document->edges ?? []) as $id => $wish) {
            $kind = EdgeKind::tryFrom((string) strstr("$id-", '-', true));
            if ($kind === null || ! str_contains((string) $id, '-')) {
                $this->reading->fault("edges.$id", 'edge-id', (string) $id);

                continue;
            }
            $known = EdgeWish::fields($kind);
            foreach (array_diff(array_keys((array) $wish), $known) as $field) {
                $this->reading->fault("edges.$id.$field", 'edge-wish', $wish->{$field}, ['kind' => $kind->value, 'known' => implode(', ', $known) ?: 'none']);
            }
            if ($kind === EdgeKind::Valley) {
                $this->checkReveal((string) $id, $wish);
            }
            $build = isset($wish->build) ? $this->build("edges.$id.build", $kind, (string) $wish->build) : null;
            $wishes[(string) $id] = new EdgeWish(
                reveal: isset($wish->reveal) ? (float) $wish->reveal : null,
                vented: isset($wish->vented) ? (bool) $wish->vented : null,
                starter: (bool) ($wish->starter ?? false),
                build: $build?->name(),
                order: isset($wish->order) ? array_map(strval(...), array_values((array) $wish->order)) : null,
                spacing: array_map(floatval(...), (array) ($wish->spacing ?? [])),
            );
            $this->checkLayers((string) $id, $wish, $kind, $build);
        }
        $builds = [];
        foreach ((array) ($this->reading->document->builds ?? []) as $kind => $name) {
            $build = $this->build("builds.$kind", EdgeKind::from((string) $kind), (string) $name);
            if ($build !== null) {
                $builds[(string) $kind] = $build->name();
            }
        }

        return new BuildsInput($wishes, $builds, $this->junctions());
    }

    /** @return array<string, list<string>> orders of pieces, by id of the junction, which begins with its kind */
    private function junctions(): array
    {
        $orders = [];
        foreach ((array) ($this->reading->document->junctions ?? []) as $id => $wish) {
            $kind = JunctionKind::tryFrom((string) strstr("$id.", '.', true));
            if ($kind === null) {
                $this->reading->fault("junctions.$id", 'junction-id', (string) $id);

                continue;
            }
            $known = array_map(static fn (Piece $piece): string => $piece->key, JunctionBook::of($kind)->pieces);
            $order = array_map(strval(...), array_values((array) $wish->order));
            foreach ($order as $i => $key) {
                if (! in_array($key, $known, true) || array_search($key, $order, true) !== $i) {
                    $this->reading->fault("junctions.$id.order[$i]", 'layer', $key, ['known' => implode(', ', $known)]);
                }
            }
            if (array_diff($known, $order) !== []) {
                $this->reading->fault("junctions.$id.order", 'items', $order, ['least' => count($known), 'most' => count($known)]);
            }
            $orders[(string) $id] = $order;
        }

        return $orders;
    }

    /** The build that is named, where it can hold these panels at an edge of this kind. */
    private function build(string $field, EdgeKind $kind, string $name): ?Build
    {
        $fixing = Fixing::of($this->reading->covering->profile->family);
        $build = BuildBook::shipped()->build($name);
        if ($build?->edge === $kind && $build->holds($fixing)) {
            return $build;
        }
        $known = array_map(static fn (Build $build): string => $build->key, BuildBook::shipped()->choices($kind, $fixing));
        $this->reading->fault($field, 'build', $name, ['kind' => $kind->value, 'known' => implode(', ', $known) ?: 'none', 'profile' => $this->reading->covering->profile->key]);

        return null;
    }

    /** Layers are those of the build; each goes on once, and only what is fastened has a spacing. */
    private function checkLayers(string $id, stdClass $wish, EdgeKind $kind, ?Build $build): void
    {
        if (! isset($wish->order) && ! isset($wish->spacing)) {
            return;
        }
        if ($build === null) {
            // Layers are told of one build; another might come to be usual.
            if (! isset($wish->build)) {
                $this->reading->fault("edges.$id.build", 'build-with-layers', null, ['kind' => $kind->value]);
            }

            return;
        }
        $known = array_map(static fn (Layer $layer): string => $layer->key, $build->layers);
        $order = array_map(strval(...), array_values((array) ($wish->order ?? [])));
        if (isset($wish->order) && $order === []) {
            $this->reading->fault("edges.$id.order", 'items', $order, ['least' => 1, 'most' => count($known)]);
        }
        foreach ($order as $i => $key) {
            if (! in_array($key, $known, true) || array_search($key, $order, true) !== $i) {
                $this->reading->fault("edges.$id.order[$i]", 'layer', $key, ['known' => implode(', ', $known)]);
            }
        }
        foreach ((array) ($wish->spacing ?? []) as $key => $spacing) {
            if ($build->layer((string) $key)?->fastener === null) {
                $fastened = array_map(static fn (Layer $layer): string => $layer->key, array_filter($build->layers, static fn (Layer $layer): bool => $layer->fastener !== null));
                $this->reading->fault("edges.$id.spacing.$key", 'layer-fastened', $spacing, ['known' => implode(', ', $fastened)]);
            }
        }
    }

    /** One valley's reveal keeps to what the house rule for all of them may be. */
    private function checkReveal(string $id, stdClass $wish): void
    {
        $rule = HouseRules::get('edge.valley.'.($this->reading->covering->profile->family->isConcealed() ? 'concealed' : 'exposed').'.offset');
        if (isset($wish->reveal) && ! $rule->accepts(-(float) $wish->reveal)) {
            $this->reading->fault("edges.$id.reveal", 'range', $wish->reveal, ['least' => -$rule->most, 'most' => -$rule->least]);
        }
    }
}
