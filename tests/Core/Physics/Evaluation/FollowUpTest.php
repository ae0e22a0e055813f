<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Report\KnowledgeReport;
use Ulvrach\Stuff\Technique\Pace;

/** @return array<string, array{int, int|null}> action => opens and closes, in minutes from the end of the step */
function followUps(string $plan, int $index): array
{
    $walk = PlanKit::walk($plan);
    $end = $walk->times[$index]->end;
    $all = [];
    foreach (FollowUp::of($walk, $index) as $window) {
        $all[$window->action] = [$window->opens - $end, $window->closes === null ? null : $window->closes - $end];
    }

    return $all;
}

it('tells when the next coat and when solvents may follow', function () {
    expect(followUps("prime primer on hull\nspray-colour acrylic on hull", 1))->toBe([
        'The next coat' => [30, null],
        'Masks, solvents and rubbing' => [1440, null],
    ]);
});

it('tells by when a chipping film wants its colour, and when the chips are lifted', function () {
    $plan =
        "prime primer on hull\nspray-colour brown on hull\nchipping-fluid fluid on hull\nspray-colour acrylic on "
            ."hull\nlift-off on hull";
    expect(followUps($plan, 2))->toBe(['The colour that it shall lift' => [20, 1440]]);
    $walk = PlanKit::walk($plan);
    $lift = FollowUp::of($walk, 4)[0];
    expect($lift->opens - $walk->times[3]->end)
        ->toBe(20)
        ->and($lift->bestUntil - $walk->times[3]->end)
        ->toBe(120)
        ->and($lift->closes - $walk->times[3]->end)
        ->toBe(360);
});

it('counts the window of a clean-up from when it was applied', function () {
    $walk = PlanKit::walk(
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\nenamel-wash wash on hull, "
            .'clean spirit 30min',
    );
    $window = FollowUp::of($walk, 3)[0];
    // 10 min of cleaning 100 cm², 30 min after applying.
    expect($window->action)
        ->toStartWith('Clean it up')
        ->and($walk->times[3]->end - $window->soonest)
        ->toBe(25)
        ->and($walk->times[3]->end - $window->opens)
        ->toBe(20)
        ->and($window->closes - $window->soonest)
        ->toBe(1425);
});

it('takes a mask off within a day', function () {
    expect(followUps("prime primer on hull\nspray-colour acrylic on hull\nmask putty on hull", 2))->toBe([
        'Take the mask off' => [0, 1440],
    ]);
});

it('cuts a wash into rounds, and nothing that can wait', function () {
    $walk = PlanKit::walk(
        "prime primer on hull bed\nclear-coat gloss on hull bed\nenamel-wash wash on hull bed, clean spirit "
            ."30min\nclay-wash clay on hull, clean water 30min",
    );
    $rounds = KnowledgeReport::ofStep($walk, 2)['rounds'];

    expect($rounds['sections'])
        ->toBe([['Hull', 'Load bed']])
        ->and($rounds['order'])
        ->toHaveCount(4)
        ->and($rounds['finish'])
        ->toBeGreaterThan(20)
        ->and(KnowledgeReport::ofStep($walk, 3)['rounds'])
        ->toBeNull()
        ->and(KnowledgeReport::ofStep($walk, 0)['rounds'])
        ->toBeNull();
});

it(
    'cuts a wash by the pace of the hands: who cleans slowly gets smaller rounds, and never one too large',
    function () {
        $walk = PlanKit::walk(
            "prime primer on hull large\nclear-coat gloss on hull large\nenamel-wash wash on hull large, clean spirit "
                .'30min',
        );
        $usual = KnowledgeReport::ofStep($walk, 2)['rounds'];
        $slow = KnowledgeReport::ofStep($walk, 2, new Pace(1.0, 3.0))['rounds'];

        expect($slow['cleanCm2'])
            ->toEqualWithDelta($usual['cleanCm2'] / 3, 0.1)
            ->and($slow['applyCm2'])
            ->toBe($usual['applyCm2'])
            ->and($slow['largestCm2'])
            ->toBeLessThan($usual['largestCm2'])
            ->and(count(array_merge(...$slow['sections'])))
            ->toBeGreaterThan(count(array_merge(...$usual['sections'])));
    },
);
