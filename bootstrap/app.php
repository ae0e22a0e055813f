<?php

declare(strict_types=1);

use App\Http\Middleware\RequireReadableRequest;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Resources\BuildState;
use App\Plans\NothingToUndo;
use App\Plans\OutdatedVersion;
use App\Plans\UnreadablePlan;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: [__DIR__.'/../routes/api.php', __DIR__.'/../routes/web.php'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin serves everything, so there is nothing to share across origins.
        $middleware->remove(HandleCors::class);
        // Both walk through every value of every request before anybody knows how many there are; forms trim their own.
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prepend(RequireReadableRequest::class);
        // Also what is refused before anybody looks who asks, and what is the same for everybody.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(
            static fn (Request $request) => str_starts_with($request->getPathInfo(), '/api/'),
        );
        $exceptions->dontReport([
            BadPlanFile::class,
            OutdatedVersion::class,
            NothingToUndo::class,
            UnreadablePlan::class,
        ]);
        // One answer for what does not exist and for what is somebody else's, to the last byte.
        $exceptions->render(
            static fn (HttpExceptionInterface $none, Request $request) => $none->getStatusCode() === 404 &&
            str_starts_with($request->getPathInfo(), '/api/') &&
            $none->getPrevious() !== null
                ? new JsonResponse(['message' => 'There is nothing at this address.'], 404)
                : null,
        );
        // Every request has its share of processor time; what takes longer is ended by the interpreter.
        $exceptions->render(
            static fn (FatalError $ended) => str_contains($ended->getMessage(), 'Maximum execution time')
                ? new JsonResponse(['message' => 'This took too long and was ended. Nothing was changed.'], 503)
                : null,
        );
        $exceptions->render(
            static fn (UnreadablePlan $unreadable) => new JsonResponse(['message' => $unreadable->getMessage()], 422),
        );
        $exceptions->render(
            static fn (BadPlanFile $bad) => new JsonResponse(
                [
                    'message' => $bad->getMessage(),
                    'faults' => array_map(
                        static fn (Fault $fault) => ['path' => $fault->path, 'message' => $fault->message],
                        $bad->faults,
                    ),
                ],
                422,
            ),
        );
        $exceptions->render(
            static fn (OutdatedVersion $outdated) => new JsonResponse(
                [
                    'message' => $outdated->getMessage(),
                    'current' => app(BuildState::class)->of($outdated->current),
                ],
                409,
            ),
        );
        $exceptions->render(
            static fn (NothingToUndo $nothing) => new JsonResponse(['message' => $nothing->getMessage()], 409),
        );
    })
    ->create();
