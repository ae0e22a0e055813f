<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\SignedIn;
use App\Http\CurrentUser;
use App\Http\Requests\OwnAccountRequest;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One's own account: its password, where it is open, and its end. */
final readonly class AccountController
{
    public function __construct(
        private SignedIn $signedIn,
        private Hasher $hasher,
        private ConnectionInterface $database,
        private StatefulGuard $guard,
    ) {
    }

    public function show(Request $request): JsonResponse
    {
        return new JsonResponse([
            'sessions' => $this->signedIn->of(CurrentUser::of($request), $request->session()->getId()),
        ]);
    }

    /** A new password ends all other sessions: whoever had the old one is out. */
    public function password(OwnAccountRequest $request): JsonResponse
    {
        $request->mustBeTheirs($this->hasher);
        $user = CurrentUser::of($request);
        $this->database->transaction(function () use ($user, $request): void {
            $user->update(['password' => $request->newPassword()]);
            $this->signedIn->endAllBut($user, $request->session()->getId());
        });

        return $this->show($request);
    }

    public function endSession(Request $request, string $key): JsonResponse
    {
        $this->signedIn->end(CurrentUser::of($request), $key);

        return $this->show($request);
    }

    /** The account and everything in it, for good. */
    public function destroy(OwnAccountRequest $request, SessionController $door): JsonResponse
    {
        $request->mustBeTheirs($this->hasher);
        $user = CurrentUser::of($request);
        $this->database->transaction(function () use ($user): void {
            $this->signedIn->endAllBut($user, '');
            $user->delete();
        });
        $this->guard->logout();
        $request->setUserResolver(static fn () => null);

        return $door->destroy($request);
    }
}
