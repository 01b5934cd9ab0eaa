<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\EdgeMover;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Rules\RuleSet;

/** Says where to snap for the valley cleats of a face. */
final readonly class CleatLines
{
    public function __construct(private Profile $profile, private bool $vented, private RuleSet $rules, private SideFinder $sides)
    {
    }

    /** @return list<CleatLine> */
    public function on(Face $face): array
    {
        $reveal = -EdgeAllowance::of(EdgeKind::Valley, $this->profile->family, $this->vented, $this->rules)->offset;
        $offset = $reveal + $this->rules->number('cut.cleatFlange');
        $lines = [];
        foreach ($face->region()->loops() as $number => $loop) {
            $kinds = $face->edgesOfLoop($number);
            foreach ($kinds as $side => $kind) {
                if ($kind === EdgeKind::Valley) {
                    [$from, $to] = (new EdgeMover)->side($loop, $side, -$offset);
                    $lines[] = new CleatLine($face->id, $this->sides->edge($face, $number, $side)?->id, $reveal, $offset, $from, $to);
                }
            }
        }

        return $lines;
    }
}
