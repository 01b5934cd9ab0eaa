<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * What any two blanks save by sharing a sheet. Blanks that are alike to a two-thousandth are one kind; how far one lies
 * down on another depends on the shapes of the two ends alone, so it is worked out once for each two shapes.
 */
final class SavingTable
{
    /** @var list<list<int>> numbers of the blanks by kind */
    public array $kinds = [];

    /** @var list<array<int, float>> inches saved, by kind of the lower and kind of the upper blank; what saves nothing is left out */
    public array $saved = [];

    /** @var array<string, float|null> by two shapes: how far above the lower blank's top the upper one begins, mostly less than 0; null where the cuts do not match */
    private array $gaps = [];

    /** @var array<int, int> kind of each blank */
    private array $kindOf = [];

    /**
     * @param  list<Nest>  $nests
     * @param  callable(Panel): OrderLength  $order
     */
    public function __construct(private readonly array $nests, private readonly Profile $profile, private readonly float $kerf, private readonly mixed $order)
    {
        $known = [];
        foreach ($nests as $number => $nest) {
            $key = $nest->headShape().'|'.$nest->footShape().'|'.implode('|', array_map(Tolerance::step(...), [$nest->height, $nest->panel->orderLength, $order($nest->panel)->extra]));
            $kind = $known[$key] ??= count($known);
            $this->kinds[$kind][] = $number;
            $this->kindOf[$number] = $kind;
        }
        $this->fill();
    }

    /** @return array<int, array<int, float>> inches saved by two kinds, whichever lies below */
    public function eitherWay(): array
    {
        $worth = [];
        foreach ($this->saved as $lower => $row) {
            foreach ($row as $upper => $saved) {
                $worth[$lower][$upper] = $worth[$upper][$lower] = max($worth[$lower][$upper] ?? 0.0, $saved);
            }
        }

        return $worth;
    }

    /** Blanks that are alike have one. */
    public function kindOf(int $number): int
    {
        return $this->kindOf[$number];
    }

    private function fill(): void
    {
        $uppers = [];
        $feet = [];
        foreach ($this->kinds as $kind => [$number]) {
            $nest = $this->nests[$number];
            $uppers[] = [$kind, $nest, $feet[$nest->footShape()] ??= count($feet)];
            if ($this->profile->mayTurn) {
                $turned = $nest->turned();
                $uppers[] = [$kind, $turned, $feet[$turned->footShape()] ??= count($feet)];
            }
        }
        $uppers = array_values(array_filter($uppers, static fn (array $u): bool => $u[1]->footSlope !== null));
        foreach ($this->kinds as $kind => [$number]) {
            $this->saved[$kind] = $this->nests[$number]->headSlope === null ? [] : $this->row($kind, $this->nests[$number], $uppers);
        }
    }

    /**
     * @param  list<array{int, Nest, int}>  $uppers  kind, blank, number of its foot's shape
     * @return array<int, float>
     */
    private function row(int $kind, Nest $lower, array $uppers): array
    {
        $head = $lower->headShape();
        $order = ($this->order)($lower->panel);
        $longest = $this->profile->longest + Tolerance::LENGTH;
        $row = [];
        $gaps = [];
        foreach ($uppers as [$other, $upper, $foot]) {
            if (! array_key_exists($foot, $gaps)) {
                $gaps[$foot] = $this->gap($head, $foot, $lower, $upper);
            }
            if ($gaps[$foot] === null || ($other === $kind && count($this->kinds[$kind]) === 1)) {
                continue;
            }
            $ordered = $order->of(max($lower->height, max(0.0, $lower->height + $gaps[$foot]) + $upper->height));
            // Noise far below any tape must not tell which of two is better.
            $saved = round($lower->panel->orderLength + $upper->panel->orderLength - $ordered, 6);
            if ($saved > Tolerance::LENGTH && $ordered <= $longest && $saved > ($row[$other] ?? 0.0)) {
                $row[$other] = $saved;
            }
        }

        return $row;
    }

    private function gap(string $head, int $foot, Nest $lower, Nest $upper): ?float
    {
        $key = "$head|$foot";
        if (! array_key_exists($key, $this->gaps)) {
            $this->gaps[$key] = $lower->fitsUnder($upper) ? $lower->under($upper, $this->kerf) - $lower->height : null;
        }

        return $this->gaps[$key];
    }

    /** What two blanks save, whichever of them lies below; inches, 0 for nothing. */
    public function between(int $one, int $other): float
    {
        [$a, $b] = [$this->kindOf[$one], $this->kindOf[$other]];

        return $one === $other ? 0.0 : max($this->saved[$a][$b] ?? 0.0, $this->saved[$b][$a] ?? 0.0);
    }

    /** @return array{int, int} the two in order, the lower first */
    public function inOrder(int $one, int $other): array
    {
        [$a, $b] = [$this->kindOf[$one], $this->kindOf[$other]];

        return ($this->saved[$a][$b] ?? 0.0) >= ($this->saved[$b][$a] ?? 0.0) ? [$one, $other] : [$other, $one];
    }

    /** Whether some kind lies below in one pair and above in another: then there are no two sides to match. */
    public function isMixed(): bool
    {
        $uppers = [];
        foreach ($this->saved as $row) {
            $uppers += $row;
        }
        foreach ($this->saved as $kind => $row) {
            if ($row !== [] && isset($uppers[$kind])) {
                return true;
            }
        }

        return false;
    }
}
