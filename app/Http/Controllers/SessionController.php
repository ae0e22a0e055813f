<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RegisterRequest;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who is at the bench: sign in, sign out, register, and the door to the demo account. */
final readonly class SessionController
{
    public function __construct(private StatefulGuard $guard, private ConnectionInterface $database)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User ? ['name' => $user->name, 'email' => $user->email] : null,
            'demo' => config()->boolean('ulvrach.demo'),
        ]);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $request->signIn($this->guard);

        return $this->enter($request);
    }

    public function register(RegisterRequest $request): JsonResponse
    {
        try {
            $user = $this->database->transaction(fn (): User => User::query()->create($request->account()));
        } catch (UniqueConstraintViolationException) {
            // Somebody else took the address between the question and this.
            throw ValidationException::withMessages(['email' => RegisterRequest::TAKEN]);
        }
        $this->guard->login(
            $user instanceof User ? $user : throw new \LogicException('A transaction gives what is made in it.'),
        );

        return $this->enter($request)->setStatusCode(201);
    }

    public function demo(Request $request): JsonResponse
    {
        $demo = config()->boolean('ulvrach.demo')
            ? User::query()->where('email', config()->string('ulvrach.demo_email'))->first()
            : null;
        $this->guard->login($demo ?? throw new NotFoundHttpException('There is no demo account here.'));

        return $this->enter($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        $this->guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What the browser has kept of this person's pages and pictures.
        return $this->show($request)->header('Clear-Site-Data', '"cache"');
    }

    private function enter(Request $request): JsonResponse
    {
        $request->session()->regenerate();
        $request->setUserResolver(fn () => $this->guard->user());

        return $this->show($request);
    }
}
