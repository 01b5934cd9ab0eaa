<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Accounts\DemoAccounts;
use App\Models\Crew;
use App\Models\User;
use App\Plans\KeptCards;
use App\Revisions\JobStore;
use Illuminate\Database\Seeder;
use LogicException;

/** The made-up world of the demo. Seeding twice changes nothing. */
final class DatabaseSeeder extends Seeder
{
    /** The last one is the newest, and so the first in the list. */
    private const JOBS = ['annex', 'clubroom', 'boathouse', 'oar-store-screw-down', 'oar-store'];

    public function run(JobStore $store, KeptCards $cards): void
    {
        if (app()->isProduction()) {
            throw new LogicException('The demo accounts have known passwords; they do not belong on a real server. Found a crew with artisan imbrex:crew.');
        }
        if (Crew::query()->where('name', DemoAccounts::CREW)->exists()) {
            return;
        }
        $crew = Crew::query()->create(['name' => DemoAccounts::CREW, 'rules' => ['order.extra' => 2.0]]);
        foreach (DemoAccounts::offered() as $person) {
            User::query()->create([...$person, 'crew_id' => $crew->id]);
        }
        $author = User::query()->where('email', DemoAccounts::offered()[1]['email'])->firstOrFail();
        foreach (self::JOBS as $age => $name) {
            $this->command?->getOutput()->isVerbose() && $this->command->line("demo job $name");
            $job = $store->create($author, (string) file_get_contents(database_path("demo/$name.json")));
            $job->forceFill(['updated_at' => now()->subMinutes(count(self::JOBS) - $age)])->saveQuietly();
            $cards->work($job, $job->newest());
        }
    }
}
