<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Trial\Card;
use Ulvrach\Judgement\Trial\Tried;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Report\TrialReport;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Combination;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;

const TRIED = "prime primer on hull turret\nspray-colour acrylic on hull turret\nmask tape on hull, wait 1d\n".
    "unmask on hull\n".
    "spray-colour brown on turret\nenamel-wash wash on hull, wait 2d, scrub white-spirit 30min\nlook-over on hull";

it('reads what it wrote, of every liquid, contact, film and state', function () {
    $count = 0;
    foreach (Carrier::cases() as $carrier) {
        foreach (Contact::cases() as $contact) {
            foreach (BinderFamily::cases() as $film) {
                foreach (CureState::cases() as $state) {
                    foreach ([true, false] as $isClear) {
                        $one = new Combination($carrier, $contact, $film, $state, $isClear);
                        $count += Combination::parse($one->written()) == $one ? 1 : 0;
                    }
                }
            }
        }
    }
    $all = count(Carrier::cases()) * count(Contact::cases()) * count(BinderFamily::cases()) * 4 * 2;

    expect($count)
        ->toBe($all)
        ->and(Combination::parse('brake-cleaner wiped lacquer 3'))
        ->toBeNull()
        ->and(Combination::parse('water wiped lacquer'))
        ->toBeNull()
        ->and(Combination::parse('water wiped lacquer 9'))
        ->toBeNull();
});

it('never says of one case both that it holds and that it fails', function () {
    $cases = [];
    foreach (Contact::cases() as $contact) {
        foreach (CureState::cases() as $state) {
            $cases[] = new Combination(Carrier::WhiteSpirit, $contact, BinderFamily::Enamel, $state);
        }
    }
    foreach ($cases as $one) {
        foreach ($cases as $other) {
            // What held speaks of gentler work on older films; what failed, of the very opposite.
            expect($one->speaksOf($other, true))->toBe($other->speaksOf($one, false));
            if ($one->written() !== $other->written()) {
                expect($one->speaksOf($other, true) && $one->speaksOf($other, false))->toBeFalse();
            }
            foreach ($cases as $third) {
                if ($one->speaksOf($other, true) && $other->speaksOf($third, true)) {
                    expect($one->speaksOf($third, true))->toBeTrue();
                }
            }
        }
        $clear = new Combination($one->carrier, $one->contact, $one->film, $one->state, true);
        expect($one->speaksOf($one, true))->toBeTrue()->and($one->speaksOf($clear, true))->toBeFalse();
    }
});

it('says of older films what held and of younger ones what failed, of gentler work and of fiercer', function (
    string $tried,
    bool $held,
    string $case,
    bool $speaks,
) {
    $parsed = static fn (string $words) => Combination::parse("white-spirit {$words}");

    expect($parsed($tried)?->speaksOf($parsed($case), $held))->toBe($speaks);
})->with([
    'held young, asked old' => ['wiped enamel 2', true, 'wiped enamel 3', true],
    'held old, asked young' => ['wiped enamel 3', true, 'wiped enamel 2', false],
    'failed old, asked young' => ['wiped enamel 3', false, 'wiped enamel 2', true],
    'failed young, asked old' => ['wiped enamel 2', false, 'wiped enamel 3', false],
    'held scrubbed, asked wiped' => ['scrubbed enamel 3', true, 'wiped enamel 3', true],
    'held wiped, asked scrubbed' => ['wiped enamel 3', true, 'scrubbed enamel 3', false],
    'failed brushed, asked wiped' => ['brushed enamel 3', false, 'wiped enamel 3', true],
    'held flooded, asked scrubbed' => ['flooded enamel 3', true, 'scrubbed enamel 3', false],
    'held flooded, asked wiped' => ['flooded enamel 3', true, 'wiped enamel 3', false],
    'held flooded, asked brushed' => ['flooded enamel 3', true, 'brushed enamel 3', true],
    'another film' => ['wiped enamel 3', true, 'wiped lacquer 3', false],
]);

it('lays on a card what the step will meet, and nothing else', function () {
    $walk = PlanKit::walk(TRIED);
    $card = Card::of($walk, 5, 'hull', 'Wash on olive');
    $films = static fn ($walk, int $index, string $zone) => array_map(
        static fn (Layer $film) => $film->film->value.' '.$film->stateAt($walk->times[$index]->start)->value,
        Tried::films($walk, $index, $zone),
    );
    $onCard = (new Evaluator())->evaluate($card)->walk;

    expect(array_column($card->steps, 'technique'))
        ->toBe(['prime', 'spray-colour', 'enamel-wash'])
        ->and(array_keys($card->zones))
        ->toBe(['one'])
        ->and(array_keys($card->products))
        ->toBe(['primer', 'acrylic', 'wash'])
        ->and(Card::isOne($card))
        ->toBeTrue()
        ->and($films($onCard, 2, 'one'))
        ->toBe($films($walk, 5, 'hull'))
        ->and($films($onCard, 2, 'one'))
        ->not->toBe([]);
});

it('holds nothing back on a card, whatever the tables say of it', function () {
    $walk = PlanKit::walk("prime primer on hull\nspray-colour acrylic on hull\n".
        'enamel-wash wash on hull, wait 30min, scrub acetone 30min');
    $card = Card::of($walk, 2, 'hull', 'To the plastic');

    expect((new Evaluator())->evaluate($walk->plan)->count(Severity::Stop))
        ->toBeGreaterThan(0)
        ->and((new Evaluator())->evaluate($card)->count(Severity::Stop))
        ->toBe(0)
        ->and((new Evaluator())->evaluate($card)->count(Severity::Risk))
        ->toBeGreaterThan(0);
});

