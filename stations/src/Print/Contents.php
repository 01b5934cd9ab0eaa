<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Imbrex\Stations\Edition;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Words\Words;

/** What is in a file of a job as it goes out: a print says what it is called and in which language it is. */
final readonly class Contents
{
    public function __construct(private Words $words)
    {
    }

    /** @return string|null null where the job has no such file */
    public function of(StationFile $file, Edition $edition): ?string
    {
        $content = ($file->make)($edition);
        if ($content === null || $file->type !== 'application/pdf') {
            return $content;
        }
        $title = $this->words->beside([$edition->plan()->job->name, $this->words->say("send.$file->name"), $this->words->say('print.plan', ['revision' => $edition->revision])]);

        return PdfEnding::with($content, $title, $this->words->language());
    }
}
