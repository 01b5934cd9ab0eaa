<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkLine;

/** The marks of one line of a card, in the order they are set out, under the heading they go by. */
final readonly class MarkRun
{
    /**
     * @param  string  $heading  words under `mark.line.<heading>`: which line, or both at once where they are marked alike
     * @param  non-empty-list<Mark>  $marks
     */
    private function __construct(public MarkLine $line, public string $heading, public array $marks)
    {
    }

    /** @return list<self> every line of a card that has marks; of two that are marked alike, one */
    public static function of(CutCard $card): array
    {
        $byLine = [];
        foreach ($card->marks as $mark) {
            $byLine[$mark->line->value][] = $mark;
        }
        $alike = [
            MarkLine::Right->value => self::areAlike($byLine[MarkLine::Left->value] ?? [], $byLine[MarkLine::Right->value] ?? []),
            MarkLine::AcrossHead->value => self::areAlike($byLine[MarkLine::AcrossFoot->value] ?? [], $byLine[MarkLine::AcrossHead->value] ?? []),
        ];
        $runs = [];
        foreach (MarkLine::cases() as $line) {
            $marks = $byLine[$line->value] ?? [];
            if ($marks !== [] && ! ($alike[$line->value] ?? false)) {
                $both = ($line === MarkLine::Left && $alike[MarkLine::Right->value]) || ($line === MarkLine::AcrossFoot && $alike[MarkLine::AcrossHead->value]);
                $runs[] = new self($line, self::heading($line, $card, $both), $marks);
            }
        }

        return $runs;
    }

    /**
     * @param  list<Mark>  $these
     * @param  list<Mark>  $those
     */
    private static function areAlike(array $these, array $those): bool
    {
        $key = static fn (Mark $mark): string => $mark->name.round($mark->distance, 4).$mark->from?->value;

        return $these !== [] && array_map($key, $these) === array_map($key, $those);
    }

    private static function heading(MarkLine $line, CutCard $card, bool $both): string
    {
        return match (true) {
            $line->isAcross() => $both ? ($card->hookedRight ? 'across-from-right' : 'across-from-left') : $line->value,
            default => ($both ? 'both-edges' : $line->value).($card->fromHead ? '-from-top' : ''),
        };
    }
}
