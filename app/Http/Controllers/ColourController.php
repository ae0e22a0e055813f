<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\PanelMixesRequest;
use App\Models\Build;
use App\Plans\JarsAtHand;
use App\Plans\Judge;
use App\Plans\LogStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Variety\PanelMixes;
use Ulvrach\Report\JarChoiceReport;
use Ulvrach\Report\PanelMixesReport;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\Palette;

/** Which colour a step is done with: jars on their ground, and mixes on neighbouring panels. */
final readonly class ColourController
{
    public function __construct(private Judge $judge, private LogStore $logs)
    {
    }

    /** On the zone named by "zone", or else the first that the step goes on; so much of it as "load" says. */
    public function jars(Request $request, Build $build, string $step): JsonResponse
    {
        $plan = $build->head->document;
        $index = self::indexOf($plan, $step);
        $zones = $plan->steps[$index]->zones;
        $zone = $request->query('zone');
        $zone = is_string($zone) && in_array($zone, $zones, true) ? $zone : ($zones[0] ?? '');
        if ($zone === '') {
            throw new NotFoundHttpException('The step goes on no zone.');
        }
        $walk = $this->judge->walk($build, $this->logs->of($build));
        $load = $request->enum('load', Load::class);

        return new JsonResponse([
            'version' => $build->version,
            ...JarChoiceReport::of($walk, $index, $zone, JarsAtHand::of(CurrentUser::of($request), $plan), $load),
        ]);
    }

    public function panelMixes(PanelMixesRequest $request, Build $build, string $step): JsonResponse
    {
        $plan = $build->head->document;
        $index = self::indexOf($plan, $step);
        $byId = [];
        foreach (JarsAtHand::of(CurrentUser::of($request), $plan) as $jar) {
            $byId[$jar->id] = $jar;
        }
        // In the order in which they were chosen: the first is the one that is varied.
        $jars = array_values(array_filter(array_map(
            static fn (string $id): ?Product => $byId[$id] ?? null,
            $request->jars(),
        )));
        if ($request->jars() === []) {
            $jars = PanelMixes::toBeginWith($plan->steps[$index], array_values($byId));
        }
        $families = array_unique(array_map(static fn (Product $jar) => $jar->material->family->value, $jars));
        $isMixed = array_filter($jars, static fn (Product $jar) => Palette::isMixed($jar->material)) === $jars;
        if ($jars === [] || count($families) > 1 || ! $isMixed) {
            throw ValidationException::withMessages([
                'jars' => 'Choose coloured jars of one family: strangers may curdle in the cup.',
            ]);
        }
        $mixes = new PanelMixes($plan, $plan->steps[$index]->zones, $jars, $request->locked(), $request->band());
        if ($mixes->panels === []) {
            throw ValidationException::withMessages(['jars' => 'The zones of this step have no panels.']);
        }

        return new JsonResponse([
            'version' => $build->version,
            ...PanelMixesReport::of($mixes, $index, $jars),
        ]);
    }

    private static function indexOf(Plan $plan, string $step): int
    {
        return $plan->indexOf($step) ?? throw new NotFoundHttpException('There is no such step in this plan.');
    }
}
