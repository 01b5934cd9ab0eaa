<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use stdClass;

/** One thing a save changed: a code with parameters, whose words stand in the message catalogue under `change.<code>`. */
final readonly class Change
{
    /** @param  array<string, string|int|float>  $parameters */
    public function __construct(public string $code, public array $parameters = [])
    {
    }

    /**
     * What was added to a list of things that bear ids, changed in it and taken from it, in this order.
     *
     * @param  array<stdClass>  $before
     * @param  array<stdClass>  $after
     * @param  string  $code  what the things are: told as `<code>-added`, `<code>-changed`, `<code>-removed`
     * @param  callable(stdClass): array<string, string|int|float>  $parameters
     * @return list<self>
     */
    public static function inList(array $before, array $after, string $code, callable $parameters): array
    {
        [$old, $new] = [array_column($before, null, 'id'), array_column($after, null, 'id')];
        $told = static fn (string $how, array $things): array => array_values(array_map(static fn (stdClass $thing): self => new self("$code-$how", $parameters($thing)), $things));
        $changed = array_filter($new, static fn (stdClass $thing, string|int $id): bool => isset($old[$id]) && $old[$id] != $thing, ARRAY_FILTER_USE_BOTH);

        return [...$told('added', array_diff_key($new, $old)), ...$told('changed', $changed), ...$told('removed', array_diff_key($old, $new))];
    }
}
