<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\Build;
use App\Models\SavedMix;
use App\Models\User;
use App\Photos\Developer;
use App\Photos\NoPicture;
use App\Photos\PhotoStore;
use App\Plans\OwnPlans;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** One's own photographs. A picture is sent as it is, as the body of the request. */
final readonly class PhotoController
{
    public function __construct(private PhotoStore $photos, private ConnectionInterface $database)
    {
    }

    public function storeOfMix(Request $request, string $mix): JsonResponse
    {
        $user = CurrentUser::of($request);
        $mustStay = static function () use ($user, $mix): void {
            $query = $user->mixes()->where('code', $mix);
            $query->sharedLock();
            $query->first() ?? throw new NotFoundHttpException('There is no such mix.');
        };
        $this->database->transaction($mustStay);

        return $this->keep($request, $user, SavedMix::subjectOf($mix), $mustStay);
    }

    /** Of a step as it was done, or of a zone as it ought to look. */
    public function storeOfBuild(Request $request, Build $build): JsonResponse
    {
        $plan = $build->head->document;
        [$kind, $id] = [$request->query->getString('of'), $request->query->getString('id')];
        $known = match ($kind) {
            'step' => array_column($plan->steps, 'id'),
            'zone' => array_map(strval(...), array_keys($plan->zones)),
            default => [],
        };
        if (! in_array($id, $known, true)) {
            throw new NotFoundHttpException('There is no such step or zone in this plan.');
        }

        $photo = Str::lower($request->query->getString('photo'));
        if ($photo !== '' && ! Str::isUuid($photo)) {
            throw ValidationException::withMessages(['photo' => 'The id of a photograph is a UUID.']);
        }

        return $this->keep(
            $request,
            CurrentUser::of($request),
            $build->photosOf($kind, $id),
            static fn () => $build->mustStay(),
            $photo,
        );
    }

    /** Of all steps and zones of a build, also of steps that are gone from its plan. */
    public function ofBuild(Request $request, Build $build): JsonResponse
    {
        $prefix = $build->photosOf();
        $photos = [];
        foreach ($this->photos->under(CurrentUser::of($request), $prefix) as $subject => $of) {
            [$kind, $id] = explode(':', substr($subject, strlen($prefix)), 2);
            foreach ($of as $photo) {
                $photos[] = [...$photo, 'of' => $kind, 'id' => $id, 'photo' => $photo['id']];
            }
        }

        return new JsonResponse(['photos' => $photos]);
    }

    /** Of all builds of a person, the oldest first, with what each shows in words. */
    public function all(Request $request, OwnPlans $plans): JsonResponse
    {
        $user = CurrentUser::of($request);
        $all = $this->photos->under($user, Build::PHOTOS);
        $photos = [];
        foreach ($plans->of($user) as [$build, $plan]) {
            foreach ($all as $subject => $of) {
                if (! str_starts_with($subject, $build->photosOf())) {
                    continue;
                }
                [$kind, $id] = explode(':', substr($subject, strlen($build->photosOf())), 2);
                foreach ($of as $photo) {
                    $photos[] = [
                        ...$photo,
                        'build' => $build->id,
                        'name' => "{$plan->build->name}, ".self::shows($plan, $kind, $id),
                    ];
                }
            }
        }
        usort($photos, static fn (array $one, array $other) => $one['taken'] <=> $other['taken']);

        return new JsonResponse(['photos' => $photos]);
    }

    private static function shows(Plan $plan, string $kind, string $id): string
    {
        $index = $kind === 'step' ? $plan->indexOf($id) : null;

        return match (true) {
            $index !== null => ($index + 1).' '.TechniqueLibrary::get($plan->steps[$index]->technique)->name,
            $kind === 'step' => 'a step that is gone',
            default => $plan->zones[$id]->name ?? 'a zone that is gone',
        };
    }

    /**
     * @param  \Closure(): void  $mustStay  sees to it that what it shows is not deleted while it is kept
     * @param  string  $id  under which a device that was without a network has kept it; '': none
     */
    private function keep(
        Request $request,
        User $user,
        string $subject,
        \Closure $mustStay,
        string $id = '',
    ): JsonResponse {
        $kept = $this->photos->of($user, [$subject])[$subject] ?? [];
        foreach ($kept as $photo) {
            if ($photo['id'] === $id) {
                return new JsonResponse($photo, 201);
            }
        }
        if (count($kept) >= PhotoStore::MOST) {
            throw ValidationException::withMessages(['photo' => 'At most '.PhotoStore::MOST.' photographs are kept.']);
        }
        try {
            $picture = Developer::develop($request->getContent());
        } catch (NoPicture $fault) {
            throw ValidationException::withMessages(['photo' => $fault->getMessage()]);
        }

        $photo = $this->database->transaction(function () use ($mustStay, $user, $subject, $picture, $id): array {
            $mustStay();

            return $this->photos->keep($user, $subject, $picture, $id);
        });

        return new JsonResponse($photo, 201);
    }

    public function show(Request $request, string $photo): Response
    {
        $isSmall = $request->query('size') === 'small';
        $bytes = $this->photos->bytes(CurrentUser::of($request), $photo, $isSmall) ??
            throw new NotFoundHttpException('There is no such photograph.');

        $answer = new Response($bytes, 200, ['Content-Type' => 'image/jpeg']);
        // It never changes, but whoever has signed out since must not find it in the browser: it is asked for each
        // time, and sent again only where it is not there.
        $answer->headers->set('Cache-Control', 'private, no-cache');
        $answer->setEtag($photo.($isSmall ? '-small' : ''));
        $answer->isNotModified($request);

        return $answer;
    }

    public function destroy(Request $request, string $photo): JsonResponse
    {
        $this->photos->throwAway(CurrentUser::of($request), $photo);

        return new JsonResponse(null, 204);
    }
}
