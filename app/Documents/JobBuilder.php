<?php

declare(strict_types=1);

namespace App\Documents;

use Imbrex\Core\Catalogue\Catalogue;
use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\Material;
use Imbrex\Core\Catalogue\NotInCatalogue;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\SchoolKind;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Rules\RuleFault;
use Imbrex\Core\Rules\RuleSet;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\SurveyInput;
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
        $roof = new RoofReader($this->document->roof);
        $planes = $roof->planes();
        $blocks = $roof->blocks();
        $checks = $roof->checks();
        $cutting = new CuttingReader($this->document);
        $openings = $cutting->openings();
        $corrections = $cutting->corrections();
        array_push($this->faults, ...$roof->faults, ...$cutting->faults);
        $covering = $this->covering($this->rules());
        $this->checkSize($planes, $blocks, $covering);
        $builds = new BuildsReader($this->document);
        $wishes = $builds->wishes($covering);
        array_push($this->faults, ...$builds->faults);
        $layouts = $this->layouts($planes, $blocks);
        if ($this->faults !== []) {
            throw DocumentFault::of($this->faults);
        }

        return Job::of(
            (string) $this->document->name,
            UnitSystem::from((string) ($this->document->units ?? 'imperial')),
            $covering,
            new SurveyInput($planes),
            new RoofInput($blocks, $checks, $openings),
            $wishes,
            new LayoutInput($layouts),
            new CuttingInput($corrections, $cutting->cut()),
        );
    }

    /**
     * A slip of the key (a cover of 4 on planes of a thousand feet) must not keep the server busy for minutes.
     *
     * @param  list<Plane>  $planes
     * @param  list<Block>  $blocks
     */
    private function checkSize(array $planes, array $blocks, Covering $covering): void
    {
        $width = array_sum(array_map(static fn (Block $b): float => 2.0 * ($b->length + $b->width), $blocks));
        foreach ($planes as $plane) {
            $widths = [$plane->outline?->bounds()->width() ?? 0.0];
            foreach ($plane->readings as $reading) {
                if (in_array($reading->quantity, [Quantity::Eave, Quantity::Ridge, Quantity::Along], true)) {
                    $widths[] = $reading->value;
                }
            }
            $width += max($widths);
        }
        $panels = (int) ceil($width / $covering->profile->cover);
        if ($panels > self::MOST_PANELS) {
            $this->faults[] = new Fault('roof.planes', 'too-many-panels', "about $panels panels", ['most' => self::MOST_PANELS]);
        }
    }

    private function covering(RuleSet $rules): Covering
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

        return new Covering($profile, $material, $this->gauge($system, $material), ($system->ridge ?? 'unvented') === 'vented', $rules);
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
     * @param  list<Block>  $blocks
     * @return array<string, LayoutChoice>
     */
    private function layouts(array $planes, array $blocks): array
    {
        $ids = [
            ...array_map(static fn (Plane $plane): string => $plane->id, $planes),
            ...array_map(static fn (Block $block): string => "$block->id.S", $blocks),
        ];
        $layouts = [];
        foreach ((array) ($this->document->layout ?? []) as $id => $one) {
            // Faces of a block come and go as blocks are moved; their layouts wait for them.
            if (! in_array((string) preg_replace('/\.[SENW]\d*$/', '.S', (string) $id), $ids, true)) {
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
                HouseRules::with([(string) $key => $value]);
                $own[(string) $key] = $value;
            } catch (RuleFault $e) {
                $this->faults[] = RuleFaults::fault("rules.$key", $e, $value);
            }
        }

        return HouseRules::with($own);
    }

    /** @param  array<string, string|int|float>  $accepted */
    private function fault(string $field, string $code, mixed $understood, array $accepted = []): void
    {
        $this->faults[] = new Fault($field, $code, Understood::inWords($understood), $accepted);
    }
}
