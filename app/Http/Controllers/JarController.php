<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\JarRequest;
use App\Models\Jar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Ulvrach\PlanFile\PlanWriter;

/** The jars that a person owns. */
final class JarController
{
    public const MOST = 1000;

    public function index(Request $request): JsonResponse
    {
        $jars = CurrentUser::of($request)
            ->jars()
            ->get()
            ->map(static fn (Jar $jar) => PlanWriter::product($jar->product))
            ->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE);

        return new JsonResponse(['jars' => array_values($jars->all())]);
    }

    /** Adds it, or changes the one of that id. */
    public function put(JarRequest $request, string $jar): JsonResponse
    {
        $user = CurrentUser::of($request);
        $product = $request->product($jar);
        $isNew = ! $user->jars()->where('code', $jar)->exists();
        if ($isNew && $user->jars()->count() >= self::MOST) {
            throw ValidationException::withMessages(['jar' => 'A shelf holds at most '.self::MOST.' jars.']);
        }
        Jar::query()->updateOrCreate(['user_id' => $user->id, 'code' => $jar], ['product' => $product]);

        return new JsonResponse(PlanWriter::product($product), $isNew ? 201 : 200);
    }

    public function destroy(Request $request, string $jar): JsonResponse
    {
        CurrentUser::of($request)->jars()->where('code', $jar)->delete();

        return new JsonResponse(null, 204);
    }
}
