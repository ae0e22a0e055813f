<?php

declare(strict_types=1);

// Times the core by itself and prints one JSON object; "--plan" prints the plan file it is timed on.

use Bench\LargePlan;
use Ulvrach\PlanFile\PlanFile;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Rules\Evaluator;

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
echo json_encode(['check' => timed(50, static fn () => $evaluator->evaluate($plan))], JSON_THROW_ON_ERROR);
