<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

use Imbrex\Core\Circumstance;

/** What is cut by now. */
final readonly class PiecesCut implements Circumstance
{
    /**
     * @param  array<string, CutPanel>  $panels  by id
     * @param  array<string, CutTrim>  $trims  pieces of trim, as they were then, by id
     */
    public function __construct(public array $panels = [], public array $trims = [])
    {
    }

    /** Of a piece cut twice the later card counts. */
    public static function of(FactLog $log): self
    {
        [$panels, $trims] = [[], []];
        foreach ($log->standing(FactKind::Cut) as $fact) {
            $said = $fact->said;
            if (isset($said['as'])) {
                $trims[$fact->subject] = new CutTrim(self::inches($said, 'length'), is_string($said['as']) ? $said['as'] : '', [...$trims[$fact->subject]->facts ?? [], $fact->id]);
            } else {
                $panels[$fact->subject] = new CutPanel(self::inches($said, 'long'), self::inches($said, 'short'), [...$panels[$fact->subject]->facts ?? [], $fact->id]);
            }
        }

        return new self($panels, $trims);
    }

    /** @param  array<string, mixed>  $said */
    private static function inches(array $said, string $name): float
    {
        return is_numeric($said[$name] ?? null) ? (float) $said[$name] : 0.0;
    }
}
