<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Models\Build;
use App\Plans\JarsAtHand;
use App\Plans\Judge;
use App\Plans\LogStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Report\CloseUpReport;
use Ulvrach\Report\KnowledgeReport;

/** What is known of one step, or of one zone at a step, when somebody looks at it. */
final readonly class StepController
{
    /** Days in which it is seen how long an evening usually is. */
    private const USUAL_DAYS = 28;

    public function __construct(private Judge $judge, private LogStore $logs)
    {
    }

    public function show(Request $request, Build $build, string $step): JsonResponse
    {
        $plan = $build->head->document;
        $index = $plan->indexOf($step) ?? throw new NotFoundHttpException('There is no such step in this plan.');
        $week = BenchSettings::of(CurrentUser::of($request));
        $evening = $week->calendar(intdiv(now()->getTimestamp(), 60), self::USUAL_DAYS)->evening();

        return new JsonResponse(KnowledgeReport::ofStep($this->walk($build), $index, $week->pace, $evening));
    }

    /** As it is when the step named by "before" begins; without one, at the end. */
    public function scratch(Request $request, Build $build, string $zone): JsonResponse
    {
        $plan = $build->head->document;
        if (! isset($plan->zones[$zone])) {
            throw new NotFoundHttpException('There is no such zone in this plan.');
        }
        $before = $request->query('before');
        $index = is_string($before) && $before !== ''
            ? $plan->indexOf($before) ?? throw new NotFoundHttpException('There is no such step in this plan.')
            : count($plan->steps);

        return new JsonResponse(KnowledgeReport::scratch($this->walk($build), $zone, $index));
    }

    /** A piece to be drawn from close, after the step named by "after" (or at the end), done with "jar" if one is. */
    public function piece(Request $request, Build $build, string $zone): JsonResponse
    {
        $plan = $build->head->document;
        if (! isset($plan->zones[$zone])) {
            throw new NotFoundHttpException('There is no such zone in this plan.');
        }
        [$step, $rule] = [$request->query('after'), $request->query('finding')];
        $after = is_string($step) && $step !== ''
            ? $plan->indexOf($step) ?? throw new NotFoundHttpException('There is no such step in this plan.')
            : count($plan->steps) - 1;
        $walk = $this->walk($build);
        $jar = null;
        $asked = $request->query('jar');
        if (is_string($asked) && $asked !== '') {
            foreach (JarsAtHand::of(CurrentUser::of($request), $plan) as $one) {
                $jar = $one->id === $asked ? $one : $jar;
            }
            $jar ?? throw new NotFoundHttpException('There is no such jar on your shelf or in this plan.');
        }

        return new JsonResponse(
            CloseUpReport::of($walk, Forecast::of($walk), $zone, $after, is_string($rule) ? $rule : null, $jar),
        );
    }

    private function walk(Build $build): Walk
    {
        return $this->judge->walk($build, $this->logs->of($build));
    }
}
