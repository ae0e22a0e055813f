<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Tests\Thorough;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Rescue\Mishaps;
use Ulvrach\Counsel\Rescue\Rescue;
use Ulvrach\Counsel\Rescue\Rescuer;
use Ulvrach\Counsel\Rescue\WayKind;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Harm;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

$drafted = static function (string $story, string $school): Verdict {
    static $known = [];
    [$facts, $told] = DraftKit::stories()[$story];

    return $known["{$story}/{$school}"] ??= (new Drafter())
        ->draft(DraftKit::plan('tank', $school, $facts), $told)
        ->verdict;
};
/** Just after the first step of a technique, so many minutes later: its index, a zone of it, the minute. */
$after = static function (Verdict $verdict, string $technique, int $minutes): array {
    foreach ($verdict->plan->steps as $index => $step) {
        if ($step->technique === $technique) {
            $laid = $verdict->walk->layers[$index]->laidAt ?? $verdict->walk->times[$index]->end;

            return [$index, $step->zones[0], $laid + $minutes];
        }
    }
    throw new LogicException("There is no {$technique}.");
};
$liquids = static fn (array $ways): array => array_values(array_filter(array_map(
    static fn (Rescue $way) => $way->liquid?->value,
    $ways,
)));

it('knows thirty mishaps and more, each with ways whose techniques exist, the gentle before the lasting', function () {
    $order = array_flip(array_column(WayKind::cases(), 'value'));
    foreach (Mishaps::all() as $code => $mishap) {
        $steps = array_filter($mishap->ways, static fn ($way) => $way->technique !== null);
        $lasting = array_map(static fn ($way) => $order[$way->kind->value], $steps);
        foreach ($steps as $way) {
            expect(TechniqueLibrary::has((string) $way->technique))->toBeTrue("{$code}: {$way->technique}");
        }
        $sorted = $lasting;
        sort($sorted);
        expect(array_values($lasting))->toBe($sorted, $code)->and(count($mishap->ways))->toBeGreaterThan(1, $code);
    }
    expect(count(Mishaps::all()))->toBeGreaterThanOrEqual(30);
});

it('never advises a liquid that takes what lies below along, nor a step that ruins the plan', function (
    string $school,
) use ($drafted) {
    $rescuer = new Rescuer();
    $evaluator = new Evaluator();
    $told = 0;
    $moments = [0, 60, 2880];
    foreach (['coast road', 'snow'] as $story) {
        $verdict = $drafted($story, $school);
        // Every few steps, at its end, an hour and two days later.
        foreach (range(3, count($verdict->plan->steps) - 1, 7) as $at) {
            $zone = $verdict->plan->steps[$at]->zones[0];
            // In short, one of these moments for each step.
            foreach (Thorough::isAsked() ? $moments : [$moments[$at % 3]] as $later) {
                $minute = $verdict->walk->times[$at]->end + $later;
                foreach (Mishaps::all() as $code => $mishap) {
                    foreach ($rescuer->ways($verdict, $at, $zone, $minute, $mishap) as $way) {
                        $told++;
                        if ($way->liquid !== null) {
                            $strata = $verdict->walk->after($at, $zone);
                            $open = $strata->exposed();
                            $film = array_values(array_filter(
                                $open,
                                static fn (Layer $one) => $mishap->about === [] ||
                                    $one->kind->isAny(...$mishap->about),
                            ))[0];
                            $power = static fn (Layer $one) => AttackTable::afterContact(
                                AttackTable::onFilm($one->behavesAs, $way->liquid, $one->stateAt($minute)) ?? 0,
                                $way->way->contact,
                                $one->stateAt($minute),
                            );
                            expect($power($film))->toBeGreaterThanOrEqual(AttackTable::MOVES, "{$code} {$at}");
                            [$below] = $strata->reachFrom((int) array_search($film, $strata->layers, true) - 1);
                            foreach ($below as $layer) {
                                expect($power($layer))->toBeLessThan($power($film), "{$code} {$at} {$way->way->says}");
                            }
                        }
                        if ($way->edits !== [] && $later === 60) {
                            $plan = $verdict->plan;
                            foreach ($way->edits as $edit) {
                                $plan = $edit->applyTo($plan);
                            }
                            $stops = $evaluator->evaluate($plan)->count(Severity::Stop);
                            expect($stops)->toBe($verdict->count(Severity::Stop), "{$code} {$at}");
                        }
                    }
                }
            }
        }
    }
    expect($told)->toBeGreaterThan(500);
})->with(['sealed-steps', 'bare-matte', 'clean-air']);

it('wipes a fresh wash with the mildest spirit, and says until when', function () use ($drafted, $after, $liquids) {
    $verdict = $drafted('coast road', 'sealed-steps');
    [$at, $zone, $minute] = $after($verdict, 'pin-wash', 30);
    $ways = (new Rescuer())->ways($verdict, $at, $zone, $minute, Mishaps::all()['wash-too-strong']);

    expect($liquids($ways)[0])->toBe(Carrier::OdourlessSpirit->value)
        ->and($ways[0]->until)->toBeGreaterThan($minute)
        ->and($ways[0]->way->kind)->toBe(WayKind::Liquid);
});

