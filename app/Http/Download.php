<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Response;

/** A file that is sent to be kept, not shown; nobody in between keeps it. */
final class Download extends Response
{
    public function __construct(string $content, string $type, string $name)
    {
        parent::__construct($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"$name\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