it('puts a field beside another: shared where it is still to do, and once more where it is done', function () {
    $card = Card::of(PlanKit::walk(TRIED), 5, 'hull', 'Wash on olive');
    $done = new Log([PlanKit::entry($card->steps[0]->id, EntryKind::Finished, 29_900_000, $card)]);
    $say = static fn ($plan) => array_map(
        static fn ($step) => "{$step->technique} ".implode(' ', $step->zones),
        $plan->steps,
    );
    $fresh = EditCodec::apply(Card::beside($card, 'one', 'With less', new Log()), $card);
    $later = EditCodec::apply(Card::beside($card, 'one', 'With less', $done), $card);
    $third = EditCodec::apply(Card::beside($fresh, 'field', 'Third', new Log()), $fresh);

    expect($say($fresh))
        ->toBe(['prime one field', 'spray-colour one field', 'enamel-wash one', 'enamel-wash field'])
        ->and($say($later))
        ->toBe(['prime one', 'prime field', 'spray-colour one field', 'enamel-wash one', 'enamel-wash field'])
        ->and($fresh->zones['field']->name)
        ->toBe('With less')
        ->and(array_keys($third->zones))
        ->toBe(['one', 'field', 'field-1'])
        ->and(Card::lastOn($fresh, 'field'))
        ->toBe(3)
        ->and(Card::lastOn(PlanKit::plan(TRIED), 'hull'))
        ->toBe(5);
});

it('writes down which liquids met which films, and of a failure only what came off', function () {
    $verdict = (new Evaluator())->evaluate(Card::of(PlanKit::walk(TRIED), 5, 'hull', 'Wash on olive'));
    $by = static fn (Trial $trial) => array_map(
        static fn (Combination $one) => $one->written(),
        Tried::by($trial, $verdict, 2),
    );
    $held = $by(new Trial(null, 'spoon', 20, true, zone: 'one'));
    $failed = $by(new Trial(null, 'spoon', 3, false, zone: 'one'));

    expect($held)
        ->toContain('white-spirit scrubbed waterborne-acrylic 3')
        ->and($failed)
        ->toBe($held)
        ->and($by(new Trial(null, 'spoon', 20, true, zone: 'elsewhere')))
        ->toBe([])
        ->and($by(new Trial('carrier-attacks-film', 'spoon', 20, true)))
        ->toBe(['white-spirit scrubbed waterborne-acrylic 3'])
        ->and($by(new Trial('dust-under-varnish', 'spoon', 20, true)))
        ->toBe([]);
});

it('names the film that came off where several lie open', function () {
    $verdict = PlanKit::evaluate("prime primer on hull\nspray-colour acrylic on hull\nclear-coat gloss on hull\n".
        "enamel-wash wash on hull, wait 2d, clean spirit 30min\nfilter filterbrown on hull, wait 3d");
    $films = array_map(static fn (Layer $film) => $film->stepId, Tried::films($verdict->walk, 4, 'hull'));
    $off = static fn (?string $step) => array_unique(array_map(
        static fn (Combination $one) => $one->film->value.($one->isClear ? ' clear' : ''),
        Tried::by(new Trial(null, 'spoon', 3, false, zone: 'hull', moved: $step), $verdict, 4),
    ));

    expect($films)
        ->toBe(['s4', 's3'])
        ->and($off(null))
        ->toBe(['enamel'])
        ->and($off('s3'))
        ->toBe(['waterborne-acrylic clear']);
});

it('knows on one build what was tried on another, the last word last', function () {
    $plan = PlanKit::plan(TRIED);
    $case = Combination::parse('white-spirit scrubbed waterborne-acrylic 3');
    $trial = static fn (bool $passed) => new Trial(null, 'spoon', 20, $passed, [$case], card: 'the-card');
    $open = static fn (array $trials) => array_values(array_filter(
        (new Evaluator())->evaluate($plan, new Log([], $trials))->findings,
        static fn ($finding) => $finding->code === 'carrier-attacks-film',
    ))[0];

    expect($open([])->isOpen())
        ->toBeTrue()
        ->and($open([$trial(false), $trial(true)])->accepted?->trial?->card)
        ->toBe('the-card')
        ->and($open([$trial(true), $trial(false)])->isOpen())
        ->toBeTrue();
});

it('tells of a card field by field, with what came of it', function () {
    $card = Card::of(PlanKit::walk(TRIED), 5, 'hull', 'Wash on olive');
    $result = new Entry(
        id: '00000000-0000-4000-8000-000000000001',
        kind: EntryKind::Trial,
        at: 29_924_640,
        stepId: $card->steps[2]->id,
        text: 'A faint bloom.',
        trial: new Trial(null, 'spoon', 20, true, [], 'one'),
    );
    $told = TrialReport::card('id', 3, (new Evaluator())->evaluate($card, new Log([$result]))->walk);
    $field = $told['fields'][0];

    expect(array_column($field['layers'], 'jar'))
        ->toBe([$card->products['primer']->name, $card->products['acrylic']->name])
        ->and($field['layers'][0]['after'])
        ->toBeNull()
        ->and($field['tried']['after'])
        ->toBe(2880)
        ->and($field['tried']['liquids'])
        ->toContain('white spirit, scrubbed')
        ->and($field['tried']['films'][0]['says'])
        ->toBe('solvent-proof waterborne acrylic')
        ->and($field['results'][0]['text'])
        ->toBe('A faint bloom.')
        ->and($field['results'][0]['rubs'])
        ->toBe(20);
});
