<?php

declare(strict_types=1);

namespace Imbrex\Stations\Builds;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeBuild;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\Piece;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\HouseRules;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document how single edges are to be built. An edge's id begins with its kind, which says what may be wished. */
final readonly class BuildsReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): BuildsInput
    {
        $own = $this->own();
        $book = BuildBook::shipped()->with($own);
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
            $wishes[(string) $id] = $this->wish((string) $id, $wish, $kind, $book);
        }
        $builds = [];
        foreach ((array) ($this->reading->document->builds ?? []) as $kind => $name) {
            $build = $this->build("builds.$kind", EdgeKind::from((string) $kind), (string) $name, $book);
            if ($build !== null) {
                $builds[(string) $kind] = $build->name();
            }
        }

        return new BuildsInput($wishes, $builds, $this->junctions(), $own);
    }

    private function wish(string $id, stdClass $wish, EdgeKind $kind, BuildBook $book): EdgeWish
    {
        $build = isset($wish->build) ? $this->build("edges.$id.build", $kind, (string) $wish->build, $book) : null;
        $bare = new EdgeWish(
            reveal: isset($wish->reveal) ? (float) $wish->reveal : null,
            vented: isset($wish->vented) ? (bool) $wish->vented : null,
            starter: (bool) ($wish->starter ?? false),
            build: $build?->name(),
        );
        if (! isset($wish->order) && ! isset($wish->spacing) && ! isset($wish->layers)) {
            return $bare;
        }
        if ($build === null) {
            // Layers are told of one build; another might come to be usual.
            if (! isset($wish->build)) {
                $this->reading->fault("edges.$id.build", 'build-with-layers', null, ['kind' => $kind->value]);
            }

            return $bare;
        }
        $sizes = (new EdgeBuild($kind, $this->reading->covering, $bare, $build))->sizes();

        return new EdgeWish($bare->reveal, $bare->vented, $bare->starter, $bare->build, (new AdaptationReader($this->reading))->read("edges.$id", $wish, $build, $sizes));
    }

    /** @return list<Build> those the crew made, copied into the job */
    private function own(): array
    {
        $own = [];
        foreach ($this->reading->document->catalogue->builds ?? [] as $i => $said) {
            $field = "catalogue.builds[$i]";
            $base = BuildBook::shipped()->build((string) $said->from);
            if ($base === null) {
                $this->reading->fault("$field.from", 'build-shipped', $said->from);

                continue;
            }
            if (BuildBook::shipped()->build((string) $said->key) !== null) {
                $this->reading->fault("$field.key", 'build-key', $said->key);
            }
            $sizes = $base->holds(Fixing::of($this->reading->covering->profile->family)) ? (new EdgeBuild($base->edge, $this->reading->covering, null, $base))->sizes() : null;
            $build = $base->adapted((string) $said->key, (int) ($said->version ?? 1), (string) $said->title, (new AdaptationReader($this->reading))->read($field, $said, $base, $sizes));
            if (isset($own[$build->name()])) {
                $this->reading->fault("$field.key", 'id-twice', $build->name());
            }
            $own[$build->name()] = $build;
        }

        return array_values($own);
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
    private function build(string $field, EdgeKind $kind, string $name, BuildBook $book): ?Build
    {
        $fixing = Fixing::of($this->reading->covering->profile->family);
        $build = $book->build($name);
        if ($build?->edge === $kind && $build->holds($fixing)) {
            return $build;
        }
        $known = array_map(static fn (Build $build): string => $build->key, $book->choices($kind, $fixing));
        $this->reading->fault($field, 'build', $name, ['kind' => $kind->value, 'known' => implode(', ', $known) ?: 'none', 'profile' => $this->reading->covering->profile->key]);

        return null;
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
