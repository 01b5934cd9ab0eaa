<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Layout\Finder\Reason;
use Imbrex\Core\Layout\Finder\Score;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Roof\OpeningKind;

/** Says in codes what a layout of a group is good and bad for. */
final readonly class Reasoner
{
    /** @param  list<FaceCost>  $costs  by number of the group's faces */
    public function __construct(private FaceGroup $group, private array $costs, private float $cover)
    {
    }

    /**
     * How many seams meet none where they could.
     *
     * @param  list<float>  $modules
     */
    public function unmatched(array $modules): int
    {
        $seams = 0;
        foreach ($this->group->ties as $tie) {
            $seams += $this->miss($tie, $modules) > Tie::MEETS ? $tie->seams : 0;
        }

        return $seams;
    }

    /**
     * @param  list<float>  $modules
     * @return list<Reason> across the edges first, then what stands in the way of seams
     */
    public function reasons(array $modules): array
    {
        return [...$this->across($modules), ...array_merge(...array_map(fn (int $number): array => $this->on($number, $modules[$number]), array_keys($this->group->faces)))];
    }

    /**
     * @param  list<float>  $modules
     * @return list<Reason>
     */
    private function across(array $modules): array
    {
        $missing = [];
        foreach ($this->group->ties as $tie) {
            $miss = $this->miss($tie, $modules);
            if ($miss > Tie::MEETS) {
                $missing[] = new Reason('seams-miss', false, ['one' => $this->name($tie->one), 'other' => $this->name($tie->other), 'by' => Length::ofInches($miss), 'seams' => $tie->seams]);
            }
        }
        $meeting = count($this->group->ties) - count($missing);
        $reasons = match (true) {
            $this->group->ties === [] => [],
            $missing === [] => [new Reason('seams-meet', true, ['edges' => $meeting])],
            $meeting > 0 => [new Reason('seams-meet-some', true, ['edges' => $meeting, 'of' => count($this->group->ties)]), ...$missing],
            default => $missing,
        };
        if ($this->group->loose !== []) {
            $reasons[] = new Reason('pitches-differ', true, ['edges' => count($this->group->loose)]);
        }

        return $reasons;
    }

    /** @return list<Reason> seams of one face that run where none should */
    public function inTheWay(int $number, float $module): array
    {
        $cost = $this->costs[$number];

        return array_map(fn (KeepOut $out): Reason => new Reason("keep-out-$out->what", false, [
            'face' => $this->group->faces[$number]->name, 'what' => $out->name, 'off' => Length::ofInches($cost->clearOf($out->at, $module)), 'wants' => Length::ofInches($out->wants),
        ]), $cost->broken($module));
    }

    /** @return list<Reason> about one face */
    private function on(int $number, float $module): array
    {
        $cost = $this->costs[$number];
        $reasons = $this->inTheWay($number, $module);
        $broken = array_flip(array_map(static fn (KeepOut $out): string => $out->name, $cost->broken($module)));
        foreach ($this->group->faces[$number]->openings as $opening) {
            if (! isset($broken[$opening->name])) {
                $bounds = $opening->outline->bounds();
                $clear = $opening->kind === OpeningKind::Pipe
                    ? $cost->clearOf($opening->centre()->u, $module)
                    : min($cost->clearOf($bounds->left, $module), $cost->clearOf($bounds->right, $module));
                $reasons[] = new Reason('clear-of', true, ['what' => $opening->name, 'off' => Length::ofInches($clear)]);
            }
        }

        return $reasons;
    }

    /**
     * What it would cost that more seams meet than do.
     *
     * @param  list<float>  $meeting  module lines with which they would
     */
    public function whatMeetingCosts(array $meeting, Score $more, float $points): Reason
    {
        $tips = [];
        $wants = 0.0;
        foreach ($this->costs as $number => $cost) {
            foreach ($cost->broken($meeting[$number]) as $out) {
                if ($out->what === 'tip') {
                    $tips[] = $cost->clearOf($out->at, $meeting[$number]);
                    $wants = $out->wants;
                }
            }
        }

        return new Reason('meeting-costs', true, [
            'all' => $this->unmatched($meeting) === 0 ? 'yes' : 'no', 'points' => (int) round($points),
            'tips' => count($tips), 'least' => Length::ofInches($tips === [] ? 0.0 : min($tips)), 'wants' => Length::ofInches($wants),
            'narrow' => max(0, $more->narrow - count($tips)), 'panels' => max(0, $more->panels), 'cuts' => max(0, $more->cuts),
        ]);
    }

    /** @param  list<float>  $modules */
    private function miss(Tie $tie, array $modules): float
    {
        return $tie->miss($modules[(int) $this->group->numberOf($tie->one)], $modules[(int) $this->group->numberOf($tie->other)], $this->cover);
    }

    private function name(string $face): string
    {
        return $this->group->faces[(int) $this->group->numberOf($face)]->name;
    }
}
