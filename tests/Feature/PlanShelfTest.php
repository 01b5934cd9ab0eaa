<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plans\PlanShelf;
use App\Plans\Programme;
use App\Plans\Shelf;
use App\Stations\JobReader;
use App\Stations\Station;
use App\Stations\Stations;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Plan;

/** Worked plans are kept for a while: what comes off the shelf is what was put there, and little is kept. */
final class PlanShelfTest extends FeatureTestCase
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

    public function test_every_slice_of_a_kept_plan_is_that_of_a_fresh_one(): void
    {
        $slices = array_merge(...array_map(static fn (Station $station): array => [...$station->slices(), "tile of {$station->key()}" => $station->tile(...)], app(Stations::class)->all()));
        $plan = self::boathouse();
        $slices['layout']($plan, 'hall.E');
        $this->shelf('v1')->put('a', $plan);
        foreach ($slices as $name => $write) {
            $kept = $this->shelf('v1')->take('a') ?? self::fail('nothing on the shelf');
            self::assertSame($plan->worked(), $kept->worked(), 'what was worked need not be worked again');
            self::assertSame(json_encode($write(self::boathouse(), null)), json_encode($write($kept, null)), $name);
        }
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

    public function test_a_plan_of_another_version_or_key_is_not_read(): void
    {
        $this->shelf('v1')->put('a', self::boathouse());

        self::assertNull($this->shelf('v2')->take('a'));
        self::assertNull($this->shelf('v1')->take('b'));
        // A newer version clears away what it cannot read.
        $this->shelf('v2')->put('b', self::boathouse());
        self::assertNull($this->shelf('v1')->take('a'));
        self::assertCount(1, glob("$this->folder/*") ?: []);
    }

    public function test_so_many_plans_and_no_more(): void
    {
        $shelf = $this->shelf('v1', 3);
        foreach (['a', 'b', 'c', 'd', 'e'] as $i => $key) {
            $shelf->put($key, self::boathouse());
            foreach (glob("$this->folder/*") ?: [] as $file) {
                touch($file, (int) filemtime($file) - 10);
            }
            clearstatcache();
        }

        self::assertCount(3, glob("$this->folder/*") ?: []);
        self::assertNull($shelf->take('a'), 'the longest unread went first');
        self::assertNotNull($shelf->take('e'));
        $small = $this->shelf('v1', 3, 1000);
        $plan = self::boathouse();
        $plan->of(CuttingStage::class);
        $small->put('large', $plan);
        self::assertNull($small->take('large'), 'one plan does not fill the shelf');
    }

    public function test_a_spoilt_file_is_worked_again(): void
    {
        $shelf = $this->shelf('v1');
        $shelf->put('a', self::boathouse());
        file_put_contents((glob("$this->folder/*") ?: [])[0], 'half a pl');

        self::assertNull($shelf->take('a'));
        self::assertSame([], glob("$this->folder/*"));
    }

    private function shelf(string $version, int $mostFiles = 64, int $mostBytes = 32_000_000): PlanShelf
    {
        return new PlanShelf(new Shelf($this->folder, $version, $mostFiles, $mostBytes, 1));
    }

    private static function boathouse(): Plan
    {
        return Plan::for(app(JobReader::class)->read((string) file_get_contents(database_path('demo/boathouse.json'))));
    }
}
