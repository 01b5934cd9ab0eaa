<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plans\KeptResults;
use App\Plans\Programme;
use App\Plans\Shelf;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\JobReader;
use Imbrex\Stations\Station;
use Imbrex\Stations\Stations;
use stdClass;

/** What stages came to is kept for a while: what comes off the shelf is what was put there, and little is kept. */
final class KeptResultsTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/imbrex-shelf-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        @rmdir($this->folder);
        parent::tearDown();
    }

    public function test_every_slice_of_kept_results_is_that_of_fresh_ones(): void
    {
        $slices = array_merge(...array_map(static fn (Station $station): array => [...$station->slices(), "tile of {$station->key()}" => $station->tile(...)], app(Stations::class)->all()));
        foreach (['boathouse', 'clubroom', 'oar-store-screw-down'] as $demo) {
            $this->everything($this->plan($demo));
            foreach ($slices as $name => $write) {
                self::assertSame(json_encode($write(self::fresh($demo), null)), json_encode($write($this->plan($demo), null)), "$name of $demo");
            }
        }
    }

    /** What takes a while to work is read, not worked again; of an edit only what needs what it changed. */
    public function test_an_edit_works_only_what_rests_on_it(): void
    {
        $before = $this->plan('clubroom');
        $this->everything($before);
        $files = fn (): array => array_map(basename(...), glob("$this->folder/*") ?: []);
        $kept = $files();
        $hold = $before->job->part(HoldDownInput::class);
        $closer = new HoldDownInput(...[...get_object_vars($hold), 'usual' => new HoldWish(spacing: 7.0)]);
        $after = Plan::for($before->job->with($closer), kept: $this->results());
        $this->everything($after);
        $held = array_filter([...Stages::IN_ORDER], static fn (string $stage): bool => in_array(HoldDownStage::class, Stages::behind($stage), true));
        self::assertSame(['hold-down', 'movement', 'fit', 'load-out'], array_keys($held));
        foreach (Stages::IN_ORDER as $name => $stage) {
            self::assertSame(isset($held[$name]), $before->key($stage) !== $after->key($stage), $name);
        }
        // What was so quick that it was not worth keeping may be worth it at another time.
        $same = array_map(static fn (string $stage): string => hash('xxh128', $before->key($stage)), array_diff_key(Stages::IN_ORDER, $held));
        $new = array_filter(array_diff($files(), $kept), static fn (string $file): bool => ! in_array(strstr($file, '.', true), $same, true));
        self::assertLessThanOrEqual(count($held), count($new));
    }

    /** By what the code says: a file that is written anew as it was changes nothing, another letter does; all that is loaded, put into words or drawn counts. */
    public function test_what_is_kept_knows_the_code_that_made_it(): void
    {
        mkdir($this->folder);
        file_put_contents("$this->folder/a", 'one');
        $before = Programme::read([$this->folder]);
        touch("$this->folder/a", time() - 500);
        self::assertSame($before, Programme::read([$this->folder]));
        file_put_contents("$this->folder/a", 'two');
        self::assertNotSame($before, Programme::read([$this->folder]));

        $loaded = json_decode((string) file_get_contents(base_path('composer.json')), true)['autoload'];
        foreach ([...array_values($loaded['psr-4']), ...$loaded['files'], 'lang/en/shared.json', 'resources/views/app.blade.php', 'resources/fonts', 'composer.lock', 'package-lock.json'] as $place) {
            self::assertNotSame([], array_filter([...Programme::MADE_BY, 'database'], static fn (string $own): bool => str_starts_with($place, $own)), $place);
        }
        self::assertMatchesRegularExpression('/^[0-9a-f]{16}$/', Programme::version());
    }

    public function test_what_another_version_kept_is_not_read(): void
    {
        $this->results('v1')->put('a', new stdClass);

        self::assertNull($this->results('v2')->take('a'));
        self::assertNull($this->results('v1')->take('b'));
        // A newer version clears away what it cannot read.
        $this->results('v2')->put('b', new stdClass);
        self::assertNull($this->results('v1')->take('a'));
        self::assertCount(1, glob("$this->folder/*") ?: []);
    }

    public function test_so_many_results_and_no_more(): void
    {
        $results = $this->results(mostFiles: 3);
        foreach (['a', 'b', 'c', 'd', 'e'] as $key) {
            $results->put($key, new stdClass);
            foreach (glob("$this->folder/*") ?: [] as $file) {
                touch($file, (int) filemtime($file) - 10);
            }
            clearstatcache();
        }

        self::assertCount(3, glob("$this->folder/*") ?: []);
        self::assertNull($results->take('a'), 'the longest unread went first');
        self::assertNotNull($results->take('e'));
        $small = $this->results(mostBytes: 1000);
        $small->put('large', self::fresh('boathouse')->of(CuttingStage::class));
        self::assertNull($small->take('large'), 'one result does not fill the shelf');
    }

    public function test_a_spoilt_file_is_worked_again(): void
    {
        $this->everything($this->plan());
        foreach (glob("$this->folder/*") ?: [] as $file) {
            file_put_contents($file, substr((string) file_get_contents($file), 0, -9));
        }

        self::assertEquals(self::fresh('boathouse')->of(CuttingStage::class)->panels, $this->plan()->of(CuttingStage::class)->panels);
    }

    private function results(string $version = 'v1', int $mostFiles = 64, int $mostBytes = 32_000_000): KeptResults
    {
        return new KeptResults(new Shelf($this->folder, $version, $mostFiles, $mostBytes, 1));
    }

    /** By a process that has nothing but what lies on the shelf. */
    private function plan(string $demo = 'boathouse'): Plan
    {
        return Plan::for(self::fresh($demo)->job, kept: $this->results());
    }

    private function everything(Plan $plan): void
    {
        foreach (Stages::IN_ORDER as $stage) {
            $plan->of($stage);
        }
    }

    private static function fresh(string $demo): Plan
    {
        return Plan::for(app(JobReader::class)->read((string) file_get_contents(database_path("demo/$demo.json"))));
    }
}
