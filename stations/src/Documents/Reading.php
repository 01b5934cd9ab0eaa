<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\JobPart;
use stdClass;

/** One document being read, sound by its schema: its covering, the parts read so far, and whatever makes no sense. */
final class Reading
{
    public readonly Covering $covering;

    /** @var list<Fault> */
    private array $faults = [];

    /** @var array<class-string<JobPart>, JobPart> */
    private array $parts = [];

    public function __construct(public readonly stdClass $document)
    {
        $this->covering = (new CoveringReader($this))->read();
    }

    /** @param  array<string, string|int|float>  $accepted  parameters of the message `fault.<code>` */
    public function fault(string $field, string $code, mixed $understood, array $accepted = []): void
    {
        $this->faults[] = new Fault($field, $code, Understood::inWords($understood), $accepted);
    }

    public function faults(Fault ...$faults): void
    {
        array_push($this->faults, ...array_values($faults));
    }

    /**
     * No two of a list may bear one id.
     *
     * @param  array<stdClass>  $all
     */
    public function once(array $all, string $field): void
    {
        $seen = [];
        foreach ($all as $i => $thing) {
            if (isset($seen[(string) $thing->id])) {
                $this->fault("{$field}[$i].id", 'id-twice', $thing->id);
            }
            $seen[(string) $thing->id] = true;
        }
    }

    public function keep(JobPart $part): void
    {
        $this->parts[$part::class] = $part;
    }

    /**
     * What an earlier station has read.
     *
     * @template P of JobPart
     *
     * @param  class-string<P>  $class
     * @return P
     */
    public function part(string $class): JobPart
    {
        $part = $this->parts[$class] ?? null;

        return $part instanceof $class ? $part : new $class;
    }

    /**
     * @return list<JobPart> all that was read
     *
     * @throws DocumentFault naming everything that makes no sense
     */
    public function parts(): array
    {
        return $this->faults === [] ? array_values($this->parts) : throw DocumentFault::of($this->faults);
    }
}
