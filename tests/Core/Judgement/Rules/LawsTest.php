<?php

declare(strict_types=1);

use Tests\Core\CaseFile;
use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\PlanRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\SchoolQuestion;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;

/**
 * @param  list<Finding>  $findings
 * @return list<string> "step code zone"
 */
function spotsOf(array $findings, string $codes, bool $stopsOnly = false): array
{
    $spots = [];
    foreach ($findings as $finding) {
        if (preg_match($codes, $finding->code) === 1 && (! $stopsOnly || $finding->severity === Severity::Stop)) {
            foreach ($finding->zones as $zone) {
                $spots[] = "{$finding->stepId} {$finding->code} {$zone}";
            }
        }
    }

    return $spots;
}

it('never adds a cure finding when a step waits longer', function (string $school, string $plan) {
    $before = PlanKit::evaluate($plan, $school);
    foreach ($before->plan->steps as $index => $step) {
        if ($step->waitMinutes === null) {
            continue;
        }
        $steps = $before->plan->steps;
        $steps[$index] = $step->with(waitMinutes: $step->waitMinutes + 600);
        $after = (new Evaluator())->evaluate(
            $before->plan->with(steps: array_values($steps)),
            $before->walk->log,
        );
        expect(
            array_diff(
                spotsOf($after->findings, '/^(too-early|mask-on-soft-paint)$/'),
                spotsOf($before->findings, '/^(too-early|mask-on-soft-paint)$/'),
            ),
        )->toBe([]);
    }
    expect($before->walk->times)->not->toBe([]);
})->with(CaseFile::all());

it('never adds a chemistry stop below a sound barrier', function (string $school, string $plan) {
    $before = PlanKit::evaluate($plan, $school);
    $chemistry = '/^(carrier-attacks-film|wakes-layer-below)$/';
    foreach ($before->findings as $finding) {
        if (preg_match($chemistry, $finding->code) !== 1 || $finding->severity !== Severity::Stop) {
            continue;
        }
        $barrier = (new Workbench($before))->clearCoatBefore($finding->stepId, Sheen::Gloss, $finding->zones);
        $sealed = $before->plan;
        foreach ($barrier->edits as $edit) {
            $sealed = $edit->applyTo($sealed);
        }
        $after = (new Evaluator())->evaluate($sealed, $before->walk->log);
        expect(
            array_diff(spotsOf($after->findings, $chemistry, true), spotsOf($before->findings, $chemistry, true)),
        )->each->toStartWith('clear-coat-');
    }
    expect($before->walk->times)->not->toBe([]);
})->with(CaseFile::where('carrier-attacks-film|wakes-layer-below'));

it('does not depend on the order of steps on independent zones', function () {
    $hull =
        "prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\nenamel-wash wash on hull, "
            ."clean spirit 30min\nfilter wash on hull, wait 3h";
    $one = PlanKit::evaluate(
        "{$hull}\nprime primer on bed\nspray-colour acrylic on bed\nrust-wash rustwash on bed, wait 2d, clean spirit "
            .'30min',
    );
    $other = (new Evaluator())->evaluate((new MoveStep('s6', 0))->applyTo($one->plan));
    $said = static fn ($evaluation) => array_map(
        static fn ($finding) => "{$finding->severity->value} {$finding->code} {$finding->stepId} ".
            implode(' ', $finding->zones),
        $evaluation->findings,
    );

    expect($said($other))->toEqualCanonicalizing($said($one));
});

it('judges zones alike however they are shared out', function () {
    $together = PlanKit::evaluate("prime primer on hull large\nspray-colour acrylic on hull large, wait 5min");
    $apart = PlanKit::evaluate(
        "also fenders\nprime primer on hull large\nspray-colour acrylic on hull large, wait 5min\nlook-over on fenders",
    );

    expect(PlanKit::say($together))->toBe(array_slice(PlanKit::say($apart), 0, 1));
});

it('says the same of a zone, whatever else shares what lies on it', function (string $school, string $plan) {
    $alone = PlanKit::evaluate($plan, $school);
    $companions = ['glass' => ZoneKind::Glass, 'track' => ZoneKind::Tracks, 'load' => ZoneKind::Stowage];
    $zones = $alone->plan->zones;
    foreach (array_keys($companions) as $place => $name) {
        foreach ($alone->plan->zones as $id => $zone) {
            // So small that it costs no time.
            $zones["{$name}-{$id}"] = $zone->with(
                id: "{$name}-{$id}",
                kind: $companions[$name],
                areaCm2: 1e-9,
                substrate: [Substrate::Vinyl, Substrate::CastResin, Substrate::EtchedBrass][$place],
                depicts: [DepictedMaterial::Glass, DepictedMaterial::Rubber, DepictedMaterial::Wood][$place],
            );
        }
    }
    $steps = array_map(
        static fn (Step $step) => $step->with(zones: array_merge(
            ...array_map(
                static fn (string $name) => array_map(static fn (string $id) => "{$name}-{$id}", $step->zones),
                array_keys($companions),
            ),
            // Last, so that whoever looked at the first zone for all would be found out.
            ...[$step->zones],
        )),
        $alone->plan->steps,
    );
    $together = (new Evaluator())->evaluate($alone->plan->with(zones: $zones, steps: $steps), $alone->walk->log);
    $own = static function (Verdict $verdict) use ($alone): array {
        $spots = [];
        foreach ($verdict->findings as $finding) {
            $rule = RuleBook::ofAll()->rules[$finding->code];
            // Those look at the zones of a plan together.
            if (! $rule instanceof PlanRule && ! $rule instanceof SeenRule) {
                foreach (array_intersect($finding->zones, array_keys($alone->plan->zones)) as $zone) {
                    $spots[] = "{$finding->severity->value} {$finding->stepId} {$finding->code} {$zone}";
                }
            }
        }

        return $spots;
    };

    expect($own($together))->toEqualCanonicalizing($own($alone));
})->with(CaseFile::all());

it('judges by a school, and no school changes a fact', function () {
    $plan =
        "prime primer on hull\nspray-colour acrylic on hull\nenamel-wash wash on hull, wait 2d, scrub white-spirit "
            .'30min';
    foreach (array_keys(School::all()) as $school) {
        expect(PlanKit::findings($plan, $school))->toContain('risk carrier-attacks-film 3 hull');
    }
    $own = School::of(
        new SchoolChoice(
            'sealed-steps',
            'Mine',
            ['clear-before-solvents' => 'never'],
            ['carrier-attacks-film' => null, 'wash-on-matte' => 'stop'],
        ),
    );
    expect($own->severities['wash-on-matte'])->toBe(Severity::Stop)->and($own->answers['dust'])->toBe('pigments');
    $evaluation = (new Evaluator())->evaluate(
        PlanKit::plan($plan)->with(
            school: new SchoolChoice(
                'sealed-steps',
                'Mine',
                [],
                ['carrier-attacks-film' => null, 'wash-on-matte' => null],
            ),
        ),
    );
    expect(PlanKit::say($evaluation))->toBe(['risk carrier-attacks-film 3 hull']);
});

it('answers every question in every school', function () {
    foreach (School::all() as $school) {
        foreach (SchoolQuestion::all() as $question) {
            expect($question->options)->toHaveKey($school->answers[$question->code]);
            foreach ($question->options as [, $severities]) {
                expect(array_diff(array_keys($severities), array_keys(RuleBook::ofAll()->rules)))->toBe(
                    [],
                );
            }
        }
    }
});
