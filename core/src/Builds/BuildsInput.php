<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\JobPart;

final readonly class BuildsInput implements JobPart
{
    /**
     * @param  array<string, EdgeWish>  $wishes  by id of the roof's edge
     * @param  array<string, string>  $builds  names of the builds the whole job has, by kind of edge
     * @param  list<Build>  $own  somebody's, copied into the job
     * @param  array<string, list<string>>  $junctions  in which order pieces go on, by id of the junction
     */
    public function __construct(public array $wishes = [], public array $builds = [], public array $junctions = [], public array $own = [])
    {
    }

    public function book(): BuildBook
    {
        return $this->own === [] ? BuildBook::shipped() : BuildBook::shipped()->with($this->own);
    }
}
