<?php

declare(strict_types=1);

use Tests\Core\Mixables;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Bought;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\Palette\MixedSheen;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Palette\Reserve;
use Ulvrach\Stuff\Palette\Warning;

beforeEach(function () {
    $this->green = Mixables::jar('green', '#3f5a37');
    $this->white = Mixables::jar('white', '#e8e6dd');
    $this->ochre = Mixables::jar('ochre', '#b58a3c');
    $this->clear = Mixables::jar('clear', null);
    $this->colour = static fn (Cup $cup): Lab => Palette::colourOf($cup->paint() ?? throw new LogicException('None.'));
});

it('is the same cup whether a mix is poured in or the jars that it is made of', function () {
    $faded = new KeptMix('', 'Faded', new Cup([[$this->green, 3], [$this->white, 1]], 0.5));
    $poured = new Cup([[$faded, 2], [$this->ochre, 1]]);
    $again = new Cup([[new KeptMix('', 'Warm', $poured), 3], [$this->white, 3]]);

    expect($poured->weights())->toEqualWithDelta(['green' => 1.5, 'white' => 0.5, 'ochre' => 1.0], 1e-12)
        ->and(array_sum($poured->weights()))->toEqualWithDelta($poured->whole(), 1e-12)
        ->and($again->weights())->toEqualWithDelta(['green' => 1.5, 'white' => 3.5, 'ochre' => 1.0], 1e-12)
        ->and(($this->colour)($poured)->differenceTo(
            ($this->colour)(new Cup([[$this->green, 3], [$this->white, 1], [$this->ochre, 2]])),
        ))->toBeLessThan(1e-9);
});

it('fills a mix into a jar that looks like it', function () {
    $cup = new Cup([[$this->green, 3], [$this->white, 1]]);
    $mix = new KeptMix('0b1f4a52-9d0c-4f6e-8a17-5f2f6e0a9c11', 'Faded', $cup);
    $jar = $mix->product();

    expect($jar->material->colour?->differenceTo(($this->colour)($mix->cup)))->toBeLessThan(0.5)
        ->and($jar->material->family)->toBe($this->green->material->family)
        ->and(KeptMix::idIn($jar->id))->toBe($mix->id)
        ->and(KeptMix::idIn('mix-1a2b3c4d'))->toBeNull()
        ->and(KeptMix::idIn('green'))->toBeNull()
        ->and(strlen($jar->id))->toBe(40);
});

it('spreads the pigment through more film where clear is mixed in, and leaves the colour', function () {
    $plain = new Cup([[$this->green, 2]]);
    $cut = new Cup([[$this->green, 2], [$this->clear, 2]]);

    expect(($this->colour)($cut)->differenceTo(($this->colour)($plain)))->toBeLessThan(1e-6)
        ->and(PaintMaker::hiding($cut->paint()))->toBeLessThan(PaintMaker::hiding($plain->paint()))
        ->and((new Cup([[$this->clear, 2]]))->paint())->toBeNull();
});

it('lays less paint the more is dropped in that dries away', function () {
    $cup = new Cup([[$this->green, 1]], 0.5);
    $more = new Cup([[$this->green, 1]], 0.5, retarder: 0.1, flow: 0.05);

    expect($cup->paintShare())->toEqualWithDelta(0.5, 1e-12)
        ->and($more->paintShare())->toEqualWithDelta(1.0 / 2.15, 1e-12);
});

it('dries between the sheens of its jars', function (array $by, Sheen $sheen) {
    expect(MixedSheen::of($by))->toBe($sheen);
})->with([
    'one alone' => [['gloss' => 3.0], Sheen::Gloss],
    'matte alone' => [['matte' => 1.0], Sheen::Matte],
    'satin alone' => [['satin' => 1.0], Sheen::Satin],
    'a drop of matte' => [['gloss' => 12.0, 'matte' => 1.0], Sheen::Gloss],
    'three to two' => [['gloss' => 3.0, 'matte' => 2.0], Sheen::Satin],
    'half and half' => [['gloss' => 1.0, 'matte' => 1.0], Sheen::Satin],
    'a drop of gloss' => [['gloss' => 1.0, 'matte' => 8.0], Sheen::Matte],
]);

it('gets duller with every part of matte', function () {
    $rank = [Sheen::Gloss->value => 0, Sheen::Satin->value => 1, Sheen::Matte->value => 2];
    $seen = array_map(
        static fn (int $matte) => $rank[MixedSheen::of(['gloss' => 10.0, 'matte' => (float) $matte])->value],
        range(0, 60),
    );
    $sorted = $seen;
    sort($sorted);

    expect($seen)->toBe($sorted)->and(array_unique($seen))->toHaveCount(3);
});

it('costs what its parts cost, and lasts until the first jar is empty', function () {
    $weights = ['green' => 3.0, 'white' => 1.0];
    $stocks = [
        'green' => new Stock(leftMl: 9.0, price: 3.4, holdsMl: 17.0),
        'white' => new Stock(leftMl: 2.0, price: 5.1, holdsMl: 17.0),
    ];
    $reserve = Reserve::of($weights, $stocks);

    expect($reserve->perMl)->toEqualWithDelta(0.225, 1e-9)
        ->and($reserve->lastsMl)->toEqualWithDelta(8.0, 1e-9)
        ->and($reserve->scarcest)->toBe('white')
        ->and(Reserve::of($weights, ['green' => $stocks['green']])->perMl)->toBeNull()
        ->and(Reserve::of($weights, ['green' => $stocks['green']])->lastsMl)->toEqualWithDelta(12.0, 1e-9)
        ->and(Reserve::of($weights, [])->lastsMl)->toBeNull();
});

it('compares a thin cup with the ready one of its colour', function () {
    $ready = Mixables::jar('wash', '#4c3f2e', BinderFamily::Enamel, sheen: null);
    $other = Mixables::jar('rust', '#8a4a20', BinderFamily::Enamel, sheen: null);
    $stocks = [
        'wash' => new Stock(price: 7.0, holdsMl: 35.0),
        'rust' => new Stock(price: 7.0, holdsMl: 35.0),
    ];
    $umber = Lab::fromHex('#4a3f30');
    $cup = fn (float $share) => new Cup([[$this->ochre, 1]], $share);

    expect(Bought::like($umber, $cup(0.1), [$other, $ready], $stocks))->toBe([$ready, 0.2])
        ->and(Bought::like($umber, $cup(0.6), [$other, $ready], $stocks))->toBeNull()
        ->and(Bought::like($umber, $cup(0.1), [$this->ochre, $ready], []))->toBeNull()
        ->and(Bought::like(Lab::fromHex('#3050c0'), $cup(0.1), [$other, $ready], $stocks))->toBeNull();
});

it('says what speaks against a cup', function (Closure $cup, array $says) {
    $warnings = Warning::of($cup->call($this));

    expect($warnings)->toHaveCount(count($says));
    foreach ($says as $place => $word) {
        expect($warnings[$place])->toContain($word);
    }
})->with([
    'nothing' => [fn () => new Cup([[$this->green, 1], [$this->clear, 1]], retarder: 0.1, flow: 0.05), []],
    'two binders' => [
        fn () => new Cup([[$this->green, 1], [Mixables::jar('e', '#222222', BinderFamily::Enamel), 1]]),
        ['curdle'],
    ],
    'much of all' => [
        fn () => new Cup([[$this->green, 1], [$this->clear, 2]], retarder: 0.2, flow: 0.1),
        ['retarder', 'flow', 'Mostly clear'],
    ],
    'clear alone' => [fn () => new Cup([[$this->clear, 2]]), []],
]);
