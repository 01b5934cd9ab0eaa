<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Findings\Severity;
use Imbrex\Core\Layout\FaceLayout;
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
     * @param  array<string, FaceLayout>  $layouts  by face id
     * @param  list<Panel>  $panels  by face, from the left rake
     * @param  array<string, list<ExtraSchool>>  $extras  by face id
     * @param  list<Finding>  $findings  in the order of work
     */
    public function __construct(
        public Job $job,
        public array $surveys,
        public Roof $roof,
        public array $layouts,
        public array $panels,
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

    /** @return list<Panel> */
    public function panelsOf(string $face): array
    {
        return array_values(array_filter($this->panels, static fn (Panel $p): bool => $p->face === $face));
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
