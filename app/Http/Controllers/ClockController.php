<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Clock\CalendarFile;
use App\Clock\Clock;
use App\Clock\Effort;
use App\Clock\Searches;
use App\Clock\Turns;
use App\Http\CurrentUser;
use App\Http\Requests\ClockRequest;
use App\Http\Requests\PutOffRequest;
use App\Http\Requests\WeekRequest;
use App\Models\Build;
use App\Models\User;
use App\Models\WorkBench;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Schedule\NoSchedule;

/** The week at the bench, and all builds laid into it. */
final readonly class ClockController
{
    /** Seconds that looking for what could go may take. */
    private const SHED_SECONDS = 5.0;

    public function __construct(private Clock $clock, private Searches $searches)
    {
    }

    public function week(Request $request): JsonResponse
    {
        return new JsonResponse($this->shown(CurrentUser::of($request)));
    }

    public function keepWeek(WeekRequest $request): JsonResponse
    {
        BenchSettings::keep(CurrentUser::of($request), $request->week());

        return new JsonResponse($this->shown(CurrentUser::of($request)));
    }

    /** Keeps what is to be done later; the answer is empty, since the clock has to be laid anew. */
    public function putOff(PutOffRequest $request): JsonResponse
    {
        BenchSettings::keepPutOff(CurrentUser::of($request), $request->wishes());

        return new JsonResponse(null, 204);
    }

    public function lay(ClockRequest $request): JsonResponse
    {
        try {
            return new JsonResponse(
                $this->clock->lay(CurrentUser::of($request), $request->builds(), $request->whatIf()),
            );
        } catch (NoSchedule $none) {
            throw new HttpException(422, $none->getMessage());
        }
    }

    /** What would have to go so that the build is finished by its date; the best that is found in a few seconds. */
    public function shed(Request $request, Build $build, Turns $turns): JsonResponse
    {
        $user = CurrentUser::of($request);
        $due =
            $build->head->document->build->due ??
            throw ValidationException::withMessages(['due' => 'The build has no date to meet.']);
        try {
            return new JsonResponse(
                $turns->take(
                    $user,
                    self::SHED_SECONDS,
                    fn (Effort $effort) => $this->clock->shed($user, $build, $due, $effort),
                ),
            );
        } catch (NoSchedule $none) {
            throw new HttpException(422, $none->getMessage());
        }
    }

    /** Looks for an earlier end in the background; the first answer stays on screen meanwhile. */
    public function search(ClockRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $id = $this->searches->start($user, $request->builds(), $request->whatIf());

        return new JsonResponse(['id' => $id, ...$this->searches->show($user, $id) ?? []], 202);
    }

    public function progress(Request $request, string $search): JsonResponse
    {
        $state =
            $this->searches->show(CurrentUser::of($request), $search) ??
            throw new NotFoundHttpException('There is no such search.');

        return new JsonResponse(['id' => $search, ...$state]);
    }

    /** Ends it; the best found so far stays. */
    public function stopSearch(Request $request, string $search): JsonResponse
    {
        $this->searches->stop(CurrentUser::of($request), $search);

        return $this->progress($request, $search);
    }

    /** A private address of the calendar; an old one stops working. */
    public function openFeed(Request $request): JsonResponse
    {
        WorkBench::query()->updateOrCreate(
            ['user_id' => CurrentUser::of($request)->id],
            ['feed_token' => Str::random(40)],
        );

        return new JsonResponse($this->shown(CurrentUser::of($request)), 201);
    }

    public function revokeFeed(Request $request): JsonResponse
    {
        WorkBench::query()
            ->where('user_id', CurrentUser::of($request)->id)
            ->update(['feed_token' => null]);

        return new JsonResponse($this->shown(CurrentUser::of($request)));
    }

    public function calendar(Request $request): Response
    {
        return $this->file(CurrentUser::of($request));
    }

    /** For calendar programs: whoever knows the address may read it. */
    public function feed(string $token): Response
    {
        $bench = WorkBench::query()->where('feed_token', $token)->first();
        $user = $bench === null ? null : User::query()->find($bench->user_id);

        return $this->file($user ?? throw new NotFoundHttpException('There is no such calendar.'));
    }

    private function file(User $user): Response
    {
        try {
            $timetable = $this->clock->lay($user);
        } catch (NoSchedule) {
            // Whoever has no time at the bench has an empty calendar.
            $timetable = ['items' => [], 'builds' => [], 'timeZone' => 'UTC'];
        }

        return new Response(CalendarFile::of($timetable), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="ulvrach.ics"',
        ]);
    }

    /** @return array<string, mixed> */
    private function shown(User $user): array
    {
        $bench = WorkBench::query()->where('user_id', $user->id)->first();
        $week = BenchSettings::write(BenchSettings::of($user));

        return [
            'week' => [...$week, 'exceptions' => (object) $week['exceptions']],
            'isSet' => $bench?->document !== null,
            'feed' => $bench?->feed_token === null ? null : "/feed/{$bench->feed_token}.ics",
        ];
    }
}
