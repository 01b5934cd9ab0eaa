<?php

declare(strict_types=1);

namespace Imbrex\Stations\Builds;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\Seal;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Ground\Metalwork\Sizes;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads what somebody changed of a build's layers: at one edge, or for a build of the crew. */
final readonly class AdaptationReader
{
    /** What an own layer lies on that lies on no other. */
    public const DECK = 'deck';

    public function __construct(private Reading $reading)
    {
    }

    /**
     * @param  stdClass  $wish  with `order`, `spacing`, `layers`, sound by the schema
     * @param  Sizes|null  $sizes  of the edge, or of the usual one of its kind; null where it is for other panels than the job's
     */
    public function read(string $field, stdClass $wish, Build $build, ?Sizes $sizes): Adaptation
    {
        $layers = $on = [];
        foreach ((array) ($wish->layers ?? []) as $key => $own) {
            $layers[(string) $key] = $this->layer((string) $key, $own);
            $on[(string) $key] = (string) $own->on;
        }
        $adaptation = new Adaptation(
            isset($wish->order) ? array_map(strval(...), array_values((array) $wish->order)) : null,
            array_map(floatval(...), (array) ($wish->spacing ?? [])),
            $layers,
            array_map(static fn (string $under): string => $under === self::DECK ? $build->layers[0]->key : $under, $on),
        );
        $this->checkOwn($field, $wish, $build, $sizes, $layers, $on);
        $this->checkOrder($field, $adaptation, $build);

        return $adaptation;
    }

    private function layer(string $key, stdClass $own): Layer
    {
        $fastener = $own->fastener ?? null;
        $seal = $own->seal ?? null;
        $kind = $seal === null ? null : SealKind::from((string) $seal->kind);

        return new Layer(
            key: $key,
            role: LayerRole::from((string) $own->role),
            from: (float) $own->from,
            to: (float) $own->to,
            fastener: $fastener === null ? null : new Fastener(FastenerKind::from((string) $fastener->kind), (float) $fastener->spacing, [(float) $fastener->at], (float) ($fastener->end ?? 1.0)),
            lap: (float) ($own->lap ?? 0.0),
            high: (float) ($own->high ?? 0.0),
            seal: $kind === null ? null : new Seal($kind, (float) ($seal->width ?? 0.25), $kind === SealKind::ButylTape ? 0.1875 : 0.0, (int) ($seal->beads ?? 1)),
            metal: isset($own->metal) ? (string) $own->metal : null,
            title: (string) $own->title,
            note: (string) ($own->note ?? ''),
        );
    }

    /**
     * Own layers lie on something of the build, or on the deck, and where they say they do.
     *
     * @param  array<string, Layer>  $layers  own ones, by key
     * @param  array<string, string>  $on  what each lies on, by key
     */
    private function checkOwn(string $field, stdClass $wish, Build $build, ?Sizes $sizes, array $layers, array $on): void
    {
        foreach ($layers as $key => $layer) {
            $said = $wish->layers->{$key};
            [$from, $to] = [(float) $said->from, (float) $said->to];
            if ($build->layer($key) !== null) {
                $this->reading->fault("$field.layers.$key", 'layer-clash', $key);
            }
            if ($to <= $from) {
                $this->reading->fault("$field.layers.$key.to", 'layer-turned', $to, ['from' => $from]);
            }
            $at = (float) ($said->fastener->at ?? $from);
            if ($at < $from || $at > $to) {
                $this->reading->fault("$field.layers.$key.fastener.at", 'range', $at, ['least' => $from, 'most' => $to]);
            }
            if ($this->goesRound($key, $on)) {
                $this->reading->fault("$field.layers.$key.on", 'layer-ring', $on[$key]);
            }
            if ($sizes === null) {
                continue;
            }
            $under = $on[$key] === self::DECK ? null : $build->layer($on[$key]) ?? $layers[$on[$key]] ?? null;
            $reaches = $under === null ? $on[$key] === self::DECK : $from < $sizes->of($under->to) && $to > $sizes->of($under->from);
            if (! $reaches) {
                $known = array_filter([...$build->layers, ...array_values($layers)], static fn (Layer $other): bool => $other->key !== $key && $from < $sizes->of($other->to) && $to > $sizes->of($other->from));
                $this->reading->fault("$field.layers.$key.on", 'layer-nothing', $on[$key], ['known' => implode(', ', array_map(static fn (Layer $other): string => $other->key, $known)) ?: 'none']);
            }
        }
    }

    /** @param  array<string, string>  $on */
    private function goesRound(string $key, array $on): bool
    {
        $seen = [];
        for ($at = $key; isset($on[$at]); $at = $on[$at]) {
            if (isset($seen[$at])) {
                return $at === $key;
            }
            $seen[$at] = true;
        }

        return false;
    }

    /** Each layer goes on once, and only what is fastened has a spacing. */
    private function checkOrder(string $field, Adaptation $adaptation, Build $build): void
    {
        $layers = [...$build->layers, ...array_values($adaptation->layers)];
        $known = array_map(static fn (Layer $layer): string => $layer->key, $layers);
        $order = $adaptation->order ?? [];
        foreach ($order as $i => $key) {
            if (! in_array($key, $known, true) || array_search($key, $order, true) !== $i) {
                $this->reading->fault("$field.order[$i]", 'layer', $key, ['known' => implode(', ', $known)]);
            }
        }
        if ($adaptation->order === []) {
            $this->reading->fault("$field.order", 'items', [], ['least' => 1, 'most' => count($known)]);
        }
        $fastened = array_map(static fn (Layer $layer): string => $layer->key, array_filter($layers, static fn (Layer $layer): bool => $layer->fastener !== null));
        foreach ($adaptation->spacing as $key => $spacing) {
            if (! in_array((string) $key, $fastened, true)) {
                $this->reading->fault("$field.spacing.$key", 'layer-fastened', $spacing, ['known' => implode(', ', $fastened)]);
            }
        }
    }
}
