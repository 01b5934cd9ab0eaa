<?php

declare(strict_types=1);

namespace Imbrex\Stations\Facts;

use Imbrex\Core\Circumstance;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\SchemaCheck;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;
use stdClass;

/** Turns what was told of a job into facts, and facts into what stages look at. */
final readonly class FactReader
{
    public function __construct(private SchemaCheck $schema, private Stations $stations)
    {
    }

    /**
     * @param  mixed  $told  a list by contracts/facts
     * @return list<Fact>
     *
     * @throws DocumentFault
     */
    public function read(mixed $told): array
    {
        $faults = $this->schema->faults((object) ['facts' => $told], 'facts');
        $facts = [];
        if ($faults === [] && is_array($told)) {
            foreach (array_values($told) as $i => $one) {
                if ($one instanceof stdClass) {
                    $facts[] = $fact = self::fact($one);
                    array_push($faults, ...array_merge(...array_map(static fn (Station $station): array => $station->doubts($fact, "facts[$i].said"), $this->stations->all())));
                }
            }
        }

        return $faults === [] ? $facts : throw DocumentFault::of($faults);
    }

    /** What stages look at of all that happened. */
    public function circumstances(FactLog $log): Circumstances
    {
        return Circumstances::of(...array_filter(array_map(static fn (Station $station): ?Circumstance => $station->happened($log), $this->stations->all())));
    }

    /** @return array<string, mixed> by contracts/facts */
    public static function wire(Fact $fact): array
    {
        return ['id' => $fact->id, 'kind' => $fact->kind->value, 'subject' => $fact->subject, ...($fact->said === [] ? [] : ['said' => $fact->said]), 'at' => $fact->at];
    }

    private static function fact(stdClass $one): Fact
    {
        [$second, $thousandths] = [substr((string) $one->at, 0, 19), rtrim(substr((string) $one->at, 20), 'Z')];

        return new Fact((string) $one->id, FactKind::from((string) $one->kind), (string) $one->subject, (array) ($one->said ?? []), $second.'.'.str_pad($thousandths, 3, '0').'Z');
    }
}
