<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Closure;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Metalwork\Fastener;
use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsResult;

/** What lies behind an opening in the place of a back: the parts of a cricket, or of panels laid sideways, which are cut with the roof's own. */
final readonly class UphillPieces
{
    /** Screws of a zee at the ridge (in): trade practice, at most so far apart. */
    private const ZEE_SCREWS = 4.0;

    /** @param  Closure(): TrimsResult  $trims  asked for where a cricket or sideways panels have some: a roof without is ordered before its edges are worked */
    public function __construct(private Roof $roof, private CuttingResult $cutting, private Closure $trims)
    {
    }

    /** Which way the uphill side is really built: a cricket or sideways panels for which there is no room are none. */
    public function school(Surround $round): UphillSchool
    {
        $faces = $this->faces($round);

        return match (true) {
            $faces === [] => UphillSchool::Apron,
            $faces[0]->isAcross() => UphillSchool::Cross,
            default => UphillSchool::Cricket,
        };
    }

    /** @return list<OpeningPiece> in the order they go on */
    public function of(Surround $round, CurbPieces $pieces): array
    {
        return match ($this->school($round)) {
            UphillSchool::Apron => [$pieces->back()],
            UphillSchool::Cricket => $this->cricket($round),
            UphillSchool::Cross => $this->cross($round),
        };
    }

    /** @return list<Face> */
    private function faces(Surround $round): array
    {
        return array_values(array_filter($this->roof->faces, static fn (Face $face): bool => $face->behind === $round->opening->id));
    }

    /** @return list<OpeningPiece> */
    private function cricket(Surround $round): array
    {
        [$left, $right] = ["{$round->opening->id}.L", "{$round->opening->id}.R"];
        $panels = [...$this->panels($left), ...$this->panels($right)];
        $caps = $this->runs($left, 'cap');

        return [
            $this->saddle(PieceRole::SaddleLeft, $this->runs($left, 'valley-pan', 'hemmed-pan')),
            $this->saddle(PieceRole::SaddleRight, $this->runs($right, 'valley-pan', 'hemmed-pan')),
            new OpeningPiece(PieceRole::SaddlePanels, of: $panels, count: count($panels)),
            new OpeningPiece(PieceRole::SaddleCap, seal: SealKind::Polymer, of: $caps, count: count($caps)),
        ];
    }

    /** @param  list<string>  $runs */
    private function saddle(PieceRole $role, array $runs): OpeningPiece
    {
        return new OpeningPiece($role, seal: SealKind::ButylGun, of: $runs, count: count($runs));
    }

    /** @return list<OpeningPiece> */
    private function cross(Surround $round): array
    {
        $face = "{$round->opening->id}.X";
        $panels = $this->panels($face);
        $zees = $this->runs($face, 'side-zee');
        $width = $this->faces($round)[0]->outline->bounds()->height();

        return [
            new OpeningPiece(PieceRole::FillBoards, count: (int) ceil($this->faces($round)[0]->areaSquareFeet())),
            new OpeningPiece(PieceRole::SideZees, fastener: $zees === [] ? null : ($this->trims)()->runs[$zees[0]]->layer->fastener, screwed: 2.0 * $this->faces($round)[0]->outline->bounds()->width(), seal: SealKind::ButylTape, of: $zees, count: count($zees)),
            new OpeningPiece(PieceRole::CrossPanels, of: $panels, count: count($panels)),
            new OpeningPiece(PieceRole::RidgeZee, fastener: new Fastener(FastenerKind::Pancake, self::ZEE_SCREWS, []), screwed: $width, seal: SealKind::ButylTape),
        ];
    }

    /** @return list<string> ids of the runs of trim at the edges of a face, by their layers */
    private function runs(string $face, string ...$layers): array
    {
        $own = array_filter(($this->trims)()->runs, static fn (TrimRun $run): bool => in_array($run->layer->side(), $layers, true) && in_array($face, $run->edge->faces, true));

        return array_values(array_map(static fn (TrimRun $run): string => $run->id, $own));
    }

    /** @return list<string> ids, in the order they are laid */
    private function panels(string $face): array
    {
        $own = array_values(array_filter($this->cutting->panels, static fn (Panel $panel): bool => $panel->face === $face));
        usort($own, static fn (Panel $a, Panel $b): int => [$a->strip->laid, $a->id] <=> [$b->strip->laid, $b->id]);

        return array_map(static fn (Panel $panel): string => $panel->id, $own);
    }
}
