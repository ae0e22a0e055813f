<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use App\Http\Resources\BuildState;
use App\Plans\NothingToUndo;
use App\Plans\OutdatedVersion;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\Fault;
use Ulvrach\PlanFile\BadPlanFile;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: [__DIR__.'/../routes/api.php', __DIR__.'/../routes/web.php'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin serves everything, so there is nothing to share across origins.
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [SecurityHeaders::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request) => $request->is('api/*'));
        $exceptions->dontReport([BadPlanFile::class, OutdatedVersion::class, NothingToUndo::class]);
        // One answer for what does not exist and for what is somebody else's.
        $exceptions->render(
            static fn (NotFoundHttpException $none, Request $request) => $request->is('api/*') &&
            $none->getPrevious() !== null
                ? new JsonResponse(['message' => 'There is nothing at this address.'], 404)
                : null,
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
