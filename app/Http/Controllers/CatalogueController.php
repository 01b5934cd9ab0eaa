<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Colour;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Material;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Catalogue\Section;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Rules\HouseRule;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;
use Imbrex\Stations\Wire;

/** What ships: stations, profiles, materials, shapes, house rules. */
final class CatalogueController
{
    public function show(Stations $stations): JsonResponse
    {
        $catalogue = Catalogue::shipped();

        return new JsonResponse([
            'stations' => array_values(array_map(static fn (Station $s): string => $s->key(), array_filter($stations->all(), static fn (Station $s): bool => $s->slices() !== []))),
            'profiles' => array_map(static fn (Profile $p): array => [
                'key' => $p->key, 'family' => $p->family->value, 'concealed' => $p->family->isConcealed(), 'cover' => $p->cover,
                'height' => $p->height, 'leftMetal' => $p->leftMetal, 'rightMetal' => $p->rightMetal, 'coil' => $p->coil,
                'hand' => $p->hand->value, 'mayTurn' => $p->mayTurn, 'leastPitch' => $p->leastPitch, 'section' => Wire::line(Section::of($p)),
            ], array_values($catalogue->profiles)),
            'materials' => array_map(static fn (Material $m): array => [
                'key' => $m->key, 'gauges' => array_keys($m->gauges),
            ], array_values($catalogue->materials)),
            'concealed' => array_column(array_filter(Family::cases(), static fn (Family $family): bool => $family->isConcealed()), 'value'),
            'fixings' => array_combine(array_column(Family::cases(), 'value'), array_map(static fn (Family $family): string => Fixing::of($family)->value, Family::cases())),
            'colours' => array_column(Colour::cases(), 'value'),
            'shapes' => array_map(static fn (ShapeKind $shape): array => [
                'key' => $shape->value, 'runsByCorner' => $shape->runsByCorner(), 'edges' => array_column($shape->firstEdges(), 'value'),
            ], ShapeKind::cases()),
            'decks' => array_map(static fn (DeckKind $deck): array => ['key' => $deck->value, 'spaced' => $deck->isSpaced()], DeckKind::cases()),
            'rules' => array_merge(...array_map(self::rules(...), array_keys(HouseRules::byStage()), HouseRules::byStage())),
        ]);
    }

    /**
     * @param  list<HouseRule>  $rules
     * @return list<array<string, mixed>>
     */
    private static function rules(string $stage, array $rules): array
    {
        return array_map(static fn (HouseRule $r): array => [
            'key' => $r->key, 'stage' => $stage, 'unit' => $r->unit->value, 'default' => $r->default, 'metric' => $r->metric, 'least' => $r->least, 'most' => $r->most, 'choices' => $r->choices,
        ], $rules);
    }
}
