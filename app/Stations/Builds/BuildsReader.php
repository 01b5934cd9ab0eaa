<?php

declare(strict_types=1);

namespace App\Stations\Builds;

use App\Documents\Reading;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\HouseRules;
use stdClass;

/** Reads of a document how single edges are to be built. An edge's id begins with its kind, which says what may be wished. */
final readonly class BuildsReader
{
    public function __construct(private Reading $reading)
    {
    }

    public function input(): BuildsInput
    {
        $wishes = [];
        foreach ((array) ($this->reading->document->edges ?? []) as $id => $wish) {
            $kind = EdgeKind::tryFrom((string) strstr("$id-", '-', true));
            if ($kind === null || ! str_contains((string) $id, '-')) {
                $this->reading->fault("edges.$id", 'edge-id', (string) $id);

                continue;
            }
            $known = EdgeWish::fields($kind);
            foreach (array_diff(array_keys((array) $wish), $known) as $field) {
                $this->reading->fault("edges.$id.$field", 'edge-wish', $wish->{$field}, ['kind' => $kind->value, 'known' => implode(', ', $known) ?: 'none']);
            }
            if ($kind === EdgeKind::Valley) {
                $this->checkReveal((string) $id, $wish);
            }
            $wishes[(string) $id] = new EdgeWish(isset($wish->reveal) ? (float) $wish->reveal : null, isset($wish->vented) ? (bool) $wish->vented : null, (bool) ($wish->starter ?? false));
        }

        return new BuildsInput($wishes);
    }

    /** One valley's reveal keeps to what the house rule for all of them may be. */
    private function checkReveal(string $id, stdClass $wish): void
    {
        $rule = HouseRules::get('edge.valley.'.($this->reading->covering->profile->family->isConcealed() ? 'concealed' : 'exposed').'.offset');
        if (isset($wish->reveal) && ! $rule->accepts(-(float) $wish->reveal)) {
            $this->reading->fault("edges.$id.reveal", 'range', $wish->reveal, ['least' => -$rule->most, 'most' => -$rule->least]);
        }
    }
}
