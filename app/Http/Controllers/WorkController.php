<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Work\Desk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The bench while one works at it. */
final readonly class WorkController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse($this->desk->of(CurrentUser::of($request)));
    }
}
