<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Stations\Change;
use stdClass;

/** What a save changed on the measured planes. */
final class SurveyChanges
{
    private const FIELDS = ['name', 'riseIn12', 'outline', 'edges', 'ridgeWith', 'covering', 'oldLayers', 'old', 'deck', 'notes', 'shape', 'leans', 'ties', 'placed'];

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    public function between(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $changes = [];
        foreach ($after as $plane) {
            $changes[] = isset($old[$plane->id]) ? $this->plane($old[$plane->id], $plane) : [new Change('plane-added', ['plane' => $plane->name])];
            unset($old[$plane->id]);
        }
        foreach ($old as $gone) {
            $changes[] = [new Change('plane-removed', ['plane' => $gone->name])];
        }

        return array_merge(...$changes);
    }

    /** @return list<Change> */
    private function plane(stdClass $before, stdClass $after): array
    {
        $changes = Change::inList($before->readings ?? [], $after->readings ?? [], 'reading', static fn (stdClass $reading): array => [
            'plane' => $after->name, 'quantity' => $reading->quantity, 'typed' => (string) ($reading->typed ?? $reading->value ?? ''),
        ]);
        foreach (self::FIELDS as $field) {
            if (($before->{$field} ?? null) != ($after->{$field} ?? null)) {
                $changes[] = new Change('plane-changed', ['plane' => $after->name, 'field' => $field]);
            }
        }

        return $changes;
    }
}
