<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Ulvrach\Counsel\Rescue\Mishap;
use Ulvrach\Counsel\Rescue\Mishaps;
use Ulvrach\Counsel\Rescue\Rescuer;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Report\RescueReport;

/** What can still be done when something has gone wrong. Nothing is changed: a way out says which edits it takes. */
final readonly class RescueController
{
    public function __construct(private LogStore $logs, private Judge $judge, private Rescuer $rescuer)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'mishaps' => array_values(array_map(
                static fn (Mishap $mishap) => [
                    'code' => $mishap->code,
                    'seen' => $mishap->seen,
                    'look' => $mishap->look()?->value,
                ],
                Mishaps::all(),
            )),
        ]);
    }

    public function ways(Request $request, Build $build): JsonResponse
    {
        $plan = $build->head->document;
        $request->validate([
            'mishap' => ['required', Rule::in(array_keys(Mishaps::all()))],
            // Without one it is asked for all that is laid in the same sitting.
            'zone' => ['nullable', Rule::in(array_map(strval(...), array_keys($plan->zones)))],
            'step' => ['required', Rule::in(array_column($plan->steps, 'id'))],
        ]);
        $log = $this->logs->of($build);
        $verdict = $this->judge->verdict($build, $log);
        $at = (int) $plan->indexOf($request->string('step')->toString());
        $now = intdiv(now()->getTimestamp(), 60);
        $zone = $request->string('zone')->toString();
        $zones = $zone === '' ? Sittings::zonesUpTo($verdict->walk, $at) : [$zone];
        $ways = $zones === [] ? [] : $this->rescuer->waysOn(
            $verdict,
            $at,
            $zones,
            RescueReport::minute($verdict->walk, $at, $now),
            Mishaps::all()[$request->string('mishap')->toString()],
            CurrentUser::of($request)->shelf(),
        );

        return new JsonResponse([
            'version' => $build->version,
            'ways' => RescueReport::of($ways, $verdict->walk, $at, $now),
        ]);
    }
}
