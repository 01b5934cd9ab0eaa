<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\JobPart;
use Imbrex\Core\Trims\Ends\EndFit;

/** How a job's trims are made otherwise than the house makes them. */
final readonly class TrimsInput implements JobPart
{
    /**
     * @param  array<string, TrimShape>  $shapes  somebody's own, by key
     * @param  array<string, float>  $laps  of lengths, inches, by key of the shape
     * @param  array<string, non-empty-list<float>>  $stocks  lengths of the sticks to be had, inches, by key of the shape
     * @param  array<string, RunSchool>  $schools  how runs are divided, by key of the shape
     * @param  Point|null  $viewpoint  from where the roof is mostly seen, in plan
     * @param  array<string, array<string, EndFit>>  $fits  what first ends taught, by key of the shape and kind of end
     */
    public function __construct(public array $shapes = [], public array $laps = [], public array $stocks = [], public array $schools = [], public ?Point $viewpoint = null, public array $fits = [])
    {
    }
}
