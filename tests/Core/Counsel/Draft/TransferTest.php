<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Transfer;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;

/** A drafted plan of a vehicle of the coast road, which knows its story. */
function pattern(string $kind, string $school = 'sealed-steps'): Plan
{
    [$facts, $told] = DraftKit::stories()['coast road'];
    $plan = DraftKit::plan($kind, $school, $facts);
    $plan = $plan->with(build: $plan->build->told($told, $facts[1], $facts[0]));

    return (new Drafter())->draft($plan, $told)->verdict->plan;
}

it('takes a plan over to any other vehicle, soundly, each zone getting what its like got', function (string $from) {
    foreach (DraftKit::kinds() as $to) {
        $source = pattern($from);
        [$facts, $told] = DraftKit::stories()['coast road'];
        $target = DraftKit::plan($to, 'sealed-steps', $facts);
        $draft = (new Transfer())->onto($source, $target, $told);

        expect($draft->verdict->count(Severity::Stop))->toBe(0, "{$from} {$to}")
            ->and($draft->verdict->count(Severity::Risk))->toBe(0, "{$from} {$to}")
            ->and($draft->verdict->plan->zones)->toBe($target->zones);
        foreach ($draft->verdict->plan->steps as $step) {
            expect(array_diff($step->zones, array_keys($target->zones)))->toBe([]);
        }
    }
})->with(['light-tank', 'lorry', 'half-track']);

it('is the same plan on the same vehicle', function () {
    $source = pattern('tank');
    [$facts, $told] = DraftKit::stories()['coast road'];
    $draft = (new Transfer())->onto($source, DraftKit::plan('tank', 'sealed-steps', $facts), $told);

    expect(array_map(static fn (Step $step) => [$step->technique, $step->zones], $draft->verdict->plan->steps))
        ->toBe(array_map(static fn (Step $step) => [$step->technique, $step->zones], $source->steps))
        ->and($draft->left)->toBe([]);
});

it('exchanges the colours of the vehicle, and no others', function () {
    $source = pattern('tank');
    [$facts] = DraftKit::stories()['coast road'];
    $grey = new Story(Lab::fromHex('#6f7478'));
    $after = (new Transfer())->onto($source, DraftKit::plan('tank', 'sealed-steps', $facts), $grey)->verdict->plan;
    $near = static fn (Plan $plan, string $hex) => array_filter(
        $plan->products,
        static fn ($of) => $of->material->sheen !== null &&
            ($of->material->colour?->differenceTo(Lab::fromHex($hex)) ?? INF) < 4.0,
    );

    expect($near($after, '#566043'))->toBe([])
        ->and($near($after, '#6f7478'))->not->toBe([])
        ->and($near($after, '#3a2d27'))->toEqual($near($source, '#3a2d27'));
});

it('says which zones the other vehicle has no like of', function () {
    [$facts, $told] = DraftKit::stories()['coast road'];
    $draft = (new Transfer())->onto(pattern('wheeled-gun'), DraftKit::plan('lorry', 'sealed-steps', $facts), $told);

    expect($draft->left)->toContain('Glass: nothing on the other vehicle is like it.');
});
