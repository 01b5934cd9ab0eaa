<?php

declare(strict_types=1);

namespace App\Logging;

use Monolog\LogRecord;
use Monolog\Processor\ProcessorInterface;
use Throwable;

/**
 * Takes out of a log entry what tells of a person or lets anybody in: addresses, what was bound to a query, what a request
 * brought. Numbers of rows stay: whoever keeps the database can follow them.
 */
final class WithoutPersons implements ProcessorInterface
{
    private const LONGEST = 500;

    /** Fields whose value is never written. */
    private const HIDDEN = '/pass|token|secret|cookie|authorization|email|name|document|content|key/i';

    public function __invoke(LogRecord $record): LogRecord
    {
        return $record->with(message: $this->text($record->message), context: $this->fields($record->context), extra: [...$this->fields($record->extra), ...$this->request()]);
    }

    /**
     * @param  array<mixed>  $fields
     * @return array<mixed>
     */
    private function fields(array $fields): array
    {
        $kept = [];
        foreach ($fields as $key => $value) {
            $kept[$key] = match (true) {
                $value instanceof Throwable => $this->fault($value),
                is_string($key) && preg_match(self::HIDDEN, $key) === 1 => '…',
                is_array($value) => $this->fields($value),
                is_string($value) => $this->text($value),
                is_scalar($value), $value === null => $value,
                default => get_debug_type($value),
            };
        }

        return $kept;
    }

    /** @return array<string, mixed> what fell over and where, without what it was told */
    private function fault(Throwable $fault): array
    {
        $trace = array_map(
            static fn (array $frame): string => ($frame['class'] ?? '').($frame['type'] ?? '').$frame['function'].(isset($frame['line']) ? ":{$frame['line']}" : ''),
            array_slice($fault->getTrace(), 0, 12),
        );

        return [
            'class' => $fault::class,
            'message' => $this->text($fault->getMessage()),
            'at' => str_replace(base_path().'/', '', $fault->getFile()).':'.$fault->getLine(),
            'trace' => $trace,
            'before' => $fault->getPrevious() === null ? null : $fault->getPrevious()::class,
        ];
    }

    private function text(string $text): string
    {
        // A query says in its words what was bound to it.
        $text = (string) preg_replace('/ \((Connection|SQL): .*/s', '', mb_scrub($text));
        $text = (string) preg_replace('/[^\s@<>"\']+@[^\s@<>"\']+/', '…@…', $text);

        return mb_strimwidth($text, 0, self::LONGEST, '…');
    }

    /** @return array<string, mixed> */
    private function request(): array
    {
        if (app()->runningInConsole()) {
            return [];
        }
        $request = request();

        return ['method' => $request->method(), 'route' => $request->route()?->uri(), 'user' => $request->user()?->getAuthIdentifier()];
    }
}
