<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;

/** The signed-in person, with a type. */
final class CurrentUser
{
    /** For routes behind the auth middleware. */
    public static function of(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User
            ? $user
            : throw new \LogicException('This route is not behind the auth middleware.');
    }
}
