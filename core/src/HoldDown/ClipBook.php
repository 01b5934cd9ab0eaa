<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

use Imbrex\Core\Roof\DeckKind;

/** Clips that ship and what they are allowed to carry: examples, until somebody's own test report takes their place. */
final readonly class ClipBook
{
    /**
     * @param  array<string, ClipKind>  $clips  by key
     * @param  array<string, array<int, float>>  $allow  lb by deck and number of screws
     * @param  array<string, float>  $slot  lb of a screw in a slot, by deck
     * @param  array<string, float>  $screw  lb of a screw through a sheet, by deck
     */
    private function __construct(private array $clips, private array $allow, private array $slot, private array $screw)
    {
    }

    public static function shipped(): self
    {
        /** @var self|null $shipped the data file never changes while the program runs */
        static $shipped = null;
        if ($shipped === null) {
            /** @var array{clips: list<ClipKind>, allow: array<string, array<int, float>>, slot: array<string, float>, screw: array<string, float>} $data */
            $data = require __DIR__.'/data/clips.php';
            $shipped = new self(array_column($data['clips'], null, 'key'), $data['allow'], $data['slot'], $data['screw']);
        }

        return $shipped;
    }

    /** @return array<string, ClipKind> by key */
    public function all(): array
    {
        return $this->clips;
    }

    public function clip(string $key): ClipKind
    {
        return $this->clips[$key] ?? $this->clips['flat'];
    }

    /** lb one clip may carry. */
    public function allowable(int $screws, DeckKind $deck): float
    {
        $row = $this->allow[self::deck($deck)];

        return $row[$screws] ?? $row[2];
    }

    public function slot(DeckKind $deck): float
    {
        return $this->slot[self::deck($deck)];
    }

    public function screw(DeckKind $deck): float
    {
        return $this->screw[self::deck($deck)];
    }

    /** Sheathing holds less than plywood; boards, battens and purlins are taken as plywood. */
    private static function deck(DeckKind $deck): string
    {
        return $deck === DeckKind::StrandBoard ? 'strandboard' : 'plywood';
    }
}
