<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Moment;
use Ulvrach\Report\CardReport;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A finished plan, and what was done of it: step => minutes after the first moment. */
$walked = static function (array $done = [], ?Plan $plan = null): Walk {
    [$facts, $told] = DraftKit::stories()['coast road'];
    $plan ??= (new Drafter())->draft(DraftKit::plan('tank', 'sealed-steps', $facts), $told)->verdict->plan;
    $entries = [];
    foreach ($done as $step => $minutes) {
        $at = Moment::read('2026-11-20T10:00:00Z') + $minutes;
        $entries[] = new Entry("e-{$step}", EntryKind::Finished, $at, $step);
    }

    return (new Walker())->walk($plan, new Log($entries));
};
$card = static fn (Walk $walk, string $step): array => CardReport::ofStep(
    $walk,
    $walk->plan->indexOf($step) ?? throw new LogicException($step),
    29_000_000,
    Forecast::asPlanned(),
);

it('has every step of every plan on a card that is whole in itself', function () use ($walked) {
    $walk = $walked();
    foreach ($walk->plan->steps as $index => $step) {
        $card = CardReport::ofStep($walk, $index, 29_000_000, Forecast::asPlanned());
        $product = $walk->plan->productOf($step);

        expect($card['number'])->toBe($index + 1)
            ->and($card['where'])->toHaveCount(count($step->zones))
            ->and($card['jar']['name'] ?? null)->toBe($product?->name)
            ->and($card['signs'])->not->toBe([])
            ->and(count($card['cleanUp']))->toBe(count($step->cleanUp));
        foreach ($card['after']['windows'] as $window) {
            expect($window['opens'])->toBeGreaterThanOrEqual(0)
                ->and($window['closes'] ?? PHP_INT_MAX)->toBeGreaterThanOrEqual($window['opens']);
        }
    }
});

it('says how an airbrush is set for the work, and wants an airbrush at hand and not its pressure', function () use (
    $walked,
    $card,
) {
    $prime = $card($walked(), 'prime-1');

    expect(implode(' ', $prime['how']))->toContain('bar')
        ->and($prime['tools'])->toContain('airbrush')
        ->and(array_filter($prime['tools'], static fn (string $tool) => str_contains($tool, ' bar')))->toBe([]);
});

it('starts the same clock whether the card or the log says when it was done', function () use ($walked, $card) {
    $plan = $walked()->plan;
    $washes = array_values(array_filter($plan->steps, static fn (Step $step) => $step->technique === 'pin-wash'));
    $wash = $washes[0]->id;
    // All that comes before it was done long ago.
    $done = [];
    foreach (array_slice($plan->steps, 0, $plan->indexOf($wash)) as $place => $step) {
        $done[$step->id] = 3000 * $place;
    }
    $last = max($done) + 3000;
    ['after' => $after, 'cleaning' => $cleaning] = $card($walked($done, $plan), $wash);
    $walk = $walked([...$done, $wash => $last], $plan);
    $doneAt = Moment::read('2026-11-20T10:00:00Z') + $last;
    $clock = array_column(CardReport::clocks($walk, $doneAt, Forecast::asPlanned()), null, 'step')[$wash];
    // Done is when it has been cleaned; its film is older by that.
    $laid = $walk->clockZero + $walk->layers[$plan->indexOf($wash)]->laidAt;

    expect($cleaning)->toHaveCount(1)
        ->and($after['windows'])->not->toBe([])
        ->and(array_map(static fn (array $one) => Moment::read($one['opensAt']) - $laid, $clock['windows']))
        ->toBe(array_column($after['windows'], 'opens'))
        ->and(Moment::read($clock['cures']['recoatable']) - $laid)->toBe($after['cures']['recoatable'])
        ->and($doneAt - $laid)->toBe($after['cleanedAfter'])
        ->and(Moment::read($clock['doneAt']))->toBe($laid)
        ->and($clock['sign'])->toBe(TechniqueLibrary::get('pin-wash')->cleanUp?->sign)
        // Nobody looks at it a month later.
        ->and(array_column(CardReport::clocks($walk, $doneAt + 43_200, Forecast::asPlanned()), 'step'))
        ->not->toContain($wash);
});

it('counts until when a wash can be cleaned from its last stroke, and no longer once it is done', function () use (
    $walked,
    $card,
) {
    $plan = $walked()->plan;
    $wash = array_values(array_filter($plan->steps, static fn (Step $step) => $step->cleanUp !== []))[0]->id;
    $at = Moment::read('2026-11-20T10:00:00Z');
    $laid = new Entry('l', EntryKind::Laid, $at, $wash);
    $wet = (new Walker())->walk($plan, new Log([$laid]));
    $dry = (new Walker())->walk($plan, new Log([$laid, new Entry('f', EntryKind::Finished, $at + 60, $wash)]));
    $clocks = CardReport::clocks($wet, $at + 5, Forecast::asPlanned());
    [$window] = $card($wet, $wash)['cleaning'];

    expect($clocks)->toHaveCount(1)
        ->and(Moment::read($clocks[0]['windows'][0]['opensAt']))->toBe($at + $window['opens'])
        ->and(Moment::read($clocks[0]['windows'][0]['closesAt']))->toBe($at + $window['closes'])
        ->and($card($wet, $wash)['laidAt'])->toBe('2026-11-20T10:00:00Z')
        ->and($card($dry, $wash)['laidAt'])->toBeNull();
    foreach (CardReport::clocks($dry, $at + 65, Forecast::asPlanned()) as $clock) {
        expect(array_column($clock['windows'], 'kind'))->not->toContain('clean-up');
    }
});

it('knows when a step was begun', function () use ($walked, $card) {
    $plan = $walked()->plan;
    $log = new Log([new Entry('b', EntryKind::Begun, Moment::read('2026-11-20T10:00:00Z'), 'prime-1')]);

    expect($card((new Walker())->walk($plan, $log), 'prime-1')['begunAt'])->toBe('2026-11-20T10:00:00Z')
        ->and($card($walked([], $plan), 'prime-1')['begunAt'])->toBeNull();
});
