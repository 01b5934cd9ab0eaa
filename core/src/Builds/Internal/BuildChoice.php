<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds\Internal;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fixing;

/** Which build an edge gets: what was wished for it, what the job has for its kind, what is usual. */
final readonly class BuildChoice
{
    /**
     * @param  array<string, string>  $builds  of the job, by kind of edge
     * @param  BuildBook  $book  of the job
     */
    public function __construct(private Covering $covering, private array $builds, private BuildBook $book)
    {
    }

    public function under(Covering $covering): self
    {
        return new self($covering, $this->builds, $this->book);
    }

    /**
     * @param  float  $riseIn12  of the flattest face at the edge
     * @return Build|null null where metal ends at no edge of the roof
     */
    public function of(EdgeKind $edge, ?EdgeWish $wish, float $riseIn12): ?Build
    {
        $ofJob = $this->known($edge, $this->builds[$edge->value] ?? null);
        $vented = $wish->vented ?? $ofJob->vented ?? $this->covering->ventedRidge;

        return $this->known($edge, $wish?->build)
            ?? $this->starting($edge, $wish)
            ?? ($ofJob?->vented === ($vented && $edge === EdgeKind::Ridge) ? $ofJob : null)
            ?? $this->book->usual($edge, $this->fixing(), $vented, $riseIn12);
    }

    /** @return list<Build> */
    public function choices(EdgeKind $edge): array
    {
        return $this->book->choices($edge, $this->fixing());
    }

    private function known(EdgeKind $edge, ?string $name): ?Build
    {
        $build = $name === null ? null : $this->book->build($name);

        return $build?->edge === $edge && $build->holds($this->fixing()) ? $build : null;
    }

    /** Who lays a starter along a rake has the build that begins at one, where there is one. */
    private function starting(EdgeKind $edge, ?EdgeWish $wish): ?Build
    {
        $starting = array_filter($wish?->starter === true ? $this->choices($edge) : [], static fn (Build $build): bool => $build->starts);

        return array_values($starting)[0] ?? null;
    }

    private function fixing(): Fixing
    {
        return Fixing::of($this->covering->profile->family);
    }
}
