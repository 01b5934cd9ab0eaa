<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Snow;

/** A stretch of a face's lower edge that snow must not slide over. */
final readonly class GuardedPlace
{
    /**
     * @param  string  $face  id
     * @param  float  $from  across the face from its left end, inches; `$to` farther right
     */
    public function __construct(public string $face, public float $from, public float $to, public GuardFor $for)
    {
    }
}
