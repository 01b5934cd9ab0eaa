<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Stations\Words\Words;
use RuntimeException;

/** A job document that cannot be taken. Nothing is saved, and every fault names its field. */
final class DocumentFault extends RuntimeException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct($faults[0]->field.': '.$faults[0]->code);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function of(array $faults): self
    {
        return new self($faults);
    }

    /** @return list<array{field: string, code: string, understood: string, message: string}> */
    public function inWords(Words $words): array
    {
        return array_map(static fn (Fault $fault): array => [
            'field' => $fault->field,
            'code' => $fault->code,
            'understood' => $fault->understood,
            'message' => $words->say('fault.line', [
                'field' => $fault->field,
                'understood' => $fault->understood,
                'accepted' => $words->say("fault.$fault->code", $fault->accepted),
            ]),
        ], $this->faults);
    }
}
