<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use LogicException;

/**
 * One thing that happened, as it was told, kept for good.
 *
 * @property int $id in the order they were told
 * @property string $job_id
 * @property string $fact its own id
 * @property FactKind $kind
 * @property string $subject
 * @property array<string, mixed> $said
 * @property string $at when it happened
 * @property string $author_name
 * @property \Illuminate\Support\Carbon $created_at when it was told
 */
final class KeptFact extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'facts';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'array', 'kind' => FactKind::class];
    }

    public function told(): Fact
    {
        return new Fact($this->fact, $this->kind, $this->subject, $this->said, $this->at);
    }

    protected static function booted(): void
    {
        self::updating(static fn () => throw new LogicException('A fact is never changed.'));
        self::deleting(static fn () => throw new LogicException('A fact is never deleted.'));
    }
}
