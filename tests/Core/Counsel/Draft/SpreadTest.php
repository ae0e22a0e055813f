<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Spread;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Technique\Stage;

/** A finished plan of the coast road for a kind of vehicle. */
$planned = static function (string $kind): Plan {
    [$facts, $told] = DraftKit::stories()['coast road'];

    return (new Drafter())->draft(DraftKit::plan($kind, 'sealed-steps', $facts), $told)->verdict->plan;
};
$ids = static fn (Plan $plan, string ...$techniques): array => array_values(array_map(
    static fn (Step $step) => $step->id,
    array_filter($plan->steps, static fn (Step $step) => in_array($step->technique, $techniques, true)),
));

it('puts a step on the zones most like its own, with its jar, beside its like', function () use (
    $planned,
    $ids,
) {
    $source = $planned('tank');
    $target = $planned('light-tank');
    $edits = Spread::onto($source, $ids($source, 'track-wash'), $target);
    $insert = $edits[count($edits) - 1];
    $after = $target;
    foreach ($edits as $edit) {
        $after = $edit->applyTo($after);
    }

    expect($insert)->toBeInstanceOf(InsertStep::class)
        ->and($insert->step->zones)->toBe(['tracks'])
        ->and($insert->step->id)->toBe('track-wash-2')
        ->and($after->productOf($insert->step))->not->toBeNull()
        ->and($insert->at)->toBe($target->indexOf('track-wash-1') + 1);
});

it('keeps the order of several, and lays none where there is no zone for it', function () use ($planned, $ids) {
    $source = $planned('tank');
    $bare = DraftKit::plan('lorry', 'sealed-steps', [])->with(steps: []);
    $edits = Spread::onto($source, $ids($source, 'filter', 'prime', 'track-wash', 'pin-wash'), $bare);
    $laid = array_values(array_filter($edits, static fn ($edit) => $edit instanceof InsertStep));
    $jars = array_filter($edits, static fn ($edit) => $edit instanceof PutProduct);

    expect(array_map(static fn (InsertStep $edit) => $edit->step->technique, $laid))
        ->toBe(['prime', 'pin-wash', 'filter'])
        ->and(array_map(static fn (InsertStep $edit) => $edit->at, $laid))->toBe([0, 1, 2])
        ->and(count($jars))->toBe(3)
        ->and(Spread::onto($source, $ids($source, 'track-wash'), $bare))->toBe([]);
});

it('puts nothing before what is finished', function () use ($planned, $ids) {
    $source = $planned('tank');
    $target = $planned('light-tank');
    $done = array_slice(array_column($target->steps, 'id'), 0, 25);
    $insert = Spread::onto($source, $ids($source, 'prime'), $target, $done);

    expect($insert[count($insert) - 1]->at)->toBe(25)
        ->and(Stage::parts()[0])->toBe('Ground');
});
