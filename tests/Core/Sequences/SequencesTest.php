<?php

declare(strict_types=1);

use Tests\Core\Sequences\Everything;
use Tests\Core\Sequences\Sequence;

/** Few where everybody waits for them; by hand thousands: ULVRACH_SEQUENCES=20000 bin/test core. */
define('SEQUENCES', max(8, (int) (getenv('ULVRACH_SEQUENCES') ?: 160)));

it('answers whatever is asked of any well-formed plan, as the contract says', function (int $share) {
    $outside = [];
    for ($seed = $share; $seed <= SEQUENCES; $seed += 8) {
        try {
            $wrong = Everything::askedOf(Sequence::make($seed), $seed);
        } catch (Throwable $fault) {
            $wrong = [$fault::class.": {$fault->getMessage()} ({$fault->getFile()}:{$fault->getLine()})"];
        }
        foreach ($wrong as $one) {
            $outside["seed {$seed}"][] = $one;
        }
    }

    expect($outside)->toBe([]);
})->with(range(1, 8));

it('makes sequences that differ, from the whole library and with every field now and then', function () {
    $techniques = $fields = [];
    for ($seed = 1; $seed <= 120; $seed++) {
        $file = Sequence::make($seed);
        foreach ($file->plan->steps as $step) {
            $techniques[$step->technique] = true;
            foreach (get_object_vars($step) as $name => $value) {
                $fields[$name][json_encode($value)] = true;
            }
        }
        $fields['log'][count($file->log->entries)] = true;
    }

    expect(count($techniques))->toBe(count(Ulvrach\Stuff\Technique\TechniqueLibrary::all()))
        ->and(min(array_map(count(...), $fields)))->toBeGreaterThan(1);
});
