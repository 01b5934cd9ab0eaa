<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Survey\Source;
use Imbrex\Stations\Documents\Reading;
use stdClass;

/** Reads of a document what was taped of edges' true lines. */
final readonly class ObservationReader
{
    private const AT_A_SEAM = ['u', 'v'];

    private const ON_A_PANEL = ['panel', 'side', 'from', 'measured'];

    private const AGAINST_ITS_CARD = ['panel', 'side', 'from', 'card', 'toward', 'amount'];

    private const ALL = ['u', 'v', 'panel', 'side', 'from', 'measured', 'hems', 'card', 'toward', 'amount'];

    public function __construct(private Reading $reading)
    {
    }

    /** @return list<Observation> */
    public function observations(): array
    {
        $all = $this->reading->document->observations ?? [];
        $this->reading->once($all, 'observations');
        $observations = [];
        foreach ($all as $i => $said) {
            $taped = $this->taped($said, "observations[$i]");
            if ($taped !== null) {
                $observations[] = new Observation(
                    (string) $said->id,
                    (string) $said->edge,
                    (string) $said->face,
                    $taped,
                    Source::from((string) $said->source),
                    (bool) ($said->confirmed ?? false),
                    isset($said->before) ? array_values(array_map(strval(...), $said->before)) : null,
                );
            }
        }

        return $observations;
    }

    private function taped(stdClass $said, string $field): SideTaped|Point|null
    {
        $form = match (true) {
            isset($said->panel) && isset($said->card) => self::AGAINST_ITS_CARD,
            isset($said->panel) => self::ON_A_PANEL,
            default => self::AT_A_SEAM,
        };
        $own = $form === self::ON_A_PANEL ? [...$form, 'hems'] : $form;
        $missing = array_values(array_filter($form, static fn (string $name): bool => ! isset($said->{$name})));
        $besides = array_values(array_filter(array_diff(self::ALL, $own), static fn (string $name): bool => isset($said->{$name})));
        foreach ($missing as $name) {
            $this->reading->fault("$field.$name", 'observation-needs', null, ['form' => implode(', ', $form)]);
        }
        foreach ($besides as $name) {
            $this->reading->fault("$field.$name", 'observation-besides', $said->{$name}, ['form' => implode(', ', $own)]);
        }

        return $missing === [] && $besides === [] ? $this->read($said, $form) : null;
    }

    /** @param  list<string>  $form */
    private function read(stdClass $said, array $form): SideTaped|Point
    {
        if ($form === self::AT_A_SEAM) {
            return new Point((float) $said->u, (float) $said->v);
        }
        [$panel, $long, $fromHead] = [(string) $said->panel, $said->side === 'long', $said->from === 'T'];

        return $form === self::ON_A_PANEL
            ? new SideTaped($panel, $long, (float) $said->measured, $fromHead, ($said->hems ?? 'flat') === 'folded')
            : SideTaped::off($panel, $long, (float) $said->card, $fromHead, (float) $said->amount * ($said->toward === 'downhill' ? -1.0 : 1.0));
    }
}
