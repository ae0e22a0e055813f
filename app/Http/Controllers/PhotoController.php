<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\SavedMix;
use App\Photos\Developer;
use App\Photos\NoPicture;
use App\Photos\PhotoStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One's own photographs. A picture is sent as it is, as the body of the request. */
final readonly class PhotoController
{
    public function __construct(private PhotoStore $photos)
    {
    }

    public function storeOfMix(Request $request, string $mix): JsonResponse
    {
        $user = CurrentUser::of($request);
        if (! $user->mixes()->where('code', $mix)->exists()) {
            throw new NotFoundHttpException('There is no such mix.');
        }
        $subject = SavedMix::subjectOf($mix);
        if (count($this->photos->of($user, [$subject])[$subject] ?? []) >= PhotoStore::MOST) {
            throw ValidationException::withMessages(['photo' => 'At most '.PhotoStore::MOST.' photographs are kept.']);
        }
        try {
            $picture = Developer::develop($request->getContent());
        } catch (NoPicture $fault) {
            throw ValidationException::withMessages(['photo' => $fault->getMessage()]);
        }

        return new JsonResponse($this->photos->keep($user, $subject, $picture), 201);
    }

    public function show(Request $request, string $photo): Response
    {
        $isSmall = $request->query('size') === 'small';
        $bytes = $this->photos->bytes(CurrentUser::of($request), $photo, $isSmall) ??
            throw new NotFoundHttpException('There is no such photograph.');

        return new Response($bytes, 200, [
            'Content-Type' => 'image/jpeg',
            // It never changes, and no shared cache may keep it.
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function destroy(Request $request, string $photo): JsonResponse
    {
        $this->photos->throwAway(CurrentUser::of($request), $photo);

        return new JsonResponse(null, 204);
    }
}
