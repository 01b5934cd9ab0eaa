<?php

declare(strict_types=1);

namespace Imbrex\Stations\Words;

use Closure;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Stations\Documents\Root;
use MessageFormatter;
use NumberFormatter;
use RuntimeException;

/** Says what a code means, from the message catalogue of a language: a file a station, and one they share (lang/<language>/*.json, ICU format); what screens never say themselves stands apart (said/), so that it does not travel with them. */
final class Words
{
    /** Money under so much is told to the cent. */
    private const SMALL = 20.0;

    /** @var array<string, array<string, string>> by language */
    private array $messages = [];

    /**
     * @param  string|Closure(): string  $language  or who knows it: a request and a task bring theirs
     * @param  (Closure(string): array<string, string>)|null  $catalogue  messages of a language; null = those that ship
     */
    public function __construct(private readonly string|Closure $language = 'en', private readonly ?Closure $catalogue = null)
    {
    }

    public function language(): string
    {
        return is_string($this->language) ? $this->language : ($this->language)();
    }

    /** @param  array<string, string|int|float>  $parameters */
    public function say(string $code, array $parameters = []): string
    {
        $message = $this->messages()[$code] ?? throw new RuntimeException("No words for $code");
        if ($parameters === [] && ! str_contains($message, '{')) {
            return $message;
        }
        $said = MessageFormatter::formatMessage($this->language(), $message, $parameters);

        return $said === false ? throw new RuntimeException("Words for $code cannot be put together") : $said;
    }

    /**
     * Things named one after the other: `a, b, c`.
     *
     * @param  array<string|int>  $names
     */
    public function list(array $names): string
    {
        return $this->together('list.next', $names);
    }

    /**
     * What stands beside each other and is no sentence: `a · b · c`.
     *
     * @param  array<string>  $said
     */
    public function beside(array $said): string
    {
        return $this->together('list.beside', $said);
    }

    /**
     * @param  int  $digits  behind the point, at most
     * @param  bool  $just  so many, noughts and all
     */
    public function number(float $value, int $digits = 0, bool $just = false): string
    {
        $printer = new NumberFormatter($this->language(), NumberFormatter::DECIMAL);
        $printer->setAttribute($just ? NumberFormatter::FRACTION_DIGITS : NumberFormatter::MAX_FRACTION_DIGITS, $digits);

        // Half is up, also where a sum ends a hair below it.
        return (string) $printer->format(round($value, $digits));
    }

    public function measures(UnitSystem $units): Measures
    {
        return new Measures($this, $units);
    }

    /** In the currency the crew reckons in: what is small to the cent, what is not by whole units. */
    public function money(float $amount, RuleSet $rules): string
    {
        $printer = new NumberFormatter($this->language(), NumberFormatter::CURRENCY);
        // How many decimals a currency has is its own affair; none are shown where they say nothing.
        $printer->setTextAttribute(NumberFormatter::CURRENCY_CODE, $rules->choice('order.currency'));
        if (abs($amount) >= self::SMALL) {
            $printer->setAttribute(NumberFormatter::FRACTION_DIGITS, 0);
        }

        return (string) $printer->format($amount);
    }

    /** @param  array<string|int>  $all */
    private function together(string $code, array $all): string
    {
        $said = (string) array_shift($all);
        foreach ($all as $next) {
            $said = $this->say($code, ['before' => $said, 'next' => (string) $next]);
        }

        return $said;
    }

    public function finding(Finding $finding, TapePrinter $tape): string
    {
        $named = array_map(fn (Length|Amount|Term|float|int|string $p): Length|Amount|float|int|string => $p instanceof Term ? $this->say($p->code) : $p, $finding->parameters);

        return $this->say("finding.$finding->code", $this->printed($named, $tape));
    }

    /** @return array<string, string|int|float> lengths as they are read off a tape */
    public function parameters(Finding $finding, TapePrinter $tape): array
    {
        return $this->printed($finding->parameters, $tape);
    }

    /**
     * @param  array<string, Length|Amount|Term|float|int|string>  $parameters
     * @return array<string, string|int|float>
     */
    public function printed(array $parameters, TapePrinter $tape): array
    {
        return array_map(
            fn (Length|Amount|Term|float|int|string $p): float|int|string => match (true) {
                $p instanceof Length => $tape->print($p->inches),
                $p instanceof Amount => $this->measures($tape->units)->amount($p),
                $p instanceof Term => $p->code,
                default => $p,
            },
            $parameters,
        );
    }

    /** @return array<string, string> */
    private function messages(): array
    {
        $language = $this->language();

        return $this->messages[$language] ??= $this->catalogue === null ? self::shipped($language) : ($this->catalogue)($language);
    }

    /** @return array<string, string> */
    public static function shipped(string $language): array
    {
        $messages = [];
        foreach ([...glob(Root::at("lang/$language/*.json")) ?: [], ...glob(Root::at("lang/$language/*/*.json")) ?: []] as $file) {
            /** @var array<string, string> $own */
            $own = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);
            $messages += $own;
        }

        return $messages;
    }
}
