<?php

declare(strict_types=1);

namespace App\Drills;

use Random\Randomizer;

/** Makes hostile requests of honest ones, the same from the same seed. */
final readonly class Mutator
{
    public function __construct(private Randomizer $chance)
    {
    }

    /** A value nobody honest sends. */
    public function hostile(): mixed
    {
        $values = [
            null, true, false, 0, -1, 1, 1e308, -1e308, 1e-308, 9_007_199_254_740_993, PHP_INT_MAX, '', ' ', "\0", "a\0b", '0', '-0', 'NaN', '1e999',
            [], [[]], [null], (object) [], (object) ['' => ''], (object) ['a' => (object) ['b' => []]], '<script>alert(1)</script>', '"><img src=x onerror=alert(1)>',
            "'; drop table jobs; --", '=HYPERLINK("http://evil.example")', '../../../../etc/passwd', '%00', '%2e%2e%2f', "\u{202E}drow", "\u{1F3E0}", "\xff\xfe", str_repeat('9', 400),
            str_repeat('x', 300), str_repeat('é', 70_000), array_fill(0, 500, 'x'), array_fill(0, 300, []), '2026-99-99', '99999999999999999999', 'owner', 'undo',
        ];

        return $values[$this->number(count($values))];
    }

    /** The same with something in it changed, taken out, doubled or put in. */
    public function json(mixed $value, int $changes): mixed
    {
        for ($i = 0; $i < $changes; $i++) {
            $value = $this->changed($value, $this->number(5));
        }

        return $value;
    }

    /** Text with a piece of it cut out, doubled, or replaced by noise. */
    public function bytes(string $text): string
    {
        $length = strlen($text);
        [$at, $much] = [$this->number($length + 1), $this->number(max(1, intdiv($length, 4))) + 1];

        return match ($this->number(6)) {
            0 => substr($text, 0, $at),
            1 => substr_replace($text, '', $at, $much),
            2 => substr_replace($text, substr($text, $at, $much), $at, 0),
            3 => substr_replace($text, $this->chance->getBytes(max(1, $much)), $at, $much),
            4 => "\xEF\xBB\xBF".$text,
            default => str_repeat(substr($text, 0, 200), 40).$text,
        };
    }

    public function number(int $under): int
    {
        return $this->chance->getInt(0, max(0, $under - 1));
    }

    /** Text that can stand in an address. */
    public function inPath(): string
    {
        $value = $this->hostile();

        return rawurlencode(substr(is_string($value) ? $value : (string) json_encode($value), 0, 900));
    }

    private function changed(mixed $value, int $how): mixed
    {
        $isObject = is_object($value);
        $fields = $isObject || is_array($value) ? (array) $value : [];
        if ($fields === [] || $this->number(6) === 0) {
            return $this->hostile();
        }
        $key = array_keys($fields)[$this->number(count($fields))];
        // Mostly deeper down: there is more of it.
        if ((is_array($fields[$key]) || is_object($fields[$key])) && $this->number(4) > 0) {
            $fields[$key] = $this->changed($fields[$key], $how);
        } elseif ($how === 0) {
            unset($fields[$key]);
        } elseif ($how === 1 && array_is_list($fields)) {
            $fields[] = $fields[$key];
        } elseif ($how === 2 && is_numeric($fields[$key])) {
            $fields[$key] *= [-1, 0, 1e-9, 1e9, 1000][$this->number(5)];
        } elseif ($how === 3) {
            $fields[substr((string) json_encode($this->hostile()), 0, 40)] = $this->hostile();
        } else {
            $fields[$key] = $this->hostile();
        }

        return $isObject ? (object) $fields : $fields;
    }
}
