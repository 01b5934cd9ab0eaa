<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A table of readings. */
final class TableRequest extends UploadedText
{
}
