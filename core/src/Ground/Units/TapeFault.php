<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

use InvalidArgumentException;

/**
 * A length that could not be taken as typed. `cause` is a code; its words, with what would be accepted, stand
 * in the message catalogue under `tape.fault.*`.
 */
final class TapeFault extends InvalidArgumentException
{
    private function __construct(public readonly string $cause, public readonly string $typed)
    {
        parent::__construct("$cause: $typed");
    }

    public static function empty(): self
    {
        return new self('empty', '');
    }

    /** Nothing of it reads as a length. */
    public static function unreadable(string $typed): self
    {
        return new self('unreadable', $typed);
    }

    /** `23 10` may be feet and inches, or a fraction left half typed. */
    public static function twoNumbers(string $typed): self
    {
        return new self('two-numbers', $typed);
    }

    /** `7,276` may be a decimal comma or a mark of thousands. */
    public static function comma(string $typed): self
    {
        return new self('comma', $typed);
    }

    /** A fraction no tape has (3/7), or one of a whole inch and more (9/8). */
    public static function fraction(string $typed): self
    {
        return new self('fraction', $typed);
    }

    /** Twelve inches and more behind a foot mark: one of the two is a slip. */
    public static function inchesOverTwelve(string $typed): self
    {
        return new self('inches-over-twelve', $typed);
    }

    /** Decimal feet with inches behind them. */
    public static function decimalFeetAndInches(string $typed): self
    {
        return new self('decimal-feet', $typed);
    }

    public static function tooLong(string $typed): self
    {
        return new self('too-long', $typed);
    }
}
