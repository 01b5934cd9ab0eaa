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
     * @param  array<string, array<string, float>>  $carry  lb by what carries it, by deck
     */
    private function __construct(private array $clips, private array $allow, private array $carry)
    {
    }

    public static function shipped(): self
    {
        /** @var self|null $shipped the data file never changes while the program runs */
        static $shipped = null;
        if ($shipped === null) {
            /** @var array{clips: list<ClipKind>, allow: array<string, array<int, float>>, carry: array<string, array<string, float>>} $data */
            $data = require __DIR__.'/data/clips.php';
            $shipped = new self(array_column($data['clips'], null, 'key'), $data['allow'], $data['carry']);
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

    /** lb one of it may carry. */
    public function carries(Carrier $what, DeckKind $deck): float
    {
        return $this->carry[$what->value][self::deck($deck)];
    }

    /** Sheathing holds less than plywood; boards, battens and purlins are taken as plywood. */
    private static function deck(DeckKind $deck): string
    {
        return $deck === DeckKind::StrandBoard ? 'strandboard' : 'plywood';
    }
}
