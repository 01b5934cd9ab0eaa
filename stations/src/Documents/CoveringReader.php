<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Colour;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\Material;
use Imbrex\Core\Ground\Catalogue\NotInCatalogue;
use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use stdClass;

/** Reads what a job's roof is covered with, from the catalogue that ships and the job's own profiles, and its house rules. */
final readonly class CoveringReader
{
    private const PROFILE = 'snap-lock-1.5-16';

    private const MATERIAL = 'steel';

    public function __construct(private Reading $reading)
    {
    }

    public function read(): Covering
    {
        $rules = $this->rules();
        foreach ($this->reading->document->catalogue->profiles ?? [] as $i => $own) {
            $this->reading->faults(...ProfileBuilder::faults($own, "catalogue.profiles[$i]"));
        }
        $catalogue = Catalogue::shipped()->with(array_map(
            ProfileBuilder::build(...),
            array_values($this->reading->document->catalogue->profiles ?? []),
        ));
        $system = $this->reading->document->system ?? new stdClass;
        $profile = $catalogue->profile(self::PROFILE);
        $material = $catalogue->material(self::MATERIAL);
        try {
            $profile = $catalogue->profile((string) ($system->profile ?? self::PROFILE));
        } catch (NotInCatalogue $e) {
            $this->reading->fault('system.profile', 'not-in-catalogue', $e->key, ['known' => implode(', ', array_keys($catalogue->profiles))]);
        }
        try {
            $material = $catalogue->material((string) ($system->material ?? self::MATERIAL));
        } catch (NotInCatalogue $e) {
            $this->reading->fault('system.material', 'not-in-catalogue', $e->key, ['known' => implode(', ', array_keys($catalogue->materials))]);
        }

        return new Covering(
            profile: $profile,
            material: $material,
            gauge: $this->gauge($system, $material),
            ventedRidge: ($system->ridge ?? 'unvented') === 'vented',
            rules: $rules,
            colour: Colour::tryFrom((string) ($system->colour ?? '')),
            chosen: isset($system->profile),
        );
    }

    private function gauge(stdClass $system, Material $material): string
    {
        $gauge = (string) ($system->gauge ?? $material->usualGauge());
        if (! isset($material->gauges[$gauge])) {
            $this->reading->fault('system.gauge', 'one-of', $gauge, ['values' => implode(', ', array_keys($material->gauges))]);
        }

        return $gauge;
    }

    private function rules(): RuleSet
    {
        $own = [];
        foreach ((array) ($this->reading->document->rules ?? []) as $key => $value) {
            $value = is_string($value) ? $value : (float) $value;
            try {
                HouseRules::with([(string) $key => $value]);
                $own[(string) $key] = $value;
            } catch (RuleFault $e) {
                $this->reading->faults(RuleFaults::fault("rules.$key", $e, $value));
            }
        }

        return HouseRules::with($own, UnitSystem::from((string) ($this->reading->document->units ?? 'imperial')));
    }
}
