<?php

declare(strict_types=1);

// Times the core by itself and prints one JSON object; "--plan" prints the plan file it is timed on.

use Bench\LargePlan;
use Bench\Shelf;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Observer;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\MixSolver;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Report\FinishReport;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Measure\Measurer;

require __DIR__.'/../vendor/autoload.php';

$plan = LargePlan::make();
if (in_array('--plan', $argv, true)) {
    echo PlanWriter::toJson(new PlanFile($plan));
    exit();
}

/** @return array{median: float, worst: float} milliseconds */
function timed(int $runs, Closure $work): array
{
    for ($warm = 0; $warm < 5; $warm++) {
        $work();
    }
    $times = [];
    for ($run = 0; $run < $runs; $run++) {
        $from = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return ['median' => $times[intdiv($runs, 2)], 'worst' => $times[$runs - 1]];
}

$evaluator = new Evaluator();
$check = timed(50, static fn () => $evaluator->evaluate($plan));
$whole = $evaluator->evaluate($plan);
$edits = 0;
$late = timed(50, static function () use ($evaluator, $plan, $whole, &$edits): void {
    $edited = (new ReplaceStep($plan->steps[55]->with(coats: 2 + (++$edits % 3))))->applyTo($plan);
    $evaluator->evaluate($edited, like: $whole);
});
$walk = (new Walker())->walk($plan);
$finish = timed(50, static fn () => FinishReport::of($walk, Forecast::of($walk)));
$colours = static function (Walk $walk): void {
    // Colours are worked out when they are asked for, so all of them are.
    $forecast = Forecast::of($walk);
    foreach (array_keys($walk->plan->zones) as $zone) {
        foreach ($forecast->changesOf($zone) as $seen) {
            foreach (Spot::cases() as $spot) {
                $seen->of($spot);
            }
        }
    }
};
$forecast = timed(50, static fn () => $colours($walk));
/** @return non-empty-list<float> milliseconds, the shortest first */
$solved = static function (int $paints, int $wanted): array {
    $solver = new MixSolver(Shelf::paints($paints), Observer::weights());
    $times = [];
    foreach (Shelf::wanted($wanted) as $colour) {
        $from = hrtime(true);
        $solver->closest($colour);
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return $times;
};
$solving = $solved(120, 40);
$growth = ['steps' => [], 'paints' => []];
foreach ([1, 2, 4, 8] as $groups) {
    $larger = (new Walker())->walk(LargePlan::make(20, $groups));
    $growth['steps'][] = timed(10, static fn () => $colours($larger))['median'];
}
foreach ([30, 60, 120, 240] as $paints) {
    $growth['paints'][] = $solved($paints, 12)[6];
}
$roundTrip = max(0.0, ...array_map(
    static fn (Lab $lab) => $lab->differenceTo(Observer::colourOf(Upsampler::reflectanceOf($lab))),
    Shelf::wanted(500),
));
// After what is short: a mesh in memory slows down what collects garbage.
$build = timed(10, static fn () => Catalogue::build(VehicleKind::Tank, Catalogue::formOf(VehicleKind::Tank)));
$tank = Catalogue::build(VehicleKind::Tank, Catalogue::formOf(VehicleKind::Tank));
$measure = timed(3, static fn () => Measurer::measure($tank));
$shape = json_encode(VehicleReport::of($tank), JSON_THROW_ON_ERROR);
echo json_encode(
    [
        'check' => $check,
        'edit' => $late,
        'finish' => $finish,
        'forecast' => $forecast,
        'solving' => ['median' => $solving[intdiv(count($solving), 2)], 'worst' => $solving[count($solving) - 1]],
        'growth' => $growth,
        'roundTrip' => $roundTrip,
        'build' => $build,
        'measure' => $measure,
        'shapeBytes' => ['raw' => strlen($shape), 'gzip' => strlen((string) gzencode($shape))],
    ],
    JSON_THROW_ON_ERROR,
);
