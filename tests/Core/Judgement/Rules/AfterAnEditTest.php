<?php

declare(strict_types=1);

use Bench\LargePlan;
use Tests\Core\Chance;
use Tests\Core\Sequences\Sequence;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Report\ForecastReport;
use Ulvrach\Report\VerdictReport;
use Ulvrach\Stuff\Chemistry\Carrier;

/** By hand thousands: ULVRACH_SEQUENCES=5000 bin/test core. */
define('EDITED_PLANS', max(8, (int) (getenv('ULVRACH_SEQUENCES') ?: 80)));

/** The plan after one of the edits that people make, at a random place. */
function editedSomewhere(Plan $plan, Chance $chance, int $round): Plan
{
    $steps = $plan->steps;
    $at = $chance->number(0, count($steps) - 1);
    $step = $steps[$at];
    switch ($chance->number(1, 11)) {
        case 1:
            array_splice($steps, $at, 1);
            break;
        case 2:
            array_splice($steps, $at, 0, [$step->with(id: "again-{$round}")]);
            break;
        case 3:
            $other = $chance->number(0, count($steps) - 1);
            [$steps[$at], $steps[$other]] = [$steps[$other], $step];
            break;
        case 4:
            $steps[$at] = $step->with(waitMinutes: $chance->one([null, 0, 30, 600, 4320]));
            break;
        case 5:
            $steps[$at] = $step->with(zones: array_slice($step->zones, 0, max(1, count($step->zones) - 1)));
            break;
        case 6:
            $steps[$at] = $step->with(thinner: $chance->one([null, ...Carrier::cases()]));
            break;
        case 7:
            $donor = $steps[$chance->number(0, count($steps) - 1)];
            $steps[$at] = $donor->with(id: $step->id, zones: $step->zones);
            break;
        case 8:
            $products = array_values($plan->products);
            $jar = $chance->one($products);

            return $plan->with(
                products: [
                    ...$plan->products,
                    $jar->id => $jar->with(material: $chance->one($products)->material),
                ],
            );
        case 9:
            return $plan->with(build: $plan->build->with(serviceMonths: $chance->one([null, 1, 60])));
        case 10:
            return $plan->with(school: new SchoolChoice($chance->one(array_keys(School::all()))));
        default:
            $steps[$at] = $step->with(coats: $chance->number(1, 4));
    }

    return $plan->with(steps: array_values($steps));
}

/** All that a person, a picture or a sheet is told of it. */
function told(Verdict $verdict): string
{
    $report = [VerdictReport::of($verdict), ForecastReport::of($verdict->walk)];

    return json_encode([...$report, $verdict->forecast->marks()], JSON_THROW_ON_ERROR);
}

it('says after an edit what it says from scratch', function (int $share) {
    $differ = [];
    for ($seed = $share; $seed <= EDITED_PLANS; $seed += 8) {
        $chance = new Chance($seed);
        $file = Sequence::make($seed);
        $plan = $file->plan;
        $evaluator = new Evaluator();
        $last = $evaluator->evaluate($plan, $file->log);
        told($last);
        for ($round = 1; $round <= 6 && count($plan->steps) > 2; $round++) {
            $done = array_filter($plan->steps, static fn ($step) => $file->log->isFinished($step->id));
            $plan = editedSomewhere($plan, $chance, $round);
            if (array_diff(array_column($done, 'id'), array_column($plan->steps, 'id')) !== []) {
                break;
            }
            $after = $evaluator->evaluate($plan, $file->log, $last);
            if (told($after) !== told((new Evaluator())->evaluate($plan, $file->log))) {
                $differ[] = "seed {$seed}, round {$round}";
            }
            $last = $after;
        }
    }

    expect($differ)->toBe([]);
})->with(range(1, 8));

it('takes over what an edit leaves as it was, and nothing else', function () {
    $plan = LargePlan::make(6, 2);
    $evaluator = new Evaluator();
    $before = $evaluator->evaluate($plan);
    $steps = $plan->steps;
    $steps[30] = $steps[30]->with(coats: $steps[30]->coats + 1);
    $after = $evaluator->evaluate($plan->with(steps: $steps), new Log(), $before);
    $kept = static fn (int $index): bool => $after->walk->situations[$index]->isFrom($before->walk->situations[$index]);

    expect(array_filter(range(0, 29), $kept))->toHaveCount(30)
        ->and($kept(30))->toBeFalse()
        ->and(array_filter(range(31, count($steps) - 1), $kept))->toBe([])
        ->and($after->plan->steps[30]->coats)->toBe($steps[30]->coats);
});
