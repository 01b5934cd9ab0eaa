<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** How clips are spaced up a seam: trade practice. */
enum ClipSchool: string
{
    /** One spacing everywhere. */
    case Uniform = 'uniform';
    /** Closer near rakes and eaves. */
    case Dense = 'dense';
    /** As far as the pull in each zone lets a clip. */
    case Pressure = 'pressure';
    /** At the butts of old shingle courses, through to the deck. */
    case Courses = 'courses';

    /** @return list<string> */
    public static function keys(): array
    {
        return array_column(self::cases(), 'value');
    }
}
