<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A short note of the crew, in their own words, pinned to where it acts.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $place `step:<station>`, `edge:<kind>` or `profile:<key>`
 * @property string $text
 * @property bool $in_print stands on mark-out cards, too
 * @property string $author_name
 */
final class CrewTip extends Model
{
    /** More than a crew can mind at one place, and few enough to be read at once. */
    public const MOST = 200;

    protected $fillable = ['place', 'text', 'in_print', 'author_name'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_print' => 'boolean'];
    }
}
