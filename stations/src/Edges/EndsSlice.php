<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\RoofLog\TrimsCut;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndLine;
use Imbrex\Core\Trims\Ends\EndMark;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Wire;

/**
 * The ends of a trim on their flats, as cards.
 *
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type TrimSketchShape from TrimSketchWriter
 *
 * @phpstan-type EndViewShape array{
 *     outline: list<PlanPointShape>,
 *     lines: list<array{kind: 'cut'|'bend'|'notch', line: list<PlanPointShape>}>,
 *     bends: list<list<PlanPointShape>>,
 *     marks: list<array{number: int, at: PlanPointShape}>,
 *     width: float,
 *     height: float,
 *     end: 'left'|'right',
 * }
 * @phpstan-type EndMarkShape array{number: int, kind: string, across: float, at: float}
 * @phpstan-type EndPieceShape array{
 *     id: string,
 *     name: string,
 *     length: float,
 *     // Ids of the facts that say it is cut.
 *     told: list<string>,
 *     cut: bool,
 *     // What pieces bent and ended alike have in common.
 *     as: string,
 * }
 * @phpstan-type EndCardShape array{
 *     key: string,
 *     title: string,
 *     side: string,
 *     how: string,
 *     angles: string,
 *     where: list<string>,
 *     pieces: list<EndPieceShape>,
 *     count: int,
 *     marks: list<EndMarkShape>,
 *     back: EndViewShape,
 *     colour: EndViewShape,
 *     shape: string,
 *     end: string,
 *     fit: TrimFitSaidShape|null,
 *     low: string,
 *     high: string,
 *     done: list<string>,
 *     short: string,
 * }
 * @phpstan-type TrimFitSaidShape array{low: float, high: float}
 * @phpstan-type EndsRunShape array{
 *     id: string,
 *     name: string,
 *     edge: string,
 *     edgeName: string,
 *     sketch: TrimSketchShape,
 *     layer: string,
 * }
 * @phpstan-type EndsSliceShape array{
 *     runs: list<array{id: string, name: string}>,
 *     run: EndsRunShape|null,
 *     cards: list<EndCardShape>,
 *     count: int,
 *     findings: list<PlanFindingShape>,
 * }
 */
final readonly class EndsSlice
{
    public function __construct(private EdgeNames $names, private LayerWords $layers, private EndWords $words, private TrimSketchWriter $sketch, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  id of a run, or of an edge
     * @return EndsSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $made = $plan->of(TrimsStage::class);
        $cards = EndCard::of($made);
        $run = $made->runs[$pick ?? ''] ?? $this->marked($made->of($pick ?? ''), $cards) ?? $made->picked($pick);
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $own = $run === null ? [] : array_filter($cards, static fn (EndCard $card): bool => $card->isOf($run));
        // From the run's low end to its high one.
        uasort($own, static fn (EndCard $a, EndCard $b): int => $a->first($run) <=> $b->first($run));

        return [
            'runs' => array_map(fn (TrimRun $one): array => ['id' => $one->id, 'name' => $this->layers->name($one->layer)], $run === null ? [] : array_values(array_filter($made->of($run->edge->id), static fn (TrimRun $one): bool => $one->id === $run->id || array_filter($cards, static fn (EndCard $card): bool => $card->isOf($one)) !== []))),
            'run' => $run === null ? null : [
                'id' => $run->id,
                'layer' => $run->layer->key,
                'name' => $this->layers->name($run->layer),
                'edge' => $run->edge->id,
                'edgeName' => $names[$run->edge->id],
                'sketch' => $this->sketch->of($run, $plan),
            ],
            'cards' => array_map(fn (string|int $key, EndCard $card): array => $this->card((string) $key, $card, $run, $plan, count(array_filter($own, static fn (EndCard $other): bool => $other->cut->kind === $card->cut->kind)) > 1), array_keys($own), array_values($own)),
            'count' => count($cards),
            'findings' => $this->wire->findings($plan, [...$plan->findingsOf('trims'), ...TrimsCut::of($plan)->findings()]),
        ];
    }

    /**
     * @param  list<TrimRun>  $runs
     * @param  array<string, EndCard>  $cards
     */
    private function marked(array $runs, array $cards): ?TrimRun
    {
        foreach ($runs as $run) {
            foreach ($cards as $card) {
                if ($card->isOf($run)) {
                    return $run;
                }
            }
        }

        return null;
    }

    /** @return EndCardShape */
    private function card(string $key, EndCard $card, ?TrimRun $run, Plan $plan, bool $hasTwin): array
    {
        $tape = Wire::tape($plan)->inInches();
        [$low, $high] = $this->words->edges($card);
        $cut = TrimsCut::of($plan);
        $fit = $plan->job->part(TrimsInput::class)->fits[$card->run->shape->key][$card->cut->kind->value] ?? null;
        $own = array_values(array_filter($card->ends, static fn (array $end): bool => $end['run'] === $run));

        return [
            'key' => $key,
            'title' => $this->words->title($card),
            'short' => $this->words->short($card, $hasTwin),
            'side' => $this->words->side($card),
            'how' => $this->words->how($card),
            'angles' => $this->words->angles($card),
            'where' => $this->words->where($card, $plan),
            'pieces' => array_map(static fn (array $end): array => ['id' => $end['piece']->id, 'name' => substr((string) strrchr($end['piece']->id, '.'), 1), 'length' => $end['piece']->length, 'as' => $end['run']->looks($end['piece']), 'cut' => $cut->cut($end['piece']->id) !== null, 'told' => $cut->facts($end['piece']->id)], $own),
            'count' => count($card->ends),
            'marks' => array_map(fn (EndMark $mark, int $i): array => ['number' => $i + 1, 'kind' => $this->words->kind($mark), 'across' => $mark->across, 'at' => $mark->distance], $card->cut->marks(), array_keys($card->cut->marks())),
            'back' => self::view(EndView::of($card->cut, true)),
            'colour' => self::view(EndView::of($card->cut, false)),
            'shape' => $card->run->shape->key,
            'end' => $card->cut->kind->value,
            'fit' => $fit === null ? null : ['low' => $fit->low, 'high' => $fit->high],
            'low' => $low,
            'high' => $high,
            'done' => $cut->ends($card->run->shape->key, $card->cut->kind),
        ];
    }

    /** @return EndViewShape */
    private static function view(EndView $view): array
    {
        $line = static fn (EndLine $line): array => Wire::line([$line->from, $line->to]);

        return [
            'outline' => Wire::line($view->outline),
            'lines' => array_map(static fn (EndLine $one): array => ['kind' => $one->kind->value, 'line' => $line($one)], $view->lines),
            'bends' => array_map($line, $view->bends),
            'marks' => array_map(static fn (array $mark, int $i): array => ['number' => $i + 1, 'at' => [$mark[0]->u, $mark[0]->v]], $view->marks, array_keys($view->marks)),
            'width' => $view->width,
            'height' => $view->height,
            'end' => $view->isLeft ? 'left' : 'right',
        ];
    }
}
