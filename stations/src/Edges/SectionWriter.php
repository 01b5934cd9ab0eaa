<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\DrawnLayer;
use Imbrex\Core\Edges\SectionPicture;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Plan;
use Imbrex\Stations\Builds\AdaptationReader;
use Imbrex\Stations\Builds\AdaptationWriter;
use Imbrex\Stations\Wire;

/** Puts one edge's section, its layers and the builds it might have into their wire shape. Inches, y up. */
final readonly class SectionWriter
{
    public function __construct(private LayerWords $said, private BuildWords $builds, private Wire $wire)
    {
    }

    /**
     * @param  list<Finding>  $findings  of this edge
     * @return array<string, mixed>
     */
    public function section(Plan $plan, BuiltEdge $built, string $name, array $findings): array
    {
        $drawn = SectionPicture::of($built->section);
        $solids = SectionPicture::solids($built->section->path);
        $callouts = Callouts::of($drawn, array_merge(...$solids));
        $tape = Wire::tape($plan)->inInches();
        $numbers = array_flip(array_map(static fn (DrawnLayer $layer): string => $layer->placed->layer->key, $drawn));

        return [
            'edge' => $built->edge->id,
            'kind' => $built->edge->kind->value,
            'name' => $name,
            'length' => $built->edge->length(),
            'build' => $built->build->key,
            'buildName' => $built->build->name(),
            'title' => $this->builds->title($built->build),
            'why' => $this->builds->why($built->build),
            'reveal' => $built->edge->kind === EdgeKind::Valley ? $built->own->reveal() : null,
            'fixing' => Fixing::of($plan->job->covering->profile->family)->value,
            'crewBuild' => AdaptationWriter::crewBuild($built->own),
            'differs' => $this->builds->differences($built->own, $tape),
            'contact' => $this->builds->contact($built),
            'adapted' => $built->own->isAdapted(),
            'sheds' => $built->sheds(),
            'view' => ['left' => $callouts->left, 'bottom' => $callouts->bottom, 'right' => $callouts->right, 'top' => $callouts->top, 'letter' => $callouts->letter, 'name' => $callouts->name],
            'solids' => array_map(Wire::line(...), $solids),
            'layers' => array_map(fn (DrawnLayer $layer): array => [
                'key' => $layer->placed->layer->key,
                'number' => $numbers[$layer->placed->layer->key] + 1,
                'name' => $this->said->name($layer->placed->layer),
                'role' => $layer->placed->layer->role->value,
                'line' => Wire::line($layer->line),
                'body' => Wire::line($layer->body),
                'fasteners' => array_map(Wire::line(...), $layer->fasteners),
                'anchor' => [$layer->anchor->u, $layer->anchor->v],
                'callout' => $callouts->places[$layer->placed->layer->key],
                'said' => $this->said->of($layer->placed, $tape, $plan->job->rules->number('edge.spliceGap')),
                'note' => $this->said->note($layer->placed->layer),
                'caution' => $this->said->caution($layer->placed->layer),
                'asOwn' => in_array($layer->placed->layer->role, [LayerRole::Panel, LayerRole::Standing, LayerRole::Stiffener], true) ? null : AdaptationWriter::layer($layer->placed->layer, $built->section->under($layer->placed)[0]->layer->key ?? AdaptationReader::DECK, $built->section->sizes),
                'spacing' => $layer->placed->layer->fastener?->spacing,
                'fastenerLine' => $built->fasteners($layer->placed, $plan->job->covering->profile)->at,
                'perPan' => $built->fasteners($layer->placed, $plan->job->covering->profile)->isPerPan,
            ], $drawn),
            'left' => array_values(array_map(fn (Layer $layer): array => ['key' => $layer->key, 'name' => $this->said->name($layer)], array_filter([...$built->build->layers, ...array_values($built->own->added())], static fn (Layer $layer): bool => ! isset($numbers[$layer->key])))),
            'order' => array_map(static fn (Layer $layer): string => $layer->key, $built->own->layers()),
            'choices' => array_map(fn (Build $build): array => $this->choice($build, $built), $plan->of(BuildsStage::class)->choice->choices($built->edge->kind)),
            'findings' => $this->wire->findings($plan, $findings),
        ];
    }

    /** @return array<string, mixed> a build this edge might have, and what it costs there */
    private function choice(Build $build, BuiltEdge $built): array
    {
        $metal = count(array_filter($build->layers, static fn (Layer $layer): bool => in_array($layer->role, [LayerRole::Trim, LayerRole::Cleat, LayerRole::Zee], true)));

        return [
            'name' => $build->name(),
            'key' => $build->key,
            'title' => $this->builds->title($build),
            'why' => $this->builds->why($build),
            'own' => $build->base !== null,
            'layers' => count($build->layers),
            'parts' => $metal,
            'length' => $metal * $built->edge->length(),
            'chosen' => $build->name() === $built->build->name(),
        ];
    }
}
