<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\SurveyInput;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\RoofJob;

/**
 * Roofs at random, the same for the same number: halls with wings and dormers, measured planes with walls that begin
 * inside them, valleys that leave a short eave, leaning rakes; with openings and forced layouts. With every change some
 * are tried; `bin/imbrex roofs` tries more, others each day. IMBREX_ROOFS says how many, IMBREX_SEED where they begin.
 */
final class RandomRoof
{
    private const WITH_A_CHANGE = 60;

    private Randomizer $random;

    /** @var array<string, array{Plan, Randomizer}> what was worked in this run already, with the die as it lay afterwards */
    private static array $worked = [];

    public function __construct(public readonly int $number)
    {
        $this->random = new Randomizer(new Mt19937($number * 7919 + 13));
    }

    /** @return iterable<self> */
    public static function several(int $usually): iterable
    {
        $from = (int) (getenv('IMBREX_SEED') ?: 1);
        $count = (int) (getenv('IMBREX_ROOFS') ?: min($usually, self::WITH_A_CHANGE));
        for ($i = 0; $i < $count; $i++) {
            yield new self($from + $i);
        }
    }

    /** The plan of the job: worked once a run, however many tests look at it. Of a thousand roofs none is kept. */
    public function plan(bool $forced = true, bool $openings = true): Plan
    {
        if (getenv('IMBREX_ROOFS') !== false) {
            return Plan::for($this->job($forced, $openings));
        }
        $which = "$this->number ".($forced ? 'forced' : 'searched').($openings ? ' pierced' : '');
        if (! isset(self::$worked[$which])) {
            $plan = Plan::for($this->job($forced, $openings));
            self::$worked[$which] = [$plan, new Randomizer(clone $this->random->engine)];
        }
        [$plan, $random] = self::$worked[$which];
        $this->random = new Randomizer(clone $random->engine);

        return $plan;
    }

    /** @param  bool  $forced  layouts somebody chose, rather than the search */
    public function job(bool $forced = true, bool $openings = true): Job
    {
        $profile = $this->profile();
        $blocks = $this->number % 2 === 0 ? $this->blocks() : [];
        $planes = $blocks === [] ? [$this->plane()] : [];
        $bare = $this->of($profile, $planes, $blocks, [], []);
        $faces = RoofJob::faces($bare);
        $through = [];
        foreach ($openings ? $faces : [] as $face) {
            for ($i = $this->between(0, 2); $i > 0; $i--) {
                $through[] = $this->opening($face, "{$face->id}-$i");
            }
        }
        $layouts = [];
        foreach ($forced ? $faces : [] as $face) {
            if ($this->chance(80)) {
                $layouts[$face->id] = $this->choice($face->outline->bounds());
            }
        }

        return $this->of($profile, $planes, $blocks, array_values(array_filter($through)), $layouts);
    }

    /** Any way a person could start a face. */
    public function choice(Bounds $bounds): LayoutChoice
    {
        $at = $bounds->left + $this->inches($bounds->width());

        return match ($this->between(0, 5)) {
            0 => new LayoutChoice(StartKind::Balanced),
            1 => new LayoutChoice(StartKind::OneEnd, $this->chance(50)),
            2 => new LayoutChoice(StartKind::CentreSeam),
            3 => new LayoutChoice(StartKind::CentrePan, nudge: $this->between(-32, 32) / 16.0),
            4 => new LayoutChoice(StartKind::ControlPoint, at: $at, asSeam: $this->chance(50)),
            default => new LayoutChoice(StartKind::Found, at: $at),
        };
    }

