<?php

declare(strict_types=1);

namespace Simulators;

/** What the stand-ins remember between two calls: how they fail, and the gauge's readings. */
final readonly class Store
{
    public const MODES = ['none', 'slow', 'down', 'garbage', 'duplicate'];

    public function __construct(private string $file)
    {
    }

    public function mode(string $service): string
    {
        return $this->modes()[$service] ?? 'none';
    }

    /** @return array<string, string> */
    public function modes(): array
    {
        return $this->read()['modes'];
    }

    public function setMode(string $service, string $mode): void
    {
        $this->change(static function (array $state) use ($service, $mode): array {
            $state['modes'][$service] = $mode;

            return $state;
        });
    }

    /** @return list<array{number: int, kind: string, value: float}> */
    public function readings(): array
    {
        return $this->read()['readings'];
    }

    /** @return int its number */
    public function addReading(string $kind, float $value): int
    {
        $state = $this->change(static function (array $state) use ($kind, $value): array {
            $last = end($state['readings']);
            $state['readings'][] = ['number' => $last === false ? 1 : $last['number'] + 1, 'kind' => $kind, 'value' => $value];

            return [...$state, 'readings' => array_slice($state['readings'], -200)];
        });

        return (int) end($state['readings'])['number'];
    }

    /** @return array{modes: array<string, string>, readings: list<array{number: int, kind: string, value: float}>} */
    private function read(): array
    {
        $state = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;

        return is_array($state) ? $state : ['modes' => [], 'readings' => []];
    }

    /**
     * @param  callable(array{modes: array<string, string>, readings: list<array{number: int, kind: string, value: float}>}): array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function change(callable $change): array
    {
        $lock = fopen($this->file.'.lock', 'c');
        $lock === false ?: flock($lock, LOCK_EX);
        $state = $change($this->read());
        file_put_contents($this->file, (string) json_encode($state), LOCK_EX);

        return $state;
    }
}
