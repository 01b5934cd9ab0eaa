<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\Pairing;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Findings\Severity;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\LoadOut\Order;
use Imbrex\Core\Roof\CheckReport;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Survey\PlaneSurvey;

/** Everything that follows from a job: a pure function of it. */
final readonly class Plan
{
    /**
     * @param  list<PlaneSurvey>  $surveys
     * @param  list<GroupLayout>  $groups  of tied faces
     * @param  array<string, FaceLayout>  $layouts  by face id
     * @param  list<Panel>  $panels  by face, from the left rake
     * @param  array<string, list<ExtraSchool>>  $extras  by face id
     * @param  list<Finding>  $findings  in the order of work
     */
    public function __construct(
        public Job $job,
        public array $surveys,
        public Roof $roof,
        public array $groups,
        public array $layouts,
        public array $panels,
        public Pairing $pairing,
        public array $extras,
        public Order $order,
        public array $findings,
        public CheckReport $checks,
    ) {
    }

    public function face(string $id): ?Face
    {
        return $this->roof->face($id);
    }

    /** The faces it is tied to, and how they are laid out together. */
    public function groupOf(string $face): ?GroupLayout
    {
        foreach ($this->groups as $group) {
            if ($group->group->holds($face)) {
                return $group;
            }
        }

        return null;
    }

    /** @return list<Panel> */
    public function panelsOf(string $face): array
    {
        return array_values(array_filter($this->panels, static fn (Panel $p): bool => $p->face === $face));
    }

    /** @return array<string, list<string>> ids of the pieces of every strip, from the eave up, by face and position: `S 4` */
    public function strips(): array
    {
        $strips = [];
        foreach ($this->panels as $panel) {
            $strips["$panel->face {$panel->strip->position}"][] = $panel->id;
        }

        return $strips;
    }

    /** @return list<Panel> by face, and within it as they are laid: along the run, from the eave up */
    public function inOrderOfLaying(): array
    {
        $faces = array_flip(array_map(static fn (Face $face): string => $face->id, $this->roof->faces));
        $order = $this->panels;
        usort($order, static fn (Panel $a, Panel $b): int => [$faces[$a->face], $a->strip->laid] <=> [$faces[$b->face], $b->strip->laid]);

        return $order;
    }

    public function panel(string $id): ?Panel
    {
        foreach ($this->panels as $panel) {
            if ($panel->id === $id) {
                return $panel;
            }
        }

        return null;
    }

    /** Whether nothing stands against sending the order. */
    public function mayBeOrdered(): bool
    {
        return $this->panels !== []
            && array_filter($this->findings, static fn (Finding $f): bool => $f->severity === Severity::Block) === [];
    }
}