it('offers for all of a sitting what each of its zones bears, and not what only one does', function (
    string $code,
    string $technique,
    int $minutes,
) use ($drafted, $after) {
    $verdict = $drafted('coast road', 'bare-matte');
    [$at, , $minute] = $after($verdict, $technique, $minutes);
    $zones = Sittings::zonesUpTo($verdict->walk, $at);
    $rescuer = new Rescuer();
    $on = static fn (array $zones): array => $rescuer->waysOn($verdict, $at, $zones, $minute, Mishaps::all()[$code]);
    $sentences = static fn (array $ways): array => array_map(static fn (Rescue $way) => $way->way->says, $ways);
    $all = $on($zones);
    $each = array_map(static fn (string $zone) => $on([$zone]), $zones);

    expect(count($zones))->toBeGreaterThan(1)->and($all)->not->toBe([]);
    foreach ($all as $way) {
        foreach ($each as $there) {
            $same = array_search($way->way->says, $sentences($there), true);
            expect($same)->not->toBeFalse();
            // The last to open and the first to close are told; a step goes on all zones at once.
            expect($there[$same]->opens ?? 0)->toBeLessThanOrEqual($way->opens ?? 0);
            expect($there[$same]->until ?? PHP_INT_MAX)->toBeGreaterThanOrEqual($way->until ?? PHP_INT_MAX);
        }
        $insert = array_values(array_filter($way->edits, static fn ($edit) => $edit instanceof InsertStep))[0] ?? null;
        expect($insert === null ? [] : array_diff($zones, $insert->step->zones))->toBe([]);
    }
})->with([
    ['wash-too-strong', 'pin-wash', 30],
    ['wash-too-strong', 'pin-wash', 3000],
    ['hair-in-coat', 'spray-colour', 0],
    ['hair-in-coat', 'spray-colour', 240],
]);

it('takes the graver cost and the shorter time where zones differ', function () {
    $way = Mishaps::all()['wash-too-strong']->ways[0];
    $mild = new Rescue($way, until: 50, opens: 10, gone: null);
    $grave = new Rescue($way, until: 70, cost: 'It may mark step 2.', opens: null, gone: 90, harm: Harm::MayFail);

    foreach ([$mild->and($grave), $grave->and($mild)] as $both) {
        expect([$both->until, $both->opens, $both->gone, $both->cost])->toBe([50, 10, 90, 'It may mark step 2.']);
    }
});

it('offers no spirit for what no spirit moves, and no wet way for what is dry', function () use (
    $drafted,
    $after,
    $liquids,
) {
    $verdict = $drafted('coast road', 'sealed-steps');
    [$at, $zone, $minute] = $after($verdict, 'clear-coat', 0);
    $ways = static fn (string $code, int $later) => (new Rescuer())
        ->ways($verdict, $at, $zone, $minute + $later, Mishaps::all()[$code]);
    $kinds = static fn (array $ways) => array_map(static fn (Rescue $way) => $way->way->kind, $ways);

    $isOpen = static fn (Rescue $way): bool => $way->opens === null;
    $open = static fn (array $ways) => array_values(array_filter($ways, $isOpen));

    // A hair is lifted out while it is wet, and sanded once it is through: in between one is told when.
    expect($kinds($open($ways('hair-in-coat', 0))))->toBe([WayKind::Dry])
        ->and($open($ways('hair-in-coat', 240)))->toBe([])
        ->and($ways('hair-in-coat', 240)[0]->opens)->toBeGreaterThan($minute + 240)
        ->and($kinds($ways('hair-in-coat', 30_000)))->toBe([WayKind::Dry])
        ->and($ways('hair-in-coat', 0)[0]->way->says)->not->toBe($ways('hair-in-coat', 30_000)[0]->way->says)
        // Under a clear coat no liquid reaches the paint.
        ->and($liquids($ways('wrong-colour', 30_000)))->toBe([]);
});

it('adds a step after what is there, with the paint that lies there', function () use ($drafted, $after) {
    $verdict = $drafted('coast road', 'one-satin');
    [$at, $zone, $minute] = $after($verdict, 'spray-colour', 600);
    $ways = (new Rescuer())->ways($verdict, $at, $zone, $minute, Mishaps::all()['rubbed-to-plastic']);
    $mend = array_values(array_filter($ways, static fn (Rescue $way) => $way->way->withPaint))[0];
    $plan = $verdict->plan;
    foreach ($mend->edits as $edit) {
        $plan = $edit->applyTo($plan);
    }
    $step = $plan->steps[$at + 1];

    expect($step)->toBeInstanceOf(Step::class)
        ->and($step->zones)->toBe([$zone])
        ->and($step->product)->toBe($verdict->plan->steps[$at]->product)
        ->and($step->note)->toBe($mend->way->says);
});

it('says what to do at once only at once, and what comes later last and with its hour', function () use (
    $drafted,
    $after,
) {
    $verdict = $drafted('coast road', 'sealed-steps');
    foreach (Mishaps::all() as $code => $mishap) {
        foreach (['clear-coat', 'pin-wash', 'spray-colour'] as $technique) {
            foreach ([0, 45, 300, 3000, 20_000] as $later) {
                [$at, $zone, $minute] = $after($verdict, $technique, $later);
                $isLater = false;
                foreach ((new Rescuer())->ways($verdict, $at, $zone, $minute, $mishap) as $way) {
                    expect($way->gone ?? PHP_INT_MAX)->toBeGreaterThan($minute, "{$code} {$way->way->says}")
                        ->and($way->opens ?? $minute + 1)->toBeGreaterThan($minute)
                        ->and($isLater && $way->opens === null)->toBeFalse();
                    $isLater = $way->opens !== null;
                    if ($way->way->within !== null) {
                        $laid = $minute - $later;
                        expect($minute)->toBeLessThan($laid + $way->way->within + 1, "{$code} {$way->way->says}");
                    }
                }
            }
        }
    }
    [$at, $zone, $minute] = $after($verdict, 'spray-colour', 7200);
    $spilled = (new Rescuer())->ways($verdict, $at, $zone, $minute, Mishaps::all()['thinner-spilled']);
    expect(array_filter($spilled, static fn (Rescue $way) => $way->way->kind === WayKind::Leave))->toBe([]);
});
