<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\SchoolRequest;
use App\Models\OwnSchool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\File\PlanWriter;

/** Schools that a person has made by copying one and changing answers. A plan that uses one carries its own copy. */
final class SchoolController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse([
            'schools' => array_map(
                self::shown(...),
                array_values(CurrentUser::of($request)->schools()->get()->sortBy('name')->all()),
            ),
        ]);
    }

    /** A school of the same name is replaced. */
    public function store(SchoolRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $choice = $request->choice();
        $school = OwnSchool::query()->updateOrCreate(
            ['user_id' => $user->id, 'name' => (string) $choice->name],
            ['choice' => $choice],
        );

        return new JsonResponse(self::shown($school), 201);
    }

    public function destroy(Request $request, int $school): JsonResponse
    {
        $own =
            CurrentUser::of($request)->schools()->whereKey($school)->first() ??
            throw new NotFoundHttpException('There is no such school of yours.');
        $own->delete();

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> */
    private static function shown(OwnSchool $school): array
    {
        return ['id' => $school->id, 'school' => PlanWriter::school($school->choice)];
    }
}
