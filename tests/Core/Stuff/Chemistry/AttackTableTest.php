<?php

declare(strict_types=1);

use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Substrate;

it('reads the table as a modeller does', function (
    BinderFamily $film,
    Carrier $carrier,
    CureState $state,
    ?int $level,
) {
    expect(AttackTable::onFilm($film, $carrier, $state))->toBe($level);
})->with([
    'water stains a fresh acrylic' => [BinderFamily::WaterborneAcrylic, Carrier::Water, CureState::TouchDry, 2],
    'and leaves a cured one alone' => [BinderFamily::WaterborneAcrylic, Carrier::Water, CureState::SolventProof, 0],
    'alcohol dissolves its own paint for ever' => [
        BinderFamily::AlcoholAcrylic,
        Carrier::AlcoholBlend,
        CureState::SolventProof,
        3,
    ],
    'a recoatable film stands one level better than a young one' => [
        BinderFamily::Enamel,
        Carrier::OdourlessSpirit,
        CureState::Recoatable,
        2,
    ],
    'but never better than a hardened one' => [BinderFamily::Enamel, Carrier::WhiteSpirit, CureState::Recoatable, 2],
    'a hot thinner gives no credit for a skin' => [
        BinderFamily::WaterborneAcrylic,
        Carrier::LacquerThinner,
        CureState::Recoatable,
        3,
    ],
    'acetone dissolves what lacquer thinner moves' => [
        BinderFamily::WaterborneAcrylic,
        Carrier::Acetone,
        CureState::SolventProof,
        3,
    ],
    'where lacquer thinner does little, acetone is untested' => [
        BinderFamily::ClayWash,
        Carrier::Acetone,
        CureState::TouchDry,
        null,
    ],
    'no water harms pencil' => [
        BinderFamily::MetalPencil,
        Carrier::Water,
        CureState::TouchDry,
        0,
    ],
    'mud counts as the weaker of its two media' => [
        BinderFamily::MudPaste,
        Carrier::OdourlessSpirit,
        CureState::TouchDry,
        3,
    ],
]);

it('holds an older film never worse than a younger one', function (BinderFamily $film, Carrier $carrier) {
    $levels = array_map(
        static fn (CureState $state) => AttackTable::onFilm($film, $carrier, $state),
        CureState::cases(),
    );
    $known = array_values(array_filter($levels, is_int(...)));
    $sorted = $known;
    rsort($sorted);

    expect($known)->toBe($sorted);
})
    ->with(BinderFamily::cases())
    ->with(Carrier::cases());

it('weighs how the liquid gets there', function (
    int $level,
    Contact $contact,
    int $effect,
    CureState $state = CureState::Recoatable,
) {
    expect(AttackTable::afterContact($level, $contact, $state))->toBe($effect);
})->with([
    'a dab hardly wets' => [3, Contact::Dab, 1],
    'a mist hardly dwells' => [2, Contact::Mist, 1],
    'a sprayed coat bites a young film' => [2, Contact::Coat, 2],
    'and flashes off a hard one' => [2, Contact::Coat, 1, CureState::SolventProof],
    'a brush lays it on' => [2, Contact::Brush, 2],
    'a flood dwells' => [2, Contact::Flood, 3],
    'a scrub rubs off what has softened' => [2, Contact::Scrub, 3],
    'rubbing harms nothing that the liquid leaves alone' => [0, Contact::Scrub, 0],
    'nothing is worse than dissolved' => [3, Contact::Scrub, 3],
]);

it('knows what gets through to the bare part', function (Substrate $part, Carrier $carrier, ?int $level) {
    expect(AttackTable::onBarePart($part, $carrier))->toBe($level);
})->with([
    'white spirit loosens stressed joints' => [Substrate::Polystyrene, Carrier::WhiteSpirit, 1],
    'lacquer thinner etches when flooded' => [Substrate::Polystyrene, Carrier::LacquerThinner, 2],
    'water does nothing' => [Substrate::Polystyrene, Carrier::Water, 0],
    'water harms none' => [Substrate::CastResin, Carrier::Water, 0],
    'resin is not in the tables' => [Substrate::CastResin, Carrier::WhiteSpirit, null],
]);
