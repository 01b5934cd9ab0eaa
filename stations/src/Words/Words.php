<?php

declare(strict_types=1);

namespace Imbrex\Stations\Words;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Stations\Documents\Root;
use MessageFormatter;
use RuntimeException;

/** Says what a code means, from the message catalogue of a language: a file a station, and one they share (lang/<language>/*.json, ICU format); what screens never say themselves stands apart (said/), so that it does not travel with them. */
final class Words
{
    /** @var array<string, string>|null */
    private ?array $messages = null;

    public function __construct(public readonly string $language = 'en')
    {
    }

    /** @param  array<string, string|int|float>  $parameters */
    public function say(string $code, array $parameters = []): string
    {
        $message = $this->messages()[$code] ?? throw new RuntimeException("No words for $code");
        if ($parameters === [] && ! str_contains($message, '{')) {
            return $message;
        }
        $said = MessageFormatter::formatMessage($this->language, $message, $parameters);

        return $said === false ? throw new RuntimeException("Words for $code cannot be put together") : $said;
    }

    public function finding(Finding $finding, TapePrinter $tape): string
    {
        $named = array_map(fn (Length|Amount|Term|float|int|string $p): Length|Amount|float|int|string => $p instanceof Term ? $this->say($p->code) : $p, $finding->parameters);

        return $this->say("finding.$finding->code", self::printed($named, $tape));
    }

    /** @return array<string, string|int|float> lengths as they are read off a tape */
    public static function parameters(Finding $finding, TapePrinter $tape): array
    {
        return self::printed($finding->parameters, $tape);
    }

    /**
     * @param  array<string, Length|Amount|Term|float|int|string>  $parameters
     * @return array<string, string|int|float>
     */
    public static function printed(array $parameters, TapePrinter $tape): array
    {
        return array_map(
            static fn (Length|Amount|Term|float|int|string $p): float|int|string => match (true) {
                $p instanceof Length => $tape->print($p->inches),
                $p instanceof Amount => $p->in($tape->units),
                $p instanceof Term => $p->code,
                default => $p,
            },
            $parameters,
        );
    }

    /** @return array<string, string> */
    private function messages(): array
    {
        if ($this->messages === null) {
            $this->messages = [];
            foreach ([...glob(Root::at("lang/$this->language/*.json")) ?: [], ...glob(Root::at("lang/$this->language/*/*.json")) ?: []] as $file) {
                /** @var array<string, string> $messages */
                $messages = json_decode((string) file_get_contents($file), true, 4, JSON_THROW_ON_ERROR);
                $this->messages += $messages;
            }
        }

        return $this->messages;
    }
}
