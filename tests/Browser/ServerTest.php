<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The running server, asked directly: what a browser's manners would hide. */
final class ServerTest extends TestCase
{
    public function test_a_change_without_the_forgery_token_is_refused(): void
    {
        [$status] = self::ask('POST', '/api/session', '{"email":"a@b.example","password":"x"}');

        self::assertSame(419, $status);
    }

    /** @return array<string, array{string}> */
    public static function secrets(): array
    {
        return [
            'the environment' => ['/.env'], 'up and out' => ['/../.env'], 'up and out, encoded' => ['/%2e%2e/composer.json'],
            'the code' => ['/index.php/../../artisan'], 'a schema' => ['/build/../../contracts/job.schema.json'],
        ];
    }

    #[DataProvider('secrets')]
    public function test_nothing_outside_the_public_folder_is_served(string $path): void
    {
        [, $body] = self::ask('GET', $path);

        self::assertStringNotContainsString('APP_KEY', $body);
        self::assertStringNotContainsString('"require"', $body);
        self::assertStringNotContainsString('$schema', $body);
        self::assertStringNotContainsString('ArgvInput', $body);
    }

    public function test_unknown_places_of_the_api_answer_in_json(): void
    {
        [$status, $body, $headers] = self::ask('GET', '/api/kitchen');

        self::assertSame(401, $status);
        self::assertJson($body);
        self::assertStringContainsString('x-content-type-options: nosniff', strtolower($headers));
    }

    public function test_the_page_loads_nothing_from_elsewhere_and_cannot_be_framed(): void
    {
        [$status, $body, $headers] = self::ask('GET', '/jobs');

        self::assertSame(200, $status);
        self::assertStringContainsString("frame-ancestors 'none'", $headers);
        self::assertSame(0, preg_match('#(?:src|href)="(?:https?:)?//(?!127\.0\.0\.1)#', $body));
        self::assertStringContainsString('httponly', strtolower($headers));
    }

    public function test_errors_tell_nothing_of_the_house(): void
    {
        [$status, $body] = self::ask('GET', '/api/invitations/'.str_repeat('x', 48));

        self::assertSame(404, $status);
        self::assertStringNotContainsString('app/', $body);
        self::assertStringNotContainsString('trace', $body);
    }

    /** @return array{int, string, string} status, body, headers */
    private static function ask(string $method, string $path, string $body = ''): array
    {
        $curl = curl_init(getenv('APP_URL').$path);
        assert($curl !== false);
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_PATH_AS_IS => true,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json'],
        ]);
        $body === '' || curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
        $answer = (string) curl_exec($curl);
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), substr($answer, $size), substr($answer, 0, $size)];
    }
}
