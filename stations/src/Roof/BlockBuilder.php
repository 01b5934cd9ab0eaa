<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\BlockSide;
use Imbrex\Core\Roof\Side;
use Imbrex\Core\Survey\Source;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\Understood;
use stdClass;

/** Builds one block and gathers what makes no sense about it. */
final class BlockBuilder
{
    /** @var list<Fault> */
    public array $faults = [];

    public function __construct(private readonly stdClass $block, private readonly string $field)
    {
    }

    /** Null when it cannot be built; the faults say why. */
    public function build(): ?Block
    {
        $sides = [];
        foreach (Side::cases() as $side) {
            $given = $this->block->sides->{$side->value};
            $overhang = (float) ($given->overhang ?? 0.0);
            if ($given->kind === 'gable') {
                $sides[$side->value] = BlockSide::gable($overhang);
            } elseif (isset($given->riseIn12)) {
                $sides[$side->value] = BlockSide::sloped((float) $given->riseIn12, $overhang);
            } else {
                $this->faults[] = new Fault("$this->field.sides.$side->value.riseIn12", 'missing', Understood::NOTHING);
            }
        }
        if ($this->faults === [] && array_filter($sides, static fn (BlockSide $s): bool => $s->riseIn12 !== null) === []) {
            $this->faults[] = new Fault("$this->field.sides", 'no-slope', 'four gables');
        }

        return $this->faults !== [] ? null : new Block(
            (string) $this->block->id,
            (string) $this->block->name,
            (float) $this->block->x,
            (float) $this->block->y,
            (float) ($this->block->rotationDegrees ?? 0.0),
            (float) $this->block->length,
            (float) $this->block->width,
            (float) $this->block->eaveHeight,
            $sides,
            Source::from((string) ($this->block->source ?? Source::Drawing->value)),
        );
    }
}
