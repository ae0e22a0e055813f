<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\BadArchive;
use App\Account\TakingIn;
use App\Models\User;
use Illuminate\Console\Command;

/** Takes an archive into an account, for those that are too large to be sent. */
final class TakeIn extends Command
{
    protected $signature = 'ulvrach:take-in {file : an archive} {--for= : the address of the account}';

    protected $description = 'Takes the archive of an account into an account here; exit 1 if it cannot be read';

    public function handle(TakingIn $takingIn): int
    {
        [$address, $file] = [$this->option('for'), $this->argument('file')];
        $user = is_string($address) ? User::query()->where('email', $address)->first() : null;
        if ($user === null || ! is_string($file)) {
            $this->error('--for: there is no account of that address.');

            return self::FAILURE;
        }
        try {
            foreach ($takingIn->take($user, $file) as $what => $count) {
                $this->line("{$count} {$what}");
            }
        } catch (BadArchive $bad) {
            $this->error($bad->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
