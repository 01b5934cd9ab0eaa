<?php

declare(strict_types=1);

namespace App\Drills;

use CURLFile;
use CurlHandle;
use RuntimeException;

/** Somebody with a browser's manners before a running server: keeps cookies, sends the forgery token back. */
final class Visitor
{
    /** Seconds after which nobody waits any more. */
    private const PATIENCE = 60;

    private readonly CurlHandle $curl;

    /** @param  non-empty-string  $url */
    public function __construct(private readonly string $url)
    {
        $this->curl = curl_init();
        curl_setopt($this->curl, CURLOPT_COOKIEFILE, '');
    }

    /**
     * An address as a command was given it.
     *
     * @return non-empty-string
     */
    public static function address(mixed $given): string
    {
        $address = is_string($given) ? rtrim($given, '/') : '';

        return $address === '' ? throw new RuntimeException('The address of a running server is needed.') : $address;
    }

    public function signIn(string $email, string $password): void
    {
        curl_setopt($this->curl, CURLOPT_COOKIELIST, 'ALL');
        $this->send('GET', 'session');
        [$status] = $this->send('POST', 'session', (string) json_encode(['email' => $email, 'password' => $password]));
        if ($status !== 200) {
            throw new RuntimeException("$email is not let in: $status");
        }
    }

    /**
     * @param  string|array<string, mixed>|null  $body  text, or fields of a form
     * @param  list<string>  $headers  in place of the usual ones of the same name
     * @return array{int, string, float} status (0 where nothing answered), body, seconds
     */
    public function send(string $method, string $path, string|array|null $body = null, array $headers = []): array
    {
        $usual = ['Accept' => 'application/json', 'X-XSRF-TOKEN' => $this->token(), 'Expect' => ''] + (is_string($body) ? ['Content-Type' => 'application/json'] : []);
        foreach ($headers as $header) {
            unset($usual[explode(':', $header)[0]]);
        }
        curl_setopt_array($this->curl, [
            CURLOPT_URL => "$this->url/api/$path",
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_PATH_AS_IS => true,
            CURLOPT_TIMEOUT => self::PATIENCE,
            CURLOPT_POSTFIELDS => $body ?? '',
            CURLOPT_HTTPHEADER => [...array_map(static fn (string $name, string $value): string => "$name: $value", array_keys($usual), $usual), ...$headers],
        ]);
        $answer = curl_exec($this->curl);

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), is_string($answer) ? $answer : '', (float) curl_getinfo($this->curl, CURLINFO_TOTAL_TIME)];
    }

    /**
     * @param  array<int|string, mixed>  $fields
     * @return array{int, string, float}
     */
    public function upload(string $path, string $file, array $fields): array
    {
        $kept = (string) tempnam(sys_get_temp_dir(), 'upload');
        file_put_contents($kept, $file);
        $flat = [];
        foreach ($fields as $name => $value) {
            $flat[substr((string) $name, 0, 60)] = is_scalar($value) ? (string) $value : (string) json_encode($value);
        }
        $answer = $this->send('POST', $path, [...$flat, 'file' => new CURLFile($kept, 'application/octet-stream', 'file')]);
        unlink($kept);

        return $answer;
    }

    private function token(): string
    {
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) ?: [] as $line) {
            $cookie = explode("\t", $line);
            if (($cookie[5] ?? '') === 'XSRF-TOKEN') {
                return rawurldecode($cookie[6] ?? '');
            }
        }

        return '';
    }
}
