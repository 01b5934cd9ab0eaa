<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Catalogue\Catalogue;
use Imbrex\Core\Catalogue\Material;
use Imbrex\Core\Catalogue\NotInCatalogue;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\SchoolKind;
use Imbrex\Core\Rules\RuleFault;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\System;
use Imbrex\Core\Units\UnitSystem;
use stdClass;

/** Builds a job of a document that is sound by its schema, and gathers whatever still makes no sense. */
final class JobBuilder
{
    private const PROFILE = 'snap-lock-1.5-16';

    private const MATERIAL = 'steel';

    private const MOST_PANELS = 20_000;

    /** @var list<Fault> */
    private array $faults = [];

    public function __construct(private readonly stdClass $document)
    {
    }

    /** @throws DocumentFault */
    public function build(): Job
    {
        $planes = $this->planes();
        $system = $this->system();
        $this->checkSize($planes, $system);
        $layouts = $this->layouts($planes);
        $rules = $this->rules();
        if ($this->faults !== []) {
            throw DocumentFault::of($this->faults);
        }

        return new Job(
            (string) $this->document->name,
            UnitSystem::from((string) ($this->document->units ?? 'imperial')),
            $planes,
            $system,
            $layouts,
            $rules,
        );
    }

    /** @return list<Plane> */
    private function planes(): array
    {
        $planes = [];
        $seen = [];
        foreach ($this->document->roof->planes as $i => $one) {
            $builder = new PlaneBuilder($one, "roof.planes[$i]");
            $plane = $builder->build();
            array_push($this->faults, ...$builder->faults);
            if (isset($seen[(string) $one->id])) {
                $this->fault("roof.planes[$i].id", 'id-twice', $one->id);
            }
            $seen[(string) $one->id] = true;
            if ($plane !== null) {
                $planes[] = $plane;
            }
        }
        foreach ($this->document->roof->planes as $i => $one) {
            if (isset($one->ridgeWith) && ($one->ridgeWith === $one->id || ! isset($seen[(string) $one->ridgeWith]))) {
                $this->fault("roof.planes[$i].ridgeWith", 'plane-unknown', $one->ridgeWith, ['known' => implode(', ', array_diff(array_keys($seen), [$one->id]))]);
            }
        }

        return $planes;
    }

    /**
     * A slip of the key (a cover of 4 on planes of a thousand feet) must not keep the server busy for minutes.
     *
     * @param  list<Plane>  $planes
     */
    private function checkSize(array $planes, System $system): void
    {
        $width = 0.0;
        foreach ($planes as $plane) {
            $widths = [$plane->outline?->bounds()->width() ?? 0.0];
            foreach ($plane->readings as $reading) {
                if ($reading->quantity === Quantity::Eave || $reading->quantity === Quantity::Ridge) {
                    $widths[] = $reading->value;
                }
            }
            $width += max($widths);
        }
        $panels = (int) ceil($width / $system->profile->cover);
        if ($panels > self::MOST_PANELS) {
            $this->faults[] = new Fault('roof.planes', 'too-many-panels', "about $panels panels", ['most' => self::MOST_PANELS]);
        }
    }

    private function system(): System
    {
        $catalogue = Catalogue::shipped()->with(array_map(
            ProfileBuilder::build(...),
            array_values($this->document->catalogue->profiles ?? []),
        ));
        $system = $this->document->system ?? new stdClass;
        $profile = $catalogue->profile(self::PROFILE);
        $material = $catalogue->material(self::MATERIAL);
        try {
            $profile = $catalogue->profile((string) ($system->profile ?? self::PROFILE));
        } catch (NotInCatalogue $e) {
            $this->fault('system.profile', 'not-in-catalogue', $e->key, ['known' => implode(', ', array_keys($catalogue->profiles))]);
        }
        try {
            $material = $catalogue->material((string) ($system->material ?? self::MATERIAL));
        } catch (NotInCatalogue $e) {
            $this->fault('system.material', 'not-in-catalogue', $e->key, ['known' => implode(', ', array_keys($catalogue->materials))]);
        }

        return new System($profile, $material, $this->gauge($system, $material), ($system->ridge ?? 'unvented') === 'vented');
    }

    private function gauge(stdClass $system, Material $material): string
    {
        $gauge = (string) ($system->gauge ?? $material->usualGauge());
        if (! isset($material->gauges[$gauge])) {
            $this->fault('system.gauge', 'one-of', $gauge, ['values' => implode(', ', array_keys($material->gauges))]);
        }

        return $gauge;
    }

    /**
     * @param  list<Plane>  $planes
     * @return array<string, LayoutChoice>
     */
    private function layouts(array $planes): array
    {
        $ids = array_map(static fn (Plane $plane): string => $plane->id, $planes);
        $layouts = [];
        foreach ((array) ($this->document->layout ?? []) as $id => $one) {
            if (! in_array((string) $id, $ids, true)) {
                $this->fault("layout.$id", 'plane-unknown', (string) $id, ['known' => implode(', ', $ids)]);

                continue;
            }
            $layouts[(string) $id] = new LayoutChoice(
                SchoolKind::from((string) ($one->school ?? SchoolKind::Balanced->value)),
                isset($one->start) ? $one->start === 'left' : null,
                isset($one->at) ? (float) $one->at : null,
                ($one->as ?? 'seam') === 'seam',
                (float) ($one->nudge ?? 0.0),
                (bool) ($one->pinned ?? false),
            );
        }

        return $layouts;
    }

    private function rules(): RuleSet
    {
        $own = [];
        foreach ((array) ($this->document->rules ?? []) as $key => $value) {
            $value = is_string($value) ? $value : (float) $value;
            try {
                RuleSet::with([(string) $key => $value]);
                $own[(string) $key] = $value;
            } catch (RuleFault $e) {
                $this->faults[] = RuleFaults::fault("rules.$key", $e, $value);
            }
        }

        return RuleSet::with($own);
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $field, string $code, mixed $understood, array $accepted = []): void
    {
        $this->faults[] = new Fault($field, $code, Understood::inWords($understood), $accepted);
    }
}
