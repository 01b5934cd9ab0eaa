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
            id: (string) $this->block->id,
            name: (string) $this->block->name,
            x: (float) $this->block->x,
            y: (float) $this->block->y,
            rotationDegrees: (float) ($this->block->rotationDegrees ?? 0.0),
            length: (float) $this->block->length,
            width: (float) $this->block->width,
            eaveHeight: (float) $this->block->eaveHeight,
            sides: $sides,
            source: Source::from((string) ($this->block->source ?? Source::Drawing->value)),
        );
    }
}
