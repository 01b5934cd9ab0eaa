<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Logging\WithoutPersons;
use App\Models\Work;
use Illuminate\Database\QueryException;
use Monolog\Level;
use Monolog\LogRecord;

/** What a server says of itself: to whoever watches it, and in its log. */
final class UpTest extends FeatureTestCase
{
    public function test_it_says_what_is_there(): void
    {
        $this->getJson('/up')->assertOk()->assertExactJson(['up' => true, 'database' => true, 'cache' => true, 'queue' => true, 'disk' => true, 'version' => config('imbrex.version')]);
    }

    public function test_it_says_what_is_not(): void
    {
        config(['imbrex.shelves' => '/proc/imbrex', 'queue.default' => 'database']);
        Work::query()->create(['key' => 'waits', 'asked_at' => now()]);
        $this->travel(30)->seconds();
        Work::query()->update(['asked_at' => now()]);
        $this->getJson('/up')->assertOk()->assertJson(['up' => true, 'queue' => false, 'disk' => false]);
        config(['database.default' => 'gone', 'database.connections.gone' => ['driver' => 'mariadb', 'host' => '127.0.0.1', 'port' => 1, 'database' => 'x', 'username' => 'x', 'password' => 'x']]);
        $this->getJson('/up')->assertStatus(503)->assertJson(['up' => false, 'database' => false]);
        config(['database.default' => 'mariadb']);
    }

    public function test_the_log_tells_nothing_of_anybody(): void
    {
        $query = new QueryException('mariadb', 'select * from users where email = ?', ['wren@tern-point.example'], new \RuntimeException('Duplicate entry wren@tern-point.example'));
        $record = new LogRecord(new \DateTimeImmutable, 'app', Level::Error, 'Refused wren@tern-point.example', [
            'exception' => $query, 'email' => 'wren@tern-point.example', 'fields' => ['password' => 'oars-and-anchors', 'revision' => 7], 'who' => new \stdClass,
        ]);
        $line = (string) json_encode((new WithoutPersons)($record)->toArray());

        foreach (['wren', 'tern-point', 'oars-and-anchors'] as $personal) {
            self::assertStringNotContainsString($personal, $line);
        }
        foreach (['Refused', 'QueryException', '"revision":7', 'UpTest'] as $useful) {
            self::assertStringContainsString($useful, $line);
        }
    }
}
