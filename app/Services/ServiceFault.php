<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Http\JsonResponse;
use Imbrex\Stations\Words\Words;
use RuntimeException;

/** A service of the outside world that did not answer, or not with sense. Nothing was changed; one may try again. */
final class ServiceFault extends RuntimeException
{
    private function __construct(public readonly string $service, public readonly string $cause)
    {
        parent::__construct("$service: $cause");
    }

    /** Nothing answered, or too late. */
    public static function silent(string $service): self
    {
        return new self($service, 'silent');
    }

    /** It answered that it cannot. */
    public static function failing(string $service): self
    {
        return new self($service, 'failing');
    }

    /** It answered something that makes no sense. */
    public static function garbage(string $service): self
    {
        return new self($service, 'garbage');
    }

    /** It does not know what was asked for. */
    public static function unknown(string $service): self
    {
        return new self($service, 'unknown');
    }

    public function render(): JsonResponse
    {
        return new JsonResponse([
            'message' => app(Words::class)->say("service.$this->cause", ['service' => $this->service]),
            'service' => $this->service,
            'cause' => $this->cause,
        ], $this->cause === 'unknown' ? 404 : 502);
    }
}
