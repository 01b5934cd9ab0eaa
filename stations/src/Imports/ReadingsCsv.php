<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports;

use Imbrex\Core\Ground\Units\PitchReader;
use Imbrex\Core\Ground\Units\TapeFault;
use Imbrex\Core\Ground\Units\TapeReader;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Source;
use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;
use Imbrex\Stations\Documents\ReadingValue;
use Imbrex\Stations\Documents\Understood;
use Imbrex\Stations\Words\Words;
use stdClass;

/** Reads a table of readings: where, quantity, value, source, at, corner, to, time, low. The first line names the columns. */
final class ReadingsCsv
{
    public const COLUMNS = ['where', 'quantity', 'value', 'source', 'at', 'corner', 'to', 'time', 'low'];

    private const MOST_BYTES = 500_000;

    private const MOST_LINES = 2000;

    private const MOST_FAULTS = 20;

    /** Inches, or rise in 12. */
    private const SAME_VALUE = 1e-6;

    /** @var list<Fault> */
    private array $faults = [];

    private ?Table $table = null;

    public function __construct(private readonly stdClass $document, private readonly Words $words)
    {
    }

    /**
     * @return array{readings: list<array{plane: string, reading: array<string, mixed>}>, checks: list<array<string, mixed>>, known: int, separator: string, decimalComma: bool} what is new, without ids; how many of them the job has already, and how the table was understood
     *
     * @throws DocumentFault with a line for every line that makes no sense
     */
    public function read(string $text): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw DocumentFault::of([new Fault('file', 'too-large', strlen($text).' bytes', ['most' => self::MOST_BYTES])]);
        }
        $table = $this->table = Table::read($text, self::MOST_LINES);
        $rows = $table->rows;
        $columns = array_map(strtolower(...), array_shift($rows) ?? []);
        if (! in_array('where', $columns, true) || ! in_array('quantity', $columns, true) || ! in_array('value', $columns, true)) {
            throw DocumentFault::of([new Fault('line 1', 'csv-columns', Understood::inWords(implode(', ', $columns)), ['columns' => implode(', ', self::COLUMNS)])]);
        }
        $readings = [];
        $checks = [];
        foreach ($rows as $i => $cells) {
            if (array_filter($cells, static fn (string $c): bool => $c !== '') === []) {
                continue;
            }
            $row = [];
            foreach ($columns as $k => $column) {
                $row[$column] = $cells[$k] ?? '';
            }
            $line = 'line '.($i + 2);
            $plane = $this->plane($row['where']);
            if ($plane !== null) {
                $reading = $this->reading($line, $row);
                $reading === null ?: $readings[] = ['plane' => $plane, 'reading' => $reading];
            } else {
                $check = $this->check($line, $row);
                $check === null ?: $checks[] = $check;
            }
        }
        if ($this->faults !== []) {
            throw DocumentFault::of(array_slice($this->faults, 0, self::MOST_FAULTS));
        }

        $new = array_values(array_filter($readings, fn (array $r): bool => ! $this->isKnown($r['reading'], $this->readingsOf($r['plane']))));
        $newChecks = array_values(array_filter($checks, fn (array $c): bool => ! $this->isKnown($c, $this->document->roof->checks ?? [])));

        return [
            'readings' => $new,
            'checks' => $newChecks,
            'known' => count($readings) + count($checks) - count($new) - count($newChecks),
            'separator' => $table->separator,
            'decimalComma' => $table->decimalComma,
        ];
    }

    /** @return list<stdClass> */
    private function readingsOf(string $plane): array
    {
        foreach ($this->document->roof->planes ?? [] as $own) {
            if ($own->id === $plane) {
                return $own->readings ?? [];
            }
        }

        return [];
    }

    /**
     * Whether the job has the very same reading already: a file read twice adds nothing.
     *
     * @param  array<string, mixed>  $reading
     * @param  list<stdClass>  $known
     */
    private function isKnown(array $reading, array $known): bool
    {
        foreach ($known as $other) {
            $value = (float) ReadingValue::of($other);
            $same = abs($value - $reading['value']) < self::SAME_VALUE;
            foreach (['quantity', 'where', 'source', 'at', 'corner', 'to', 'time', 'low'] as $field) {
                $same = $same && ($other->{$field} ?? null) == ($reading[$field] ?? null);
            }
            if ($same) {
                return true;
            }
        }

        return false;
    }

    private function plane(string $where): ?string
    {
        foreach ($this->document->roof->planes ?? [] as $plane) {
            if ($plane->id === $where || mb_strtolower($plane->name) === mb_strtolower($where)) {
                return $plane->id;
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>|null
     */
    private function reading(string $line, array $row): ?array
    {
        $quantity = Quantity::tryFrom($this->asKey($row['quantity'], array_column(Quantity::cases(), 'value'), fn (string $key): string => $this->words->say('quantity', ['quantity' => $key, 'corner' => ''])));
        if ($quantity === null) {
            $this->oneOf("$line quantity", $row['quantity'], array_column(Quantity::cases(), 'value'));

            return null;
        }
        $value = $this->value($line, $row['value'], $quantity === Quantity::Pitch, in_array($quantity, [Quantity::Along, Quantity::Up], true));
        $source = $this->source($line, $row);
        $places = [];
        foreach (['corner', 'to'] as $field) {
            $typed = strtoupper($row[$field] ?? '');
            if ($typed !== '') {
                $places[$field] = preg_match('/^[A-Z]$/', $typed) === 1 ? ord($typed) - ord('A') : (ctype_digit($typed) && strlen($typed) < 4 ? (int) $typed : null);
                if ($places[$field] === null) {
                    $this->faults[] = new Fault("$line $field", 'csv-corner', Understood::inWords($typed));
                }
            }
        }
        $at = $row['at'] ?? '';
        if ($at !== '' && (! is_numeric($at) || (float) $at < 0.0 || (float) $at > 1.0)) {
            $this->faults[] = new Fault("$line at", 'range', Understood::inWords($at), ['least' => 0, 'most' => 1]);
        }
        $low = strtolower($row['low'] ?? '');
        if ($low !== '' && ($quantity !== Quantity::EaveToRidge || ! in_array($low, ['deck', 'old-panel'], true))) {
            $this->oneOf("$line low", $low, $quantity === Quantity::EaveToRidge ? ['deck', 'old-panel'] : ['']);
        }
        if ($value === null || $source === null) {
            return null;
        }

        return [
            'quantity' => $quantity->value,
            'value' => $value,
            'typed' => mb_substr($row['value'], 0, 40),
            'source' => $source,
            ...($at !== '' ? ['at' => (float) $at] : []),
            ...$places,
            ...(($row['time'] ?? '') !== '' ? ['time' => mb_substr($row['time'], 0, 40)] : []),
            ...($low !== '' ? ['low' => $low] : []),
        ];
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>|null
     */
    private function check(string $line, array $row): ?array
    {
        $isOfABlock = preg_match('/(?:^|-)('.implode('|', array_map(preg_quote(...), array_column($this->document->roof->blocks ?? [], 'id')) ?: ['(?!)']).')(?:\.[SENW]\d*)?(?:-|$)/', $row['where']) === 1;
        if (! $isOfABlock || mb_strlen($row['where']) > 120) {
            $known = [...array_column($this->document->roof->planes ?? [], 'id'), ...array_column($this->document->roof->blocks ?? [], 'id')];
            $this->faults[] = new Fault("$line where", 'csv-where', Understood::inWords($row['where']), ['known' => implode(', ', $known) ?: '—']);

            return null;
        }
        $quantity = CheckedQuantity::tryFrom($this->asKey($row['quantity'], array_column(CheckedQuantity::cases(), 'value'), fn (string $key): string => $this->words->say("check.$key")));
        if ($quantity === null) {
            $this->oneOf("$line quantity", $row['quantity'], array_column(CheckedQuantity::cases(), 'value'));

            return null;
        }
        $value = $this->value($line, $row['value'], $quantity === CheckedQuantity::Pitch, false);
        $source = $this->source($line, $row);

        return $value === null || $source === null ? null : [
            'quantity' => $quantity->value, 'where' => $row['where'], 'value' => $value, 'typed' => mb_substr($row['value'], 0, 40), 'source' => $source,
            ...(($row['time'] ?? '') !== '' ? ['time' => mb_substr($row['time'], 0, 40)] : []),
        ];
    }

    private function units(): UnitSystem
    {
        return UnitSystem::from((string) ($this->document->units ?? 'imperial'));
    }

    private function value(string $line, string $typed, bool $isPitch, bool $maybeNegative): ?float
    {
        if ($isPitch) {
            // A file written elsewhere, or before, may mean the rise; a field shows at once what it understood, a file does not.
            if ($this->units() === UnitSystem::Metric && is_numeric($typed)) {
                $this->faults[] = new Fault("$line value", 'csv-tape', Understood::inWords($typed), ['said' => $this->words->say('csv.pitch-two', ['typed' => mb_substr($typed, 0, 40)])]);

                return null;
            }
            $rise = (new PitchReader($this->units()))->read($typed);
            if ($rise === null) {
                $this->tapeFault($line, $typed, 'pitch-unreadable');
            }

            return $rise;
        }
        if ($this->table?->couldBeTwo($typed) === true) {
            $this->tapeFault($line, $typed, 'comma');

            return null;
        }
        try {
            $negative = $maybeNegative && str_starts_with($typed, '-');
            $inches = (new TapeReader($this->units()))->read($negative ? substr($typed, 1) : $typed)->inches;
        } catch (TapeFault $e) {
            $this->tapeFault($line, $typed, $e->cause);

            return null;
        }
        if ($inches <= 0.0 && ! $maybeNegative) {
            $this->faults[] = new Fault("$line value", 'range', Understood::inWords($typed), ['least' => 0, 'most' => 12_000]);

            return null;
        }

        return $negative ? -$inches : $inches;
    }

    /** @param  array<string, string>  $row */
    private function source(string $line, array $row): ?string
    {
        $source = Source::tryFrom(($row['source'] ?? '') === '' ? 'tape' : $this->asKey($row['source'], array_column(Source::cases(), 'value'), fn (string $key): string => $this->words->say("source.$key")));
        if ($source === null) {
            $this->oneOf("$line source", $row['source'] ?? '', array_column(Source::cases(), 'value'));
        }

        return $source?->value;
    }

    /** As the field on the screen says it. */
    private function tapeFault(string $line, string $typed, string $cause): void
    {
        $this->faults[] = new Fault("$line value", 'csv-tape', Understood::inWords($typed), ['said' => $this->words->say("tape.fault.$cause", ['typed' => mb_substr($typed, 0, 40), 'units' => $this->units()->value])]);
    }

    /**
     * What is meant by a cell: a key, or the screen's own words for it, in any case.
     *
     * @param  list<string>  $keys
     * @param  callable(string): string  $words
     */
    private function asKey(string $cell, array $keys, callable $words): string
    {
        $plain = static fn (string $text): string => (string) preg_replace('/[\s_-]+/u', '', mb_strtolower($text));
        foreach ($keys as $key) {
            if (in_array($plain($cell), [$plain($key), $plain($words($key))], true)) {
                return $key;
            }
        }

        return $cell;
    }

    /** @param  array<string>  $values */
    private function oneOf(string $field, string $understood, array $values): void
    {
        $this->faults[] = new Fault($field, 'one-of', Understood::inWords($understood), ['values' => implode(', ', $values)]);
    }
}
