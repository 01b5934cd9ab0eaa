<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Imbrex\Stations\Edition;
use Imbrex\Stations\Words\Words;

/** What stands at the foot of every sheet that is printed: of which job and plan, which page, and who decides. */
final readonly class PrintFoot
{
    private const SIZE = 8.0;

    private const MARGIN = 30.0;

    public function __construct(private Words $words)
    {
    }

    public function on(Sheet $sheet, Edition $edition): void
    {
        $sheet->onEveryPage(fn (int $page, int $of) => $this->onPage($sheet, $edition, $page, $of));
    }

    /** On the page that is being drawn. */
    public function onPage(Sheet $sheet, Edition $edition, int $page, int $of): void
    {
        $right = "{$this->plan($edition)} · {$this->page($page, $of)}";
        $y = $sheet->height - 16.0;
        $sheet->text($sheet->width - self::MARGIN, $y, $right, self::SIZE, true, 'right');
        $sheet->fitted(self::MARGIN, $y, "{$edition->plan()->job->name} · {$this->words->say('print.foot')}", self::SIZE, $sheet->width - 2 * self::MARGIN - 12.0 - $sheet->textWidth($right, self::SIZE, true));
    }

    public function plan(Edition $edition): string
    {
        return $this->words->say('print.plan', ['revision' => $edition->revision]);
    }

    public function page(int $page, int $of): string
    {
        return $this->words->say('print.page', ['page' => $page, 'of' => $of]);
    }
}
