<?php

declare(strict_types=1);

namespace App\Drills;

/**
 * One honest request for every way into the application: what hostile ones are made of.
 *
 * @phpstan-type Request array{method: string, path: string, body: mixed, match: bool, file: string|null}
 */
final class HonestRequests
{
    /** @return list<Request> */
    public static function all(): array
    {
        $documents = array_map(static fn (string $file): mixed => json_decode((string) file_get_contents($file)), glob(database_path('demo/*.json')) ?: []);
        $get = static fn (string $path): array => self::request('GET', $path);
        $requests = array_map($get, [
            'session', 'catalogue', 'crew', 'crew/profiles', 'crew/builds', 'jobs', 'jobs/{job}', 'jobs/{job}/newest', 'jobs/{job}/revisions', 'jobs/{job}/revisions?before=9', 'jobs/{job}/revisions/1',
            'jobs/{job}/card', 'jobs/{job}/orders', 'jobs/{job}/files', 'jobs/{job}/reports', 'jobs/{job}/reports/HQ-CLUBROOM', 'jobs/{job}/weather', 'jobs/{job}/gauge', 'jobs/{job}/gauge?after=3',
            'jobs/{job}/orders/1/files/cut-list.pdf', 'invitations/{token}', 'resets/{token}',
            ...array_map(static fn (string $slice): string => "jobs/{job}/plan/$slice?revision=1&pick=P1", ['survey', 'roof', 'layout', 'marks', 'space', 'cuts', 'edges', 'load-out']),
            ...array_map(static fn (string $station): string => "jobs/{job}/tiles/$station?revision=1", ['survey', 'roof', 'layout', 'cuts', 'edges', 'load-out']),
            ...array_map(static fn (string $file): string => "jobs/{job}/files/$file?pick=P1-1", ['job.json', 'roof.dxf', 'readings.csv', 'layout.pdf', 'edge-book.pdf', 'pieces.csv', 'cut-cards.pdf', 'blanks.dxf', 'blanks.svg', 'notch-template.pdf', 'cut-list.csv', 'cut-list.pdf', 'order.json']),
        ]);
        foreach ($documents as $document) {
            // Most of what can go wrong is in the document.
            for ($i = 0; $i < 8; $i++) {
                $requests[] = self::request('PUT', 'jobs/{job}', $document, true);
            }
            array_push(
                $requests,
                self::request('PUT', 'jobs/{job}?turn=undo', $document, true),
                self::request('POST', 'jobs', $document),
                self::request('POST', 'jobs/{job}/revisions', $document, true),
            );
        }

        return [
            ...$requests,
            self::request('POST', 'session', ['email' => 'nobody@tern-point.example', 'password' => 'a guess']),
            self::request('POST', 'password/forgotten', ['email' => 'nobody@tern-point.example']),
            self::request('PUT', 'password', ['current' => 'a guess', 'password' => 'a-long-enough-one']),
            self::request('POST', 'invitations/{token}', ['name' => 'A', 'password' => 'a-long-enough-one']),
            self::request('POST', 'resets/{token}', ['password' => 'a-long-enough-one']),
            self::request('PUT', 'crew/rules', ['rules' => ['order.extra' => 2, 'tape.division' => '1/16']]),
            self::request('POST', 'crew/invitations', ['email' => 'hand@tern-point.example', 'role' => 'installer']),
            self::request('DELETE', 'crew/invitations/999999'),
            self::request('PUT', 'crew/members/999999', ['role' => 'foreman']),
            self::request('DELETE', 'crew/members/999999'),
            self::request('POST', 'crew/members/999999/reset'),
            self::request('POST', 'crew/profiles', ['key' => 'yard-14', 'family' => 'snap-lock', 'cover' => 14, 'height' => 1.5, 'coil' => 18, 'leastPitch' => 3]),
            self::request('DELETE', 'crew/profiles/999999'),
            self::request('POST', 'crew/builds', ['title' => 'Yard eave', 'from' => 'cleat-nose@1', 'spacing' => ['trim-cleat' => 8], 'layers' => ['felt' => ['title' => 'Felt', 'role' => 'membrane', 'on' => 'eave-trim', 'from' => -20, 'to' => -1]]]),
            self::request('DELETE', 'crew/builds/999999'),
            self::request('POST', 'jobs/{job}/revisions/1/restore', null, true),
            self::request('POST', 'jobs/{job}/orders', null, true),
            self::request('POST', 'jobs/{job}/copy'),
            self::request('PUT', 'jobs/{job}/archive'),
            self::request('DELETE', 'jobs/{job}/archive'),
            self::request('DELETE', 'jobs/{job}'),
            self::request('POST', 'jobs/{job}/restore'),
            self::request('POST', 'jobs/{job}/imports/dxf', ['unit' => 'in', 'scale' => '1', 'drawn' => 'plan', 'riseIn12' => '4'], file: self::drawing()),
            self::request('POST', 'jobs/{job}/imports/dxf', ['drawn' => 'deck'], file: self::drawing()),
            self::request('POST', 'jobs/{job}/imports/readings', [], file: "where,quantity,value\nP1,eave,41' 8\nP1,eaveToRidge,17-10-3/8\nP1,pitch,4\n"),
        ];
    }

    /** @return Request */
    private static function request(string $method, string $path, mixed $body = null, bool $match = false, ?string $file = null): array
    {
        return ['method' => $method, 'path' => $path, 'body' => $body, 'match' => $match, 'file' => $file];
    }

    private static function drawing(): string
    {
        $text = "0\r\nSECTION\r\n2\r\nHEADER\r\n9\r\n\$INSUNITS\r\n70\r\n1\r\n0\r\nENDSEC\r\n0\r\nSECTION\r\n2\r\nENTITIES\r\n";
        foreach ([[0, 0], [600, 0]] as $i => [$x, $y]) {
            $text .= "0\r\nPOLYLINE\r\n8\r\nROOF$i\r\n66\r\n1\r\n70\r\n1\r\n";
            foreach ([[$x, $y], [$x + 500, $y], [$x + 500, $y + 200], [$x, $y + 200]] as [$u, $v]) {
                $text .= "0\r\nVERTEX\r\n8\r\nROOF$i\r\n10\r\n$u.0\r\n20\r\n$v.0\r\n30\r\n0.0\r\n";
            }
            $text .= "0\r\nSEQEND\r\n8\r\nROOF$i\r\n";
        }

        return $text."0\r\nLINE\r\n8\r\nRIDGE\r\n10\r\n0.0\r\n20\r\n200.0\r\n11\r\n500.0\r\n21\r\n200.0\r\n0\r\nTEXT\r\n8\r\nROOF0\r\n10\r\n50.0\r\n20\r\n50.0\r\n40\r\n10.0\r\n1\r\nMain 4:12\r\n0\r\nENDSEC\r\n0\r\nEOF\r\n";
    }
}
