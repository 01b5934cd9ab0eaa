<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\Trims\Internal\StickCutter;

/** All pieces of one kind of trim over the whole job, and the sticks they are cut from. */
final readonly class StickLot
{
    /**
     * @param  string  $kind  shape, bends and metal
     * @param  float  $girth  inches
     * @param  list<float>  $bends  degrees
     * @param  non-empty-list<TrimPiece>  $pieces
     * @param  list<Stick>  $sticks
     * @param  int  $bound  fewer sticks than which there cannot be
     * @param  int  $counted  what dividing by the length of a stick and rounding up would say
     */
    private function __construct(public string $kind, public TrimShape $shape, public float $girth, public array $bends, public string $metal, public array $pieces, public array $sticks, public int $bound, public int $counted)
    {
    }

    /**
     * @param  non-empty-list<TrimRun>  $runs  of one kind
     * @param  non-empty-list<float>  $stocks  inches, longest first
     * @param  float  $kerf  inches
     */
    public static function ofRuns(array $runs, array $stocks, float $kerf): self
    {
        $pieces = array_merge(...array_map(static fn (TrimRun $run): array => $run->pieces, $runs));
        $counted = array_sum(array_map(static fn (TrimRun $run): int => (int) ceil($run->length / $stocks[0] - 1e-9), $runs));
        assert($pieces !== []);

        return self::of($runs[0]->kind(), $runs[0]->shape, $runs[0]->girth, $runs[0]->bends, $runs[0]->metal, $pieces, $stocks, $kerf, $counted);
    }

    /**
     * @param  list<float>  $bends  degrees
     * @param  non-empty-list<TrimPiece>  $pieces
     * @param  non-empty-list<float>  $stocks  inches, longest first
     * @param  float  $kerf  inches
     */
    public static function of(string $kind, TrimShape $shape, float $girth, array $bends, string $metal, array $pieces, array $stocks, float $kerf, int $counted): self
    {
        [$sticks, $bound] = StickCutter::cut(array_map(static fn (TrimPiece $piece): float => $piece->length, $pieces), $stocks[0], $kerf);
        $lot = [];
        foreach ($sticks as $numbers) {
            $own = array_map(static fn (int $i): TrimPiece => $pieces[$i], $numbers);
            usort($own, static fn (TrimPiece $a, TrimPiece $b): int => $b->length <=> $a->length ?: strcmp($a->id, $b->id));
            $used = array_sum(array_map(static fn (TrimPiece $piece): float => $piece->length, $own)) + (count($own) - 1) * $kerf;
            // As few as can be of the longest, then each from the shortest that holds it.
            $stock = min(array_filter($stocks, static fn (float $stock): bool => $stock >= $used - 1e-6) ?: [$stocks[0]]);
            if ($own !== []) {
                $lot[] = new Stick($stock, $own, max(0.0, $stock - $used));
            }
        }
        // Alike ones together, the fullest first.
        usort($lot, static fn (Stick $a, Stick $b): int => $a->offcut <=> $b->offcut ?: strcmp($a->pieces[0]->id, $b->pieces[0]->id));

        return new self(
            kind: $kind,
            shape: $shape,
            girth: $girth,
            bends: $bends,
            metal: $metal,
            pieces: $pieces,
            sticks: $lot,
            bound: $bound,
            counted: $counted,
        );
    }

    /** Square feet of sheet its pieces are bent from, before their ends are cut. */
    public function squareFeet(): float
    {
        return $this->girth * array_sum(array_map(static fn (TrimPiece $piece): float => $piece->length, $this->pieces)) / Profile::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** How many lie side by side in a sheet, inches wide. */
    public function perSheet(float $wide): int
    {
        return (int) floor($wide / $this->girth + 1e-9);
    }

    public function isProven(): bool
    {
        return count($this->sticks) <= $this->bound;
    }

    /** @return list<float> what is worth keeping, inches, longest first */
    public function kept(float $least): array
    {
        $kept = array_values(array_filter(array_map(static fn (Stick $stick): float => $stick->offcut, $this->sticks), static fn (float $offcut): bool => $offcut >= $least));
        rsort($kept);

        return $kept;
    }
}
