<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Clock\Searches;
use App\Clock\WhatIf;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Looks for an earlier end for as long as is worth it; see Searches for how far it has come. */
final class LookForEarlierEnd implements ShouldQueue
{
    public int $tries = 1;

    /** @param  list<string>|null  $builds  null: all */
    public function __construct(
        public readonly int $userId,
        public readonly string $search,
        public readonly ?array $builds,
        public readonly WhatIf $whatIf,
    ) {
    }

    public function handle(Searches $searches): void
    {
        $user = User::query()->find($this->userId);
        if ($user !== null) {
            $searches->run($user, $this->search, $this->builds, $this->whatIf);
        }
    }
}
