<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Openings\Internal\LapCheck;
use Imbrex\Core\Openings\Internal\OpeningSupplies;
use Imbrex\Core\Openings\Internal\Surround;
use Imbrex\Core\Openings\Internal\UphillPieces;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Trims\TrimsResult;
use Imbrex\Core\Trims\TrimsStage;

/**
 * What surrounds every opening: its pieces as flats, in the order they go on, judged by their finished laps.
 *
 * @implements Stage<OpeningsResult>
 */
final class OpeningsStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, LayoutStage::class, CuttingStage::class, TrimsStage::class];
    }

    public static function reads(): array
    {
        return [OpeningsInput::class];
    }

    public static function rules(): array
    {
        return OpeningsRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): OpeningsResult
    {
        $openings = [];
        $findings = [];
        $behind = new UphillPieces($plan->of(RoofStage::class)->roof, $plan->of(CuttingStage::class), static fn (): TrimsResult => $plan->of(TrimsStage::class));
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach ($face->openings as $opening) {
                $openings[$opening->id] = $flashed = $this->flash($plan, $face, $opening, $behind);
                array_push($findings, ...$this->findings($flashed));
            }
        }

        return new OpeningsResult($openings, OpeningSupplies::of($openings), $findings);
    }

    private function flash(Plan $plan, Face $face, Opening $opening, UphillPieces $behind): FlashedOpening
    {
        $round = Surround::of($opening, $face, $plan->job->covering);
        $seams = $plan->of(LayoutStage::class)->layouts[$face->id]->seams;
        if ($opening->kind === OpeningKind::Pipe) {
            return $this->boot($round, $seams);
        }
        $input = $plan->job->part(OpeningsInput::class);
        $uphill = $behind->school($round);
        $order = $input->orders[$opening->id] ?? Kit::usual($opening->kind, $uphill);
        $kit = new Kit($round, $order, $uphill);
        $spacings = $input->spacings[$opening->id] ?? [];
        $pieces = array_map(static fn (OpeningPiece $piece): OpeningPiece => isset($spacings[$piece->role->value]) ? $piece->spaced($spacings[$piece->role->value]) : $piece, $kit->pieces($behind));
        $own = $input->pieces[$opening->id] ?? null;
        $adapted = $own === null ? $pieces : $this->inOrder($pieces, $own);
        $check = new LapCheck($round, $kit->lying($adapted));
        $bounds = $opening->outline->bounds();

        return new FlashedOpening(
            $round, $order, $uphill, $adapted, $check->laps(), $opening->isSquare() ? $check->faults() : [],
            seams: array_values(array_filter($seams, static fn (float $u): bool => $u > $bounds->left && $u < $bounds->right)),
            isAdapted: $adapted != $pieces,
        );
    }

    /** @param  list<float>  $seams */
    private function boot(Surround $round, array $seams): FlashedOpening
    {
        $boot = Boot::for($round->opening->width(), $round->covering->rules->number('opening.bootFlange'));
        $at = $round->opening->centre()->u;
        $under = array_filter($seams, static fn (float $u): bool => $boot !== null && abs($u - $at) < $boot->base / 2.0);

        return new FlashedOpening(
            round: $round,
            order: WorkOrder::FrontFirst,
            uphill: $round->opening->uphill->school,
            pieces: $boot === null ? [] : [$boot->piece($round->rule('bootScrews'))],
            laps: [],
            faults: [],
            boot: $boot,
            isSlit: $under !== [],
            seams: array_values($under),
        );
    }

    /**
     * @param  list<OpeningPiece>  $pieces
     * @param  list<PieceRole>  $order  what it does not name stays behind what it stood behind
     * @return list<OpeningPiece>
     */
    private function inOrder(array $pieces, array $order): array
    {
        $places = [];
        $last = -1.0;
        foreach ($pieces as $i => $piece) {
            $at = array_search($piece->role, $order, true);
            $last = $at === false ? $last + 0.001 : (float) $at;
            $places[] = [$last, $i, $piece];
        }
        usort($places, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_column($places, 2);
    }

    /** @return list<Finding> */
    private function findings(FlashedOpening $flashed): array
    {
        $opening = $flashed->round->opening;
        $names = ['opening' => $opening->name];
        $findings = [];
        foreach ($flashed->faults as $fault) {
            $findings[] = Finding::settle('openings.lap', $opening->id, [...$names, 'piece' => new Term("piece.{$fault->piece->value}")]);
        }
        if ($opening->kind === OpeningKind::Pipe && $flashed->boot === null) {
            $findings[] = Finding::settle('openings.boot-none', $opening->id, [...$names, 'diameter' => Length::ofInches($opening->width()), 'largest' => Length::ofInches(Boot::largest())]);
        }
        if ($flashed->isSlit) {
            $findings[] = Finding::note('openings.boot-slit', $opening->id, $names);
        }
        if ($opening->kind === OpeningKind::Skylight) {
            $findings[] = Finding::note($flashed->seams === [] ? 'openings.joint-above' : 'openings.seam-in-width', $opening->id, [...$names, 'longer' => Length::ofInches($flashed->round->rule('wholeLonger'))]);
        }

        return $findings;
    }
}
