<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Stations\Edition;

/** The order as JSON: its lines, of which plan, by whom and when released, and the job document it follows from. */
final readonly class OrderJson
{
    public const FORMAT = 'imbrex-order/1';

    public function __construct(private OrderWriter $writer)
    {
    }

    public function write(Edition $edition): string
    {
        $release = $edition->release;

        return json_encode([
            'format' => self::FORMAT,
            'name' => $edition->plan()->job->name,
            'plan' => $edition->revision,
            'released' => $release === null ? null : ['order' => $release->number, 'by' => $release->by, 'at' => $release->at],
            'order' => $this->writer->order($edition->plan()->of(LoadOutStage::class)->order),
            'job' => $edition->document(),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
