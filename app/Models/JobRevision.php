<?php

declare(strict_types=1);

namespace App\Models;

use App\Revisions\Turn;
use Illuminate\Database\Eloquent\Model;
use Imbrex\Stations\Documents\Formats;
use LogicException;
use stdClass;

/**
 * One accepted state of a job, kept for good.
 *
 * @property int $id
 * @property string $job_id
 * @property int $number
 * @property string $document the JSON text as it was accepted
 * @property string $hash
 * @property int|null $author_id
 * @property string $author_name
 * @property list<array{code: string, parameters: array<string, string|int|float>}> $change what changed, for the line in words
 * @property bool $aside kept, but not one of the states the job went through
 * @property \App\Revisions\Turn|null $turn whether it took a change back, or took one up again
 * @property int|null $turned_to number of the revision whose state it is again
 * @property \Illuminate\Support\Carbon $created_at
 */
final class JobRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['job_id', 'number', 'document', 'hash', 'author_id', 'author_name', 'change', 'aside', 'turn', 'turned_to'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['change' => 'array', 'number' => 'integer', 'aside' => 'boolean', 'turn' => Turn::class];
    }

    /** The document in its newest format. */
    public function decoded(): stdClass
    {
        return Formats::decode($this->document);
    }

    protected static function booted(): void
    {
        self::updating(static fn () => throw new LogicException('A revision is never changed.'));
        self::deleting(static fn () => throw new LogicException('A revision is never deleted.'));
    }
}