    public function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    public function between(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /** Up to so many inches: whole, in sixteenths, or anything. */
    private function inches(float $most): float
    {
        $any = $most * $this->random->getInt(0, 1_000_000) / 1e6;

        return match ($this->between(0, 2)) {
            0 => floor($any),
            1 => floor($any * 16.0) / 16.0,
            default => $any,
        };
    }

    private function profile(): Profile
    {
        $own = Catalogue::shipped()->profile($this->one(['snap-lock-1.5-16', 'snap-lock-1.5-16', 'rib-9-36', 'cap-seam-1.375-12', 'snap-lock-1.5-12']));
        $arguments = get_object_vars($own);
        if ($this->chance(20)) {
            $arguments['hand'] = Hand::FemaleRight;
        }
        if ($this->chance(25)) {
            $arguments['longest'] = 240.0;
        }

        return new Profile(...$arguments);
    }

    /** @return list<Block> */
    private function blocks(): array
    {
        $rise = (float) $this->one([4, 6, 8, 12]);
        $length = 200.0 + $this->inches(500.0);
        $width = 200.0 + $this->inches(250.0);
        $gable = $this->chance(50);
        $over = (float) $this->one([0, 9, 12]);
        $blocks = [BlockMaker::block('hall', 0, 0, $length, $width, $gable ? [$rise, null, $rise, null] : [$rise, $rise, $rise, $this->chance(60) ? $rise : null], $over)];
        if ($this->chance(65)) {
            $wing = 60.0 + $this->inches($length / 2.0);
            $blocks[] = BlockMaker::block('wing', $this->inches($length - $wing), -60.0 - $this->inches(100.0), $wing, $width / 2.0 + 60.0, [$this->chance(30) ? $rise : null, $this->chance(80) ? $rise : $rise + 2.0, null, $rise], $over, 108.0 + ($this->chance(30) ? $this->inches(12.0) : 0.0));
        }
        if ($this->chance(65)) {
            $dormer = 40.0 + $this->inches(60.0);
            $at = $width / 8.0 + $this->inches($width / 8.0);
            $blocks[] = BlockMaker::block('dormer', $this->inches($length - $dormer), $at, $dormer, $width / 2.0 - $at + $this->inches(30.0), [null, $rise, null, $rise], $over / 2.0, 120.0 + $at * $rise / 12.0 + $this->inches(40.0));
        }

        return $blocks;
    }

    private function plane(): Plane
    {
        [$corners, $edges] = match ($this->between(0, 5)) {
            0 => $this->stepped(),
            1 => $this->shortEaves(),
            2 => $this->hipped(),
            3 => $this->lShaped(),
            4 => $this->leaning(),
            default => $this->stepped(),
        };
        if ($this->chance(50)) {
            // Seen from behind: the same roof the other way round.
            $corners = array_reverse(array_map(static fn (array $c): array => [-$c[0], $c[1]], $corners));
            $edges = array_reverse($edges);
            $edges[] = array_shift($edges);
        }

        return new Plane('P1', 'Plane', Polygon::of(array_map(static fn (array $c): Point => new Point($c[0], $c[1]), $corners)), array_map(EdgeKind::from(...), $edges), [], (float) $this->one([3, 5, 6, 8]));
    }

    /** @return array{list<array{float, float}>, list<string>} a wall begins inside the face */
    private function stepped(): array
    {
        $wide = 160.0 + $this->inches(240.0);
        $at = 60.0 + $this->inches($wide - 90.0);
        $low = 60.0 + $this->inches(60.0);
        $high = $low + 30.0 + $this->inches(120.0);

        return [[[0.0, 0.0], [$wide, 0.0], [$wide, $low], [$at, $low], [$at, $high], [0.0, $high]], ['eave', 'rake', 'headwall', 'sidewall', 'ridge', 'rake']];
    }

    /** @return array{list<array{float, float}>, list<string>} two small gables over a plane, short eaves between */
    private function shortEaves(): array
    {
        $gap = 1.0 + $this->inches(12.0);
        $half = 40.0 + $this->inches(40.0);
        $peak = $half * 67.0 / 60.0;
        $x = 40.0 + $this->inches(40.0);
        $top = $peak + 40.0 + $this->inches(60.0);
        $end = $x + 4.0 * $half + $gap + 40.0;

        return [[[0.0, 0.0], [$x, 0.0], [$x + $half, $peak], [$x + 2 * $half, 0.0], [$x + 2 * $half + $gap, 0.0], [$x + 3 * $half + $gap, $peak], [$x + 4 * $half + $gap, 0.0], [$end, 0.0], [$end, $top], [0.0, $top]],
            ['eave', 'valley', 'valley', 'eave', 'valley', 'valley', 'eave', 'rake', 'ridge', 'rake']];
    }

    /** @return array{list<array{float, float}>, list<string>} */
    private function hipped(): array
    {
        $wide = 150.0 + $this->inches(250.0);
        $high = 60.0 + $this->inches(120.0);
        $hip = min($wide / 2.0, $high * 0.9 + $this->inches(20.0));

        return $this->chance(50)
            ? [[[0.0, 0.0], [$wide, 0.0], [$wide - $hip, $high], [0.0, $high]], ['eave', 'hip', 'ridge', 'rake']]
            : [[[0.0, 0.0], [$wide, 0.0], [$wide + $hip, $high], [$hip, $high]], ['eave', 'valley', 'ridge', 'hip']];
    }

    /** @return array{list<array{float, float}>, list<string>} */
    private function lShaped(): array
    {
        $first = 80.0 + $this->inches(120.0);
        $wide = $first + 60.0 + $this->inches(160.0);
        $down = 40.0 + $this->inches(80.0);
        $high = 120.0 + $this->inches(100.0);
        $wall = $this->chance(50) ? 'sidewall' : 'rake';

        return [[[0.0, -$down], [$first, -$down], [$first, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]], ['eave', $wall, 'eave', 'rake', 'ridge', 'rake']];
    }

    /** @return array{list<array{float, float}>, list<string>} rakes that run out of square */
    private function leaning(): array
    {
        $wide = 120.0 + $this->inches(260.0);
        $high = 100.0 + $this->inches(160.0);
        $lean = fn (): float => $this->between(-60, 60) / 16.0;

        return [[[0.0, 0.0], [$wide, 0.0], [$wide + $lean(), $high], [$lean(), $high]], ['eave', 'rake', $this->one(['ridge', 'peak', 'headwall']), $this->one(['rake', 'sidewall'])]];
    }

    private function opening(Face $face, string $id): ?Opening
    {
        $bounds = $face->outline->bounds();
        $centre = new Point($bounds->left + $this->inches($bounds->width()), $bounds->bottom + $this->inches($bounds->height()));
        if ($this->chance(25)) {
            return $face->region()->contains($centre) ? Opening::pipe($id, $face->id, 'Vent', $centre, 3.0) : null;
        }
        [$wide, $high] = [8.0 + $this->inches(40.0), 8.0 + $this->inches(40.0)];
        $rectangle = Polygon::rectangle($centre->u - $wide / 2, $centre->v - $high / 2, $centre->u + $wide / 2, $centre->v + $high / 2);
        $kind = $this->one([OpeningKind::Curb, OpeningKind::Skylight, OpeningKind::Chimney]);

        // Every third roof has crickets or sideways panels behind what fits.
        $uphill = UphillSchool::cases()[$this->number % 3];

        return $face->region()->contains($centre) ? Opening::outlined($id, $face->id, $kind, 'Opening', $rectangle)->shedding(new Uphill($uphill)) : null;
    }

    /**
     * @param  list<Plane>  $planes
     * @param  list<Block>  $blocks
     * @param  list<Opening>  $openings
     * @param  array<string, LayoutChoice>  $layouts
     */
    private function of(Profile $profile, array $planes, array $blocks, array $openings, array $layouts): Job
    {
        $covering = new Covering($profile, Catalogue::shipped()->material('steel'), '24 ga', false, HouseRules::with([]));

        return Job::of("Roof $this->number", UnitSystem::Imperial, $covering, new SurveyInput($planes), new RoofInput($blocks, [], $openings), new LayoutInput($layouts));
    }
}
