<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\AskedByRules;
use Imbrex\Core\Builds\Internal\BuildChoice;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Roof\Face;

/** How every edge of the roof is built, asked for where a face ends at it. */
final readonly class Builds implements AskedByRules
{
    /**
     * @param  array<string, EdgeWish>  $wishes  by face, loop and side: `S 0 3`
     * @param  array<string, float>  $rises  in 12, of the flattest face at an edge, where it is not the face's own
     * @param  list<Finding>  $findings
     */
    private function __construct(public Covering $covering, public BuildChoice $choice, private array $wishes, private array $rises, private array $findings)
    {
    }

    public function under(Covering $covering): static
    {
        return new self($covering, $this->choice->under($covering), $this->wishes, $this->rises, $this->findings);
    }

    /** As the house builds. */
    public static function usual(Covering $covering): self
    {
        return new self($covering, new BuildChoice($covering, [], BuildBook::shipped()), [], [], []);
    }

    /**
     * @param  array<string, EdgeWish>  $wishes  by face, loop and side: `S 0 3`
     * @param  array<string, float>  $rises  in 12, of the flattest face at an edge, where it is not the face's own
     * @param  list<Finding>  $findings
     */
    public static function of(Covering $covering, BuildChoice $choice, array $wishes, array $rises, array $findings): self
    {
        return new self($covering, $choice, $wishes, $rises, $findings);
    }

    /** @param  int  $loop  of the face (0 = outline), `$side` of the loop */
    public function at(Face $face, int $loop, int $side): EdgeBuild
    {
        $kind = $face->edgesOfLoop($loop)[$side] ?? EdgeKind::Opening;
        $wish = $this->wishes["$face->id $loop $side"] ?? null;

        return $this->build($kind, $wish, $this->rises["$face->id $loop $side"] ?? $face->pitch->riseIn12);
    }

    /** @param  float  $riseIn12  of the flattest face at the edge */
    public function build(EdgeKind $kind, ?EdgeWish $wish, float $riseIn12): EdgeBuild
    {
        return new EdgeBuild($kind, $this->covering, $wish, $this->choice->of($kind, $wish, $riseIn12));
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
