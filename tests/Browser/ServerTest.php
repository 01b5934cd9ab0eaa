<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Drills\Visitor;
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
            'the code' => ['/index.php/../../artisan'], 'a schema' => ['/build/../../contracts/job/job.json'],
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

    public function test_a_zero_byte_in_an_address_is_no_fault_of_the_server(): void
    {
        foreach (['/%00', '/build/%00.js', '/api/jobs/%00', '/api/jobs/x%00y/plan/cuts', '/api/%00'] as $path) {
            self::assertContains(self::ask('GET', $path)[0], [200, 400, 401, 404], $path);
        }
    }

    public function test_it_says_that_all_is_there(): void
    {
        [$status, $body] = self::ask('GET', '/up');

        self::assertSame([200, true, true, true], [$status, json_decode($body)->database, json_decode($body)->queue, json_decode($body)->disk]);
    }

    public function test_of_many_tries_at_once_no_more_pass_than_the_limit(): void
    {
        // Each with a session of its own, as from many browsers.
        $tries = [];
        for ($i = 0; $i < 24; $i++) {
            [, , $headers] = self::ask('GET', '/api/session');
            preg_match_all('/^set-cookie: ([^;]+)/im', $headers, $cookies);
            preg_match('/XSRF-TOKEN=([^;]+)/', implode(';', $cookies[1]), $token);
            $curl = curl_init(getenv('APP_URL').'/api/session');
            assert($curl !== false);
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => (string) json_encode(['email' => 'many.at.once@crew.example', 'password' => "guess $i"]), CURLOPT_COOKIE => implode('; ', $cookies[1]),
                CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.rawurldecode($token[1] ?? '')],
            ]);
            $tries[] = $curl;
        }
        $all = curl_multi_init();
        array_map(static fn (\CurlHandle $try): int => curl_multi_add_handle($all, $try), $tries);
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
        } while ($running > 0);
        $statuses = array_count_values(array_map(static fn (\CurlHandle $try): int => (int) curl_getinfo($try, CURLINFO_RESPONSE_CODE), $tries));

        self::assertSame([422 => 6, 429 => 18], [422 => $statuses[422] ?? 0, 429 => $statuses[429] ?? 0], (string) json_encode($statuses));
    }

    public function test_an_upload_meets_the_limit_that_is_said(): void
    {
        $visitor = new Visitor(Visitor::address(getenv('APP_URL')));
        $visitor->signIn('foreman@tern-point.example', 'oars-and-anchors');
        $job = json_decode($visitor->send('POST', 'jobs', (string) file_get_contents(__DIR__.'/../../database/demo/oar-store.json'))[1])->id;
        // Taken, and read: it is no drawing.
        [$status, $body] = $visitor->upload("jobs/$job/imports/dxf", str_repeat("no drawing\n", 360_000), []);
        self::assertSame(422, $status);
        self::assertStringNotContainsString('at most 4 MB', $body);
        [$status, $body] = $visitor->upload("jobs/$job/imports/dxf", str_repeat("no drawing\n", 420_000), []);
        self::assertSame(422, $status);
        self::assertStringContainsString('A file of at most 4 MB.', $body);
    }

    /** Files of the front end bear the headers everything bears, come compressed, and are kept for good where their name tells what is in them. */
    public function test_files_are_compressed_kept_and_guarded(): void
    {
        [, $page] = self::ask('GET', '/sign-in');
        self::assertSame(1, preg_match('#/build/assets/main-[^"]+\.js#', $page, $script));
        $try = curl_init(getenv('APP_URL').$script[0]);
        assert($try !== false);
        curl_setopt_array($try, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_HTTPHEADER => ['Accept-Encoding: gzip']]);
        [$head, $body] = explode("\r\n\r\n", (string) curl_exec($try), 2);
        foreach (['Content-Encoding: gzip', 'Cache-Control: public, max-age=31536000, immutable', 'X-Content-Type-Options: nosniff', 'X-Frame-Options: DENY', 'Content-Security-Policy: default-src'] as $line) {
            self::assertStringContainsStringIgnoringCase($line, $head);
        }
        self::assertStringEqualsFile(__DIR__.'/../../public'.$script[0], (string) gzdecode($body));
        // Smaller still, where the browser takes that.
        curl_setopt_array($try, [CURLOPT_HTTPHEADER => ['Accept-Encoding: gzip, deflate, br']]);
        [$head, $smaller] = explode("\r\n\r\n", (string) curl_exec($try), 2);
        self::assertStringContainsStringIgnoringCase('Content-Encoding: br', $head);
        self::assertLessThan(strlen($body), strlen($smaller));
        curl_setopt_array($try, [CURLOPT_HTTPHEADER => ['Accept-Encoding: identity']]);
        [$head, $plain] = explode("\r\n\r\n", (string) curl_exec($try), 2);
        self::assertStringNotContainsStringIgnoringCase('Content-Encoding', $head);
        self::assertStringEqualsFile(__DIR__.'/../../public'.$script[0], $plain);
        // What a stranger says he forwards for is not believed.
        $try = curl_init(getenv('APP_URL').'/sign-in');
        assert($try !== false);
        curl_setopt_array($try, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['X-Forwarded-Host: evil.example']]);
        self::assertStringNotContainsString('evil.example', (string) curl_exec($try));
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
