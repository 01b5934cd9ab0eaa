<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\HouseRules;
use stdClass;

/** Reads of a document how single edges are to be built. An edge's id begins with its kind, which says what may be wished. */
final class BuildsReader
{
    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $document)
    {
    }

    public function wishes(Covering $covering): BuildsInput
    {
        $wishes = [];
        foreach ((array) ($this->document->edges ?? []) as $id => $wish) {
            $kind = EdgeKind::tryFrom((string) strstr("$id-", '-', true));
            if ($kind === null || ! str_contains((string) $id, '-')) {
                $this->faults[] = new Fault("edges.$id", 'edge-id', Understood::inWords((string) $id));

                continue;
            }
            $known = EdgeWish::fields($kind);
            foreach (array_diff(array_keys((array) $wish), $known) as $field) {
                $this->faults[] = new Fault("edges.$id.$field", 'edge-wish', Understood::inWords($wish->{$field}), ['kind' => $kind->value, 'known' => implode(', ', $known) ?: 'none']);
            }
            if ($kind === EdgeKind::Valley) {
                $this->checkReveal((string) $id, $wish, $covering);
            }
            $wishes[(string) $id] = new EdgeWish(isset($wish->reveal) ? (float) $wish->reveal : null, isset($wish->vented) ? (bool) $wish->vented : null);
        }

        return new BuildsInput($wishes);
    }

    /** One valley's reveal keeps to what the house rule for all of them may be. */
    private function checkReveal(string $id, stdClass $wish, Covering $covering): void
    {
        $rule = HouseRules::get('edge.valley.'.($covering->profile->family->isConcealed() ? 'concealed' : 'exposed').'.offset');
        if (isset($wish->reveal) && ! $rule->accepts(-(float) $wish->reveal)) {
            $this->faults[] = new Fault("edges.$id.reveal", 'range', Understood::inWords($wish->reveal), ['least' => -$rule->most, 'most' => -$rule->least]);
        }
    }
}
