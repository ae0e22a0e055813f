<?php

declare(strict_types=1);

use Ulvrach\Physics\Evaluation\WorkingTime;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\CureTable;

it('says for how long hairspray can be worked, sooner over in warm dry air', function () {
    $usual = WorkingTime::of('hairspray', Air::at(20.0, 50.0));
    $summer = WorkingTime::of('hairspray', Air::at(28.0, 30.0));

    expect(array_map(static fn (WorkingTime $time) => [$time->what, $time->from, $time->best, $time->until], $usual))
        ->toBe([
            ['covered with the colour', 0, null, 1440],
            ['chips lifted, from its colour on', 15, 240, 600],
        ])
        ->and($summer[1]->until)
        ->toBeLessThan(600)
        ->toBeGreaterThan(60);
});

it('keeps its edges in order for every row, and names rows that there are', function () {
    $known = array_map(static fn ($row) => $row->name, CureTable::rows());
    $worked = 0;
    foreach ($known as $row) {
        foreach (WorkingTime::of($row, Air::at(20.0, 50.0)) as $time) {
            $worked++;
            expect($time->best ?? $time->from)
                ->toBeGreaterThanOrEqual($time->from)
                ->and($time->until ?? PHP_INT_MAX)
                ->toBeGreaterThanOrEqual($time->best ?? $time->from);
        }
    }

    expect($worked)->toBeGreaterThan(15)->and(WorkingTime::of('no such row', Air::at(20.0, 50.0)))->toBe([]);
});

it('says what a film has that never gets solvent-proof', function () {
    foreach (CureTable::rows() as $row) {
        expect(WorkingTime::instead($row->name) !== null)->toBe($row->solventProof === null);
    }
});
