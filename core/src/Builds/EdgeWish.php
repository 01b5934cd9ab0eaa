<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** How somebody wants one edge built otherwise than the house does. */
final readonly class EdgeWish
{
    /**
     * @param  float|null  $reveal  of a valley: bare pan from its centre to the panel's end, inches
     * @param  bool|null  $vented  of a ridge
     * @param  bool  $starter  of a rake: the first panel is clipped beside a starter, clear of it
     * @param  string|null  $build  name of the build, with its version (`cleat-nose@1`)
     */
    public function __construct(
        public ?float $reveal = null,
        public ?bool $vented = null,
        public bool $starter = false,
        public ?string $build = null,
        public Adaptation $adaptation = new Adaptation(),
    ) {
    }

    /**
     * What is not wished as it is usual behind an opening.
     *
     * @param  float|null  $reveal  of a valley there, inches
     */
    public function onSaddle(?float $reveal): self
    {
        return new self($this->reveal ?? $reveal, $this->vented ?? false, $this->starter, $this->build, $this->adaptation);
    }

    /** @return list<string> what may be wished for an edge of a kind */
    public static function fields(EdgeKind $kind): array
    {
        $layers = ['build', 'order', 'spacing', 'layers'];

        return match ($kind) {
            EdgeKind::Valley => ['reveal', ...$layers],
            EdgeKind::Ridge => ['vented', ...$layers],
            EdgeKind::Rake => ['starter', ...$layers],
            EdgeKind::Opening, EdgeKind::EndLap => [],
            default => $layers,
        };
    }
}
