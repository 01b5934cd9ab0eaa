<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * A file of a released order, as it was made at the release.
 *
 * @property int $order_id
 * @property string $name
 * @property string $type MIME
 * @property string $content
 */
final class OrderFile extends Model
{
    public $timestamps = false;

    protected $fillable = ['order_id', 'name', 'type', 'content'];

    /** Packed, in letters: whatever is in it, a text column takes it. */
    protected function content(): Attribute
    {
        return Attribute::make(
            get: static fn (string $kept): string => (string) gzuncompress((string) base64_decode($kept, true)),
            set: static fn (string $content): string => base64_encode((string) gzcompress($content)),
        );
    }

    protected static function booted(): void
    {
        self::updating(static fn () => throw new LogicException('A file of a released order is never changed.'));
    }
}
