<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Build;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A build is its owner's alone; to everybody else it does not exist. */
final class BuildPolicy
{
    public function own(User $user, Build $build): Response
    {
        return $build->user_id === $user->id
            ? Response::allow()
            : Response::denyAsNotFound('There is nothing at this address.');
    }
}
