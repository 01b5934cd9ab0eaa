<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Role;
use App\Models\Crew;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** Founds a crew with its owner on a server of one's own; everybody else joins by invitation. */
final class FoundCrewCommand extends Command
{
    protected $signature = 'imbrex:crew {crew : name of the crew} {name : name of its owner} {email : mail address of its owner}';

    protected $description = 'Found a crew with its owner';

    public function handle(): int
    {
        $given = ['crew' => $this->argument('crew'), 'name' => $this->argument('name'), 'email' => mb_strtolower(is_string($email = $this->argument('email')) ? $email : '')];
        $check = Validator::make($given, ['crew' => 'required|max:120', 'name' => 'required|max:120', 'email' => 'required|email|max:190|unique:users,email']);
        if ($check->fails()) {
            foreach ($check->errors()->all() as $fault) {
                $this->error($fault);
            }

            return self::FAILURE;
        }
        $password = Str::password(20, symbols: false);
        DB::transaction(function () use ($given, $password): void {
            $crew = Crew::query()->create(['name' => $given['crew']]);
            User::query()->create(['crew_id' => $crew->id, 'name' => $given['name'], 'email' => $given['email'], 'password' => $password, 'role' => Role::Owner]);
        });
        $this->line("{$given['email']} signs in with $password and should change it at once, under Account.");

        return self::SUCCESS;
    }
}
