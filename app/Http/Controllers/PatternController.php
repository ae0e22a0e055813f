<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\Build;
use App\Models\Pattern;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Plans kept as patterns of one's own; a draft can take its steps from one. */
final class PatternController
{
    /** Kept by one person at most. */
    private const MOST = 100;

    public function index(Request $request): JsonResponse
    {
        $patterns = array_map(
            static fn (Pattern $pattern) => ['id' => $pattern->id, 'name' => $pattern->name],
            array_values(CurrentUser::of($request)->patterns()->get(['id', 'name'])->sortBy('name')->all()),
        );

        return new JsonResponse(['patterns' => $patterns]);
    }

    /** The plan as it stands now; a pattern of the same name is replaced. */
    public function store(Request $request, Build $build): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120']]);
        $user = CurrentUser::of($request);
        $name = $request->string('name')->trim()->toString();
        if ($build->head->document->steps === []) {
            throw ValidationException::withMessages(['name' => 'A plan without steps is no pattern.']);
        }
        if ($user->patterns()->where('name', '!=', $name)->count() >= self::MOST) {
            throw ValidationException::withMessages(['name' => 'A hundred patterns are kept; let one go first.']);
        }
        $pattern = Pattern::query()->updateOrCreate(
            ['user_id' => $user->id, 'name' => $name],
            ['document' => $build->head->document],
        );

        return new JsonResponse(['id' => $pattern->id, 'name' => $pattern->name], 201);
    }

    public function destroy(Request $request, string $pattern): JsonResponse
    {
        $own = CurrentUser::of($request)->patterns()->find($pattern);
        if ($own === null) {
            throw new NotFoundHttpException('There is no such pattern of yours.');
        }
        $own->delete();

        return new JsonResponse(null, 204);
    }
}
