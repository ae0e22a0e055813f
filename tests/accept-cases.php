<?php

declare(strict_types=1);

// Writes what the checks say today into the case files. Read the difference before you commit it: it is the review.

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Tests\Core\RemedyText;

require __DIR__.'/../vendor/autoload.php';

foreach (glob(__DIR__.'/cases/*.case') ?: [] as $file) {
    CaseFile::write(
        $file,
        array_map(
            static fn (array $case) => [
                $case[0],
                $case[1],
                [],
                $case[3],
                RemedyText::ofAll(PlanKit::evaluate($case[1], $case[0])),
            ],
            CaseFile::read($file),
        ),
    );
}
