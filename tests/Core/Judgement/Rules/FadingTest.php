<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Technique\Nature;

/** Codes whose gravity is a matter of time. */
const FADING = [
    'carrier-attacks-film',
    'wakes-layer-below',
    'hot-solvent-over-soft-film',
    'spirit-on-young-varnish',
    'too-early',
    'mask-on-soft-paint',
    'lift-off-window-missed',
    'no-longer-merges',
    'mask-left-on',
];

/** The gravest that is said of the last step: 0 nothing, 1 note, 2 risk, 3 stop. */
function gravity(string $plan, int $minutes): int
{
    $verdict = PlanKit::evaluate(str_replace('…', "{$minutes}min", $plan));
    $last = $verdict->plan->steps[count($verdict->plan->steps) - 1]->id;
    $worst = 0;
    foreach ($verdict->findings as $finding) {
        // A mask that nobody takes off is no matter of time here.
        $isLeftOn = $finding->code === 'mask-left-on' && $finding->severity === Severity::Stop;
        if ($finding->stepId === $last && in_array($finding->code, FADING, true) && ! $isLeftOn) {
            $worst = max($worst, 3 - $finding->severity->rank());
        }
    }

    return $worst;
}

$fading = [
    'paint on primer' => 'prime primer on hull / spray-colour acrylic on hull, wait …',
    'paint on paint' => 'prime primer on hull / spray-colour acrylic on hull / brush-colour brown on hull, wait …',
    'a clear coat on paint' => 'prime primer on hull / spray-colour acrylic on hull / '
        .'clear-coat gloss on hull, wait …',
    'lacquer on acrylic' => 'prime primer on hull / spray-colour acrylic on hull / '
        .'spray-colour lacquer on hull, wait …',
    'lacquer on lacquer' => 'prime primer on hull / spray-colour lacquer on hull / '
        .'spray-colour lacquer on hull, wait …',
    'a wash on varnish' => 'prime primer on hull / clear-coat gloss on hull / '
        .'enamel-wash wash on hull, wait …, clean spirit 30min',
    'white spirit on varnish' => 'prime primer on hull / clear-coat gloss on hull / '
        .'enamel-wash whitewash on hull, wait …, scrub white-spirit 30min',
    'a filter on a wash' => 'prime primer on hull / clear-coat satin on hull / pin-wash wash on hull / '
        .'filter filterbrown on hull, wait …',
    'enamel on enamel paint' => 'prime primer on hull / spray-colour enamel on hull / '
        .'enamel-wash wash on hull, wait …, clean spirit 30min',
    'a mask on paint' => 'prime primer on hull / spray-colour acrylic on hull / mask tape on hull, wait …',
    'chips lifted' => 'prime primer on hull / spray-colour brown on hull / chipping-fluid fluid on hull, wait 1d / '
        .'spray-colour acrylic on hull, wait 30min / lift-off on hull, wait …',
    'a mask taken off' => 'prime primer on hull / spray-colour brown on hull / mask tape on hull, wait 2d / '
        .'spray-colour acrylic on hull / unmask on hull, wait …',
    'a clear coat on decals' => 'prime primer on hull / clear-coat gloss on hull / decal decals on hull, wait 1d / '
        .'clear-coat gloss on hull, wait …',
    'acrylic wash on acrylic wash' => 'prime primer on hull / clear-coat satin on hull / acrylic-wash brown on hull, '
        .'wait 1d / acrylic-wash acrylic on hull, wait …',
];

it('fades: between a stop and nothing there is always a minute of doubt', function (string $plan) {
    $plan = str_replace(' / ', "\n", $plan);
    $between = static function (int $low, int $high) use ($plan, &$between): void {
        [$one, $other] = [gravity($plan, $low), gravity($plan, $high)];
        if (abs($one - $other) < 3) {
            return;
        }
        expect($high - $low)->toBeGreaterThan(1, "a stop turns into nothing between {$low} and {$high} min");
        $middle = intdiv($low + $high, 2);
        $between($low, $middle);
        $between($middle, $high);
    };
    $grid = [...range(0, 180, 10), ...range(240, 1800, 60), ...range(2160, 14400, 720)];
    foreach (array_slice($grid, 1) as $place => $minutes) {
        $between($grid[$place], $minutes);
    }
    $said = array_map(static fn (int $minutes) => gravity($plan, $minutes), $grid);
    expect(max($said))->toBeGreaterThan(0)->and(count(array_unique($said)))->toBeGreaterThan(1);
})->with($fading);

it('is never graver for a trial that was passed', function (string $school, string $plan) {
    $before = PlanKit::evaluate($plan, $school);
    foreach ($before->findings as $finding) {
        $trial = new Trial($finding->code, 'underside', 10, true);
        $log = new Log([
            ...$before->walk->log->entries,
            new Entry(
                id: '00000000-0000-4000-8000-000000000001',
                stepId: $finding->stepId,
                kind: EntryKind::Trial,
                at: 29_924_640,
                trial: $trial,
            ),
        ]);
        $after = (new Evaluator())->evaluate($before->plan, $log);
        foreach (Severity::cases() as $severity) {
            expect($after->count($severity))->toBeLessThanOrEqual($before->count($severity));
        }
    }
    expect($before->walk->times)->not->toBe([]);
})->with(array_filter(CaseFile::where('^(stop|risk)'), static fn (array $case) => ! str_contains($case[1], 'failed')));

it('waits for nothing that a step is worked into', function () {
    $merging = 0;
    foreach (CaseFile::all() as [$school, $plan]) {
        $walk = PlanKit::evaluate($plan, $school)->walk;
        foreach ($walk->situations as $index => $situation) {
            foreach ($walk->layers as $layer) {
                if (
                    $layer !== null &&
                    ! $situation->kind->is(Nature::CleanUp) &&
                    $situation->mergesInto($layer)
                ) {
                    $merging++;
                    expect($walk->times[$index]->waits)->not->toHaveKey($layer->stepIndex);
                }
            }
        }
    }
    expect($merging)->toBeGreaterThan(15);
});

it('never waits longer of itself than the safest edge of the tables asks', function (string $school, string $plan) {
    $walk = PlanKit::evaluate($plan, $school)->walk;
    foreach ($walk->plan->steps as $index => $step) {
        foreach ($step->waitMinutes === null ? $walk->times[$index]->waits : [] as $other => $wait) {
            $layer = $walk->layers[$other];
            if ($layer !== null) {
                $sure = $layer->reaches(CureState::SolventProof) ?? $layer->recoatableAt;
                expect($wait->minutes)->toBeLessThanOrEqual(max(20, $sure - $layer->laidAt));
            }
        }
    }
    expect($walk->times)->not->toBe([]);
})->with(CaseFile::all());
