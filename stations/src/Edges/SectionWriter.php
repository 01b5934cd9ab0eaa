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
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Plan;
use Imbrex\Stations\Builds\AdaptationReader;
use Imbrex\Stations\Builds\AdaptationWriter;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * Puts one edge's section, its layers and the builds it might have into their wire shape. Inches, y up.
 *
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type SectionLayerShape array{
 *     key: string,
 *     number: int,
 *     name: string,
 *     role: string,
 *     line: list<PlanPointShape>,
 *     body: list<PlanPointShape>,
 *     fasteners: list<list<PlanPointShape>>,
 *     anchor: PlanPointShape,
 *     callout: array{at: PlanPointShape, left: bool},
 *     said: list<string>,
 *     spacing: float|null,
 *     // Running from one end of the edge, or of what lies in one pan, inches.
 *     fastenerLine: list<float>,
 *     perPan: bool,
 *     note: string|null,
 *     caution: string|null,
 *     // As a layer of one's own in the job document, to begin from when it is swapped; null of what is no matter of taste.
 *     asOwn: array<string, mixed>|stdClass|null,
 * }
 * @phpstan-type BuildChoiceShape array{
 *     name: string,
 *     key: string,
 *     title: string,
 *     why: string,
 *     layers: int,
 *     parts: int,
 *     // Of its metal parts along this edge, inches.
 *     length: float,
 *     chosen: bool,
 *     // Whether the crew made it.
 *     own: bool,
 * }
 *
 * Square to the edge, inches, x outwards and y up.
 * @phpstan-type EdgeSectionShape array{
 *     edge: string,
 *     kind: EdgeKindShape,
 *     name: string,
 *     length: float,
 *     build: string,
 *     buildName: string,
 *     // Of a valley: bare pan from its centre to the panel's end, inches.
 *     reveal: float|null,
 *     adapted: bool,
 *     sheds: bool,
 *     view: array{
 *         left: float,
 *         bottom: float,
 *         right: float,
 *         top: float,
 *         letter: float,
 *         // Room for names to either side.
 *         name: float,
 *     },
 *     solids: list<list<PlanPointShape>>,
 *     layers: list<SectionLayerShape>,
 *     // Layers of the build that were left out.
 *     left: list<array{key: string, name: string}>,
 *     order: list<string>,
 *     choices: list<BuildChoiceShape>,
 *     findings: list<PlanFindingShape>,
 *     title: string,
 *     why: string,
 *     fixing: 'seam'|'cap'|'screwed',
 *     // What was changed of the build that ships, as the job document's catalogue.builds has it, but for key and title.
 *     crewBuild: array<string, mixed>|stdClass,
 *     // How its layers differ from the build that ships.
 *     differs: list<string>,
 *     // What eats what where it touches or drains.
 *     contact: list<string>,
 * }
 */
final readonly class SectionWriter
{
    public function __construct(private LayerWords $said, private BuildWords $builds, private Wire $wire)
    {
    }

    /**
     * @param  list<Finding>  $findings  of this edge
     * @return EdgeSectionShape
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
            'sheds' => $built->sheds() && $plan->of(FitStage::class)->stands($built->edge->id),
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

    /** @return BuildChoiceShape a build this edge might have, and what it costs there */
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
