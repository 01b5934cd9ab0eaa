<?php

declare(strict_types=1);

namespace Tests\Core;

/** Worked examples that were reckoned independently of this code (data/worked-examples.json). */
final class WorkedExamples
{
    /** @return array<string, array{array<string, float>, array<string, mixed>}> given and expected, of the examples whose name begins so */
    public static function named(string $prefix): array
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/data/worked-examples.json'), true);
        $examples = [];
        foreach ($file['examples'] as $example) {
            if (str_starts_with($example['name'], $prefix)) {
                $examples[$example['name']] = [$example['given'], $example['expect']];
            }
        }

        return $examples;
    }
}
