<?php

declare(strict_types=1);

use Tests\Core\Mixables;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\HidingPower;
use Ulvrach\Stuff\Palette\Nearer;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Palette\Suggestion;

it('takes the one jar that has the colour before any mix that comes a trace nearer', function () {
    $best = (new Palette(Mixables::all()))->suggest(Lab::fromHex('#576142'))[0];

    expect($best->parts)->toBe(['olive' => 1])->and($best->difference)->toBeLessThan(1.0);
});

it('mixes within one family, and neither metal nor wash nor clear', function () {
    $suggestions = (new Palette(Mixables::all()))->suggest(Lab::fromHex('#7d7f5c'), count: 20);
    $used = array_unique(array_merge(...array_map(static fn ($one) => array_keys($one->parts), $suggestions)));
    foreach ($suggestions as $suggestion) {
        $isEnamel = array_map(static fn (string $id) => str_starts_with($id, 'enamel'), array_keys($suggestion->parts));
        expect(array_unique($isEnamel))->toHaveCount(1);
    }

    expect(array_intersect(['steel', 'clear', 'wash'], $used))->toBe([]);
});

it('gives answers of different jars each, of the families that are allowed', function () {
    $suggestions = (new Palette(Mixables::all()))->suggest(Lab::fromHex('#7d7f5c'), [BinderFamily::Enamel]);
    $sets = array_map(static fn ($one) => implode(' ', array_keys($one->parts)), $suggestions);

    expect($sets)->toEqualCanonicalizing(['enamel-olive enamel-buff', 'enamel-buff', 'enamel-olive'])
        ->and((new Palette(Mixables::all()))->suggest(Lab::fromHex('#7d7f5c'), [BinderFamily::Lacquer]))->toBe([]);
});

it('predicts a mix whatever its parts are counted in, and its coats from the ground to its own colour', function () {
    $palette = new Palette(Mixables::all());
    $paint = $palette->mixed(['olive' => 5, 'white' => 1]);
    $same = $palette->mixed(['white' => 0.4, 'olive' => 2, 'nobody' => 9, 'clear' => 3]);
    $own = Palette::colourOf($paint);
    $ground = Lab::fromHex('#4a3830');
    $away = array_map(
        static fn (float $coats) => $own->differenceTo(Palette::over($paint, $ground, $coats)),
        [0.25, 0.5, 1.0, 2.0, 6.0],
    );
    $sorted = $away;
    rsort($sorted);

    expect(Palette::colourOf($same)->differenceTo($own))->toBeLessThan(1e-6)
        ->and($own->l)->toBeGreaterThan(Lab::fromHex('#566043')->l)
        ->and($away)->toBe($sorted)
        ->and($away[4])->toBeLessThan(1.0)
        ->and(Palette::over($paint, $ground, 0.0)->differenceTo($ground))->toBeLessThan(0.01)
        ->and($palette->mixed(['clear' => 2]))->toBeNull();
});

it('knows how well a jar hides where nobody has said, and believes who has', function () {
    expect(HidingPower::of(Mixables::jar('a', '#566043')->material))->toBe(0.85)
        ->and(HidingPower::of(Mixables::jar('a', '#566043', opacity: 0.4)->material))->toBe(0.4)
        ->and(HidingPower::of(Mixables::jar('a', '#566043', sheen: null)->material))->toBeLessThan(0.3)
        ->and(HidingPower::of(Mixables::jar('a', '#566043', BinderFamily::DryPigment, sheen: null)->material))
        ->toBe(0.9);
});

it('says what to add to a cup, never more than it holds back, and nothing where it is right already', function () {
    $palette = new Palette(Mixables::all());
    [$olive, $white] = [Mixables::all()[4], Mixables::all()[0]];
    $cup = new Cup([[$olive, 4]]);
    $wanted = Palette::colourOf($palette->mixed(['olive' => 4, 'white' => 2]) ?? throw new LogicException('No paint.'));
    $nearer = Nearer::to($wanted, $cup, Mixables::all());

    expect($nearer[0]->parts)
        ->toBe(['white' => 2])
        ->and($nearer[0]->difference)
        ->toBeLessThan(0.01)
        ->and(Nearer::to($wanted, new Cup([[$olive, 4], [$white, 2]]), Mixables::all()))
        ->toBe([])
        ->and(Nearer::to($wanted, new Cup([[Mixables::all()[8], 1]]), Mixables::all()))
        ->toBe([]);
});

it('names the one jar more that would help most where the shelf does not reach a colour', function () {
    $shelf = array_filter(Mixables::all(), static fn (Product $jar) => in_array($jar->id, ['olive', 'white'], true));
    $palette = new Palette(array_values($shelf));
    $yellow = Lab::fromHex('#d9c25a');
    $before = $palette->suggest($yellow)[0]->difference;
    [$word, $with] = $palette->missing($yellow, $palette->suggest($yellow)) ?? throw new LogicException('It helps.');

    expect($word)->toBeIn(['bright yellow', 'ochre'])
        ->and($with->difference)->toBeLessThan($before - 5.0)
        ->and($with->parts)->toHaveKey('missing');
});

it('names none where what is there does already', function () {
    $palette = new Palette(Mixables::all());
    $olive = Lab::fromHex('#576144');

    expect($palette->missing($olive, $palette->suggest($olive)))->toBeNull();
});

it('takes an open jar before a closed one that comes a trace nearer', function () {
    $jars = [Mixables::jar('exact', '#566043'), Mixables::jar('near', '#566043')];
    $wanted = Lab::fromHex('#566043');

    expect(array_keys((new Palette($jars))->suggest($wanted)[0]->parts))->toBe(['exact'])
        ->and(array_keys((new Palette($jars, ['exact' => true]))->suggest($wanted)[0]->parts))->toBe(['near'])
        ->and(array_keys((new Palette($jars, ['exact' => true, 'near' => true]))->suggest($wanted)[0]->parts))
        ->toBe(['exact']);
});

it('gives one answer for two jars of one colour, and two where anybody sees a difference', function () {
    $jar = static fn (string $id, string $hex) => new Product($id, $id, new Material(
        BinderFamily::WaterborneAcrylic,
        Carrier::Water,
        Sheen::Matte,
        Lab::fromHex($hex),
    ));
    $answers = (new Palette([
        $jar('one', '#566043'),
        $jar('same', '#566043'),
        $jar('near', '#5a6446'),
    ]))->suggest(Lab::fromHex('#566043'), jars: 1);

    expect(array_map(static fn (Suggestion $one) => array_keys($one->parts), $answers))->toBe([['one'], ['near']]);
});
