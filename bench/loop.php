<?php

declare(strict_types=1);

// A fixed piece of work, the same for ever: what it takes says how fast this machine is at the moment, and figures are
// compared by how many times as long they take. Prints milliseconds, the median of eleven.

$times = [];
for ($run = 0; $run < 11; $run++) {
    $from = hrtime(true);
    $sum = 0.0;
    $known = [];
    for ($turn = 1; $turn <= 120_000; $turn++) {
        $key = 'k'.($turn % 512);
        $known[$key] = ($known[$key] ?? 0.0) + sqrt($turn) * 1.0001;
        $sum += abs($known[$key] - $turn);
    }
    $times[] = (hrtime(true) - $from) / 1e6;
}
sort($times);
printf("%.2f\n", $times[5]);
