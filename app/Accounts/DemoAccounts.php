<?php

declare(strict_types=1);

namespace App\Accounts;

/** One made-up account per role; they exist only where the demo has been seeded. */
final class DemoAccounts
{
    public const PASSWORD = 'oars-and-anchors';

    public const CREW = 'Tern Point Roofing';

    private const PEOPLE = [
        ['Wren Alder', 'owner@tern-point.example', Role::Owner],
        ['Ivo Marsh', 'estimator@tern-point.example', Role::Estimator],
        ['Pia Holm', 'foreman@tern-point.example', Role::Foreman],
        ['Tam Reed', 'installer@tern-point.example', Role::Installer],
    ];

    /** @return list<array{name: string, email: string, role: string, password: string}> */
    public static function offered(): array
    {
        return array_map(static fn (array $p): array => [
            'name' => $p[0], 'email' => $p[1], 'role' => $p[2]->value, 'password' => self::PASSWORD,
        ], self::PEOPLE);
    }
}
