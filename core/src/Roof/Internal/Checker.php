<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Check;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Roof\CheckResult;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Survey\Source;

/** Holds readings against a block roof, and says which of its faces still want a tape. */
final readonly class Checker
{
    public function __construct(private RuleSet $rules)
    {
    }

    /**
     * @param  list<Block>  $blocks
     * @param  list<Check>  $checks
     */
    public function check(Roof $roof, array $blocks, array $checks): CheckReport
    {
        $results = [];
        $findings = [];
        foreach ($checks as $check) {
            $result = $this->result($roof, $blocks, $check);
            if ($result === null) {
                $findings[] = Finding::note('roof.check-lost', 'roof', ['where' => $check->where]);

                continue;
            }
            $results[] = $result;
            $isPitch = $check->quantity === CheckedQuantity::Pitch;
            if (! $result->agrees($isPitch ? 0.0 : $this->rules->number('survey.miss'))) {
                $findings[] = Finding::settle($isPitch ? 'roof.pitch-misses' : 'roof.check-misses', $result->faces[0] ?? $check->where, [
                    'where' => $check->where,
                    'quantity' => $check->quantity->value,
                    'value' => $isPitch ? Amount::pitch($check->value) : Length::ofInches($check->value),
                    'expected' => $isPitch ? Amount::pitch($result->expected) : Length::ofInches($result->expected),
                    'miss' => $isPitch ? round(abs($result->miss()), 2) : Length::ofInches(abs($result->miss())),
                    'side' => $result->miss() > 0.0 ? 'over' : 'under',
                ]);
            }
        }
        $wanting = $this->wanting($roof, $blocks, $results);
        $drawn = array_map(static fn (Block $b): string => $b->id, array_filter($blocks, static fn (Block $b): bool => $b->source === Source::Drawing));
        foreach ($wanting as $id) {
            $face = $roof->face($id);
            // What is drawn may be built so; a report, a wheel or a count is known to be rough.
            $findings[] = $face !== null && in_array($face->block, $drawn, true)
                ? Finding::settle('roof.from-drawings', $id, ['face' => $face->name])
                : Finding::block('roof.untaped', $id, ['face' => (string) $face?->name]);
        }

        return new CheckReport($results, $wanting, $findings);
    }

    /** @param  list<Block>  $blocks */
    private function result(Roof $roof, array $blocks, Check $check): ?CheckResult
    {
        $tolerance = $check->quantity === CheckedQuantity::Pitch
            ? $this->rules->number('survey.pitchSpread')
            : $check->source->tolerance($check->value, $this->rules);
        $face = $roof->face($check->where);
        $edge = $roof->edge($check->where);
        [$expected, $faces] = match ($check->quantity) {
            CheckedQuantity::Length => [$edge?->length(), $edge->faces ?? []],
            CheckedQuantity::EaveToRidge => [$face?->outline->bounds()->height(), [$check->where]],
            CheckedQuantity::Pitch => [$face?->pitch->riseIn12, [$check->where]],
            CheckedQuantity::EaveHeight => [$this->eaveHeight($blocks, $check->where), []],
        };

        return $expected === null ? null : new CheckResult($check, $expected, $tolerance, $faces);
    }

    /** @param  list<Block>  $blocks */
    private function eaveHeight(array $blocks, string $id): ?float
    {
        foreach ($blocks as $block) {
            if ($block->id === $id) {
                return $block->eaveHeight;
            }
        }

        return null;
    }

    /**
     * Faces of blocks nobody taped, without a taped length of their own.
     *
     * @param  list<Block>  $blocks
     * @param  list<CheckResult>  $results
     * @return list<string>
     */
    private function wanting(Roof $roof, array $blocks, array $results): array
    {
        $taped = [];
        foreach ($results as $result) {
            if ($result->check->source->isTaped() && $result->check->quantity !== CheckedQuantity::Pitch) {
                array_push($taped, ...$result->faces);
            }
        }
        $rough = array_map(static fn (Block $b): string => $b->id, array_filter($blocks, static fn (Block $b): bool => ! $b->source->isTaped()));
        $wanting = [];
        foreach ($roof->faces as $face) {
            if (in_array($face->block, $rough, true) && ! in_array($face->id, $taped, true)) {
                $wanting[] = $face->id;
            }
        }

        return $wanting;
    }
}
