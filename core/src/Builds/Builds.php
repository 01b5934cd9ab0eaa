<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Catalogue\Covering;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\StageResult;

/** How every edge of the roof is built, asked for where a face ends at it. */
final readonly class Builds implements StageResult
{
    /**
     * @param  array<string, EdgeWish>  $wishes  by face, loop and side: `S 0 3`
     * @param  list<Finding>  $findings
     */
    private function __construct(public Covering $covering, private array $wishes, private array $findings)
    {
    }

    /** As the house builds. */
    public static function usual(Covering $covering): self
    {
        return new self($covering, [], []);
    }

    /**
     * @param  array<string, EdgeWish>  $wishes  by face, loop and side: `S 0 3`
     * @param  list<Finding>  $findings
     */
    public static function of(Covering $covering, array $wishes, array $findings): self
    {
        return new self($covering, $wishes, $findings);
    }

    /** @param  int  $loop  of the face (0 = outline), `$side` of the loop */
    public function at(Face $face, int $loop, int $side): EdgeBuild
    {
        return new EdgeBuild($face->edgesOfLoop($loop)[$side] ?? EdgeKind::Opening, $this->covering, $this->wishes["$face->id $loop $side"] ?? null);
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
