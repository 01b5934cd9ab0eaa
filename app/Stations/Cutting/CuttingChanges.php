<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Stations\Change;
use stdClass;

/** What a save changed at the bench: first fits one by one; panels cut, by number. */
final class CuttingChanges
{
    /** @return list<Change> */
    public function between(stdClass $before, stdClass $after): array
    {
        [$old, $new] = [array_column($before->cut ?? [], 'panel'), array_column($after->cut ?? [], 'panel')];

        return [
            ...Change::inList($before->corrections ?? [], $after->corrections ?? [], 'fit', static fn (stdClass $fit): array => [
                'panel' => (string) $fit->panel, 'amount' => (float) $fit->amount, 'toward' => (string) $fit->toward, 'side' => (string) $fit->side,
            ]),
            ...$this->counted('panels-cut', array_diff($new, $old)),
            ...$this->counted('panels-uncut', array_diff($old, $new)),
        ];
    }

    /**
     * @param  array<string>  $panels
     * @return list<Change>
     */
    private function counted(string $code, array $panels): array
    {
        return $panels === [] ? [] : [new Change($code, ['count' => count($panels), 'first' => (string) array_values($panels)[0]])];
    }
}
