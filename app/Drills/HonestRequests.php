<?php

declare(strict_types=1);

namespace App\Drills;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Stations;

/**
 * One honest request for every way into the application: what hostile ones are made of.
 *
 * @phpstan-type Request array{method: string, path: string, body: mixed, match: bool, file: string|null}
 */
final class HonestRequests
{
    /** Of one kind of thing that can be picked so many are asked for. */
    private const PICKS = 3;

    /** What is shown may be asked for in other ways, too. */
    private const BESIDES = ['marks' => ['pick=middle'], 'hem' => ['metal=62', 'metal=-20.5&pick=P1'], 'drop' => ['pick=P1.120.60', 'pick=hall.N.200.80', 'pick=300.0_180.0']];

    /**
     * @param  array<string, Plan>  $plans  of the demo jobs, by their names in addresses
     * @return list<Request> for every slice, tile and file there is, with what can be picked in each of the demo jobs
     */
    public static function all(Stations $stations, array $plans): array
    {
        $documents = array_map(static fn (string $file): mixed => json_decode((string) file_get_contents($file)), glob(database_path('demo/*.json')) ?: []);
        $get = static fn (string $path): array => self::request('GET', $path);
        $requests = array_map($get, [
            'session', 'catalogue', 'crew', 'crew/profiles', 'crew/builds', 'jobs', 'jobs/{job}', 'jobs/{job}/newest', 'jobs/{job}/facts', 'jobs/{job}/facts?after=2', 'jobs/{job}/revisions', 'jobs/{job}/revisions?before=9', 'jobs/{job}/revisions/1',
            'jobs/{job}/card', 'jobs/{job}/orders', 'jobs/{job}/files', 'jobs/{job}/reports', 'jobs/{job}/reports/HQ-CLUBROOM', 'jobs/{job}/weather', 'jobs/{job}/gauge', 'jobs/{job}/gauge?after=3',
            'jobs/{job}/orders/1/files/cut-list.pdf', 'invitations/{token}', 'resets/{token}',
            ...self::shown($stations, self::picks($plans)),
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
            self::request('POST', 'jobs/{job}/facts', ['facts' => [
                ['id' => '1b4e28ba-2fa1-41d2-883f-0016d3cca427', 'kind' => 'cut', 'subject' => 'hall.S-2', 'said' => ['long' => 90, 'short' => 80], 'at' => '2026-04-02T09:00:00Z'],
                ['id' => '1b4e28ba-2fa1-41d2-883f-0016d3cca428', 'kind' => 'taped', 'subject' => 'valley-hall.S-wing.W', 'said' => ['face' => 'hall.S', 'panel' => 'hall.S-28', 'side' => 'long', 'from' => 'T', 'measured' => 170, 'source' => 'tape'], 'at' => '2026-04-02T09:01:00.5Z'],
                ['id' => '1b4e28ba-2fa1-41d2-883f-0016d3cca429', 'kind' => 'corrected', 'subject' => '1b4e28ba-2fa1-41d2-883f-0016d3cca427', 'at' => '2026-04-02T09:02:00Z'],
            ]]),
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

    /**
     * @param  list<string>  $picks
     * @return list<string>
     */
    private static function shown(Stations $stations, array $picks): array
    {
        $paths = ['jobs/{job}/tiles?revision=1'];
        foreach ($stations->all() as $station) {
            foreach (array_keys($station->slices()) as $slice) {
                $paths[] = "jobs/{job}/plan/$slice";
                foreach ([...array_map(static fn (string $pick): string => "pick=$pick", $picks), ...self::BESIDES[$slice] ?? []] as $query) {
                    $paths[] = "jobs/{job}/plan/$slice?revision=1&$query";
                }
            }
        }
        foreach ([...array_map(static fn (StationFile $file): string => $file->name, $stations->files()), 'job.json'] as $file) {
            array_push($paths, "jobs/{job}/files/$file", ...array_map(static fn (string $pick): string => "jobs/{job}/files/$file?pick=$pick", array_slice($picks, 0, self::PICKS)));
        }

        return $paths;
    }

    /**
     * Some of everything a screen can pick: faces, pieces, edges, corners, runs of trim, openings.
     *
     * @param  array<string, Plan>  $plans
     * @return list<string>
     */
    private static function picks(array $plans): array
    {
        $picks = [];
        foreach ($plans as $plan) {
            $kinds = [
                array_map(static fn (Face $face): string => $face->id, $plan->of(RoofStage::class)->roof->faces),
                array_map(static fn (Panel $panel): string => $panel->id, $plan->of(CuttingStage::class)->panels),
                array_keys($plan->of(EdgesStage::class)->edges), array_keys($plan->of(EdgesStage::class)->junctions),
                array_keys($plan->of(TrimsStage::class)->runs), array_keys($plan->of(OpeningsStage::class)->openings),
            ];
            foreach ($kinds as $ids) {
                array_push($picks, ...array_slice(array_map(strval(...), $ids), 0, self::PICKS));
            }
        }

        return array_values(array_unique($picks));
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
