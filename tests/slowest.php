<?php

declare(strict_types=1);

// Prints the slowest tests of reports in JUnit's format. Usage: php tests/slowest.php HOW-MANY FILE...

[, $many] = $argv;
$tests = [];
foreach (array_slice($argv, 2) as $file) {
    $report = is_file($file) ? simplexml_load_file($file) : false;
    foreach ($report === false ? [] : $report->xpath('//testcase') ?? [] as $test) {
        $tests[] = [(float) $test['time'], basename($file, '.xml'), preg_replace('/\s+/', ' ', (string) $test['name'])];
    }
}
rsort($tests);
foreach (array_slice($tests, 0, (int) $many) as [$seconds, $stage, $name]) {
    printf("%6.1f s  %-10s %s\n", $seconds, $stage, mb_strimwidth((string) $name, 0, 100, '…'));
}
