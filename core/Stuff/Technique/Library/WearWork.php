<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\CleanUpWindow;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** Applied chips, rust, exhausts, streaks and stains. */
final class WearWork
{
    private const DRAWING = ['pointed brush', 'clean flat brush, just damp', 'two pools of thinner'];

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::chips(), ...self::rust(), ...self::streaks()];
    }

    /** @return list<Technique> */
    private static function chips(): array
    {
        $where = 'Where crews climb, where things rub, on edges and raised welds; not in sheltered corners.';

        return [
            new Technique(
                code: 'light-chips',
                name: 'Light rim of chips',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: Families::BRUSHED,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#b99b66'),
                application: Application::Brush,
                load: Load::Dab,
                coverage: Coverage::Partial,
                purpose: 'The base colour lightened, as scratches and as the outline that a dark chip will lie in.',
                practice: new Practice(
                    signs: ['lighter than the paint, not white'],
                    tools: ['finest brush', 'magnifier'],
                    undo: 'Wiped off while wet.',
                    cautions: [$where],
                    alternatives: ['brush-chips'],
                    because: 'as many as will be filled later',
                ),
                applyMinutes: 10.0,
                role: ColourRole::Tone,
                serviceMonths: 1,
                markMm: 0.2,
            ),
            new Technique(
                code: 'brush-chips',
                name: 'Chips by brush',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: Families::BRUSHED,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27'),
                application: Application::Brush,
                load: Load::Dab,
                coverage: Coverage::Partial,
                purpose: 'Dark core inside a light rim, a lip of light left at the lower edge.',
                practice: new Practice(
                    signs: ['the core never reaches over its rim', 'little, then look, then more'],
                    tools: ['finest brush', 'magnifier'],
                    undo: 'Wiped off while wet.',
                    cautions: [$where],
                    alternatives: ['sponge-chips', 'lift-off', 'pencil-chips'],
                    because: 'chip after chip',
                ),
                applyMinutes: 15.0,
                role: ColourRole::Chip,
                serviceMonths: 1,
                markMm: 0.2,
            ),
            new Technique(
                code: 'sponge-chips',
                name: 'Chips by sponge',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27'),
                application: Application::Sponge,
                coverage: Coverage::Partial,
                purpose: 'Rash-like rub marks from a torn sponge, blotted first.',
                practice: new Practice(
                    signs: ['hardly a trace on paper: begin', 'a print of the sponge can be told: turn it'],
                    tools: ['torn packing sponge', 'tweezers', 'paper to blot'],
                    undo: 'Wiped off while wet.',
                    cautions: [$where],
                    alternatives: ['brush-chips', 'lift-off'],
                    because: 'dabbing is quick',
                ),
                applyMinutes: 6.0,
                role: ColourRole::Chip,
                serviceMonths: 1,
                markMm: 0.4,
            ),
            new Technique(
                code: 'pencil-chips',
                name: 'Chips by pencil',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: [BinderFamily::MetalPencil],
                wants: new Want(family: BinderFamily::MetalPencil, colour: '#8d8f90'),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'The finest bare-metal edges and scratches.',
                practice: new Practice(
                    signs: ['a line no wider than a hair'],
                    tools: ['sharp metal pencil', 'sandpaper to point it'],
                    undo: 'Erased or wiped off.',
                    cautions: ['It loses its shine under a matte coat.'],
                    alternatives: ['brush-chips', 'graphite'],
                    because: 'edges only',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Metal,
                serviceMonths: 1,
                markMm: 0.2,
            ),
            new Technique(
                code: 'coloured-pencil',
                name: 'Scuffs by coloured pencil',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: [BinderFamily::MetalPencil],
                wants: new Want(family: BinderFamily::MetalPencil, colour: '#b9b39b', anyColour: true),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Scuffs, faded edges and rubbed wood in wax or coloured pencil: no metal, hardly any depth.',
                practice: new Practice(
                    signs: ['softer than a scratch, broken by the grain of the paint'],
                    tools: ['coloured or wax pencil', 'finger or soft brush to blend'],
                    undo: 'Erased, or wiped off with a trace of spirit.',
                    cautions: ['Spirit and rubbing smear wax.'],
                    alternatives: ['pencil-chips', 'light-chips'],
                    because: 'edges only',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Chip,
                serviceMonths: 1,
                markMm: 0.2,
            ),
            new Technique(
                code: 'needle-scratches',
                name: 'Scratches by needle',
                kind: TechniqueKind::Abrade,
                stage: Stage::Wear,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Scratches through the top colour with a needle or blade, down to the colour below.',
                practice: new Practice(
                    signs: ['the lower colour shows as a fine line', 'plastic shows: too deep'],
                    tools: ['needle in a holder', 'loupe'],
                    undo: 'Touched in with the top colour.',
                    cautions: ['Blades and needles.'],
                    alternatives: ['tape-scratches', 'pencil-chips'],
                    because: 'a few lines',
                ),
                applyMinutes: 5.0,
                needs: CureState::SolventProof,
                serviceMonths: 1,
                markMm: 0.1,
            ),
            new Technique(
                code: 'tape-scratches',
                name: 'Scratches along a tape',
                kind: TechniqueKind::Chips,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27'),
                application: Application::Sponge,
                coverage: Coverage::Partial,
                purpose: 'Dead straight scratches, dabbed along the edge of a tape.',
                practice: new Practice(
                    signs: ['straight, thin, broken in places'],
                    tools: ['low-tack tape', 'sponge'],
                    undo: 'Wiped off while wet.',
                    alternatives: ['needle-scratches'],
                    because: 'taping takes the time',
                ),
                applyMinutes: 6.0,
                role: ColourRole::Chip,
                serviceMonths: 1,
                markMm: 0.2,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function rust(): array
    {
        $tones = 'Dark first, then lighter and smaller towards the source; on steel only.';

        return [
            new Technique(
                code: 'rust-wash',
                name: 'Rust wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Wear,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::Enamel, colour: '#7a4a2a'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Rust tones over chips, welds and scraped edges, cleaned back where paint is sound.',
                practice: new Practice(
                    signs: ['dull: clean it'],
                    tools: self::DRAWING,
                    undo: 'Cleaned off with spirit inside its window.',
                    cautions: [$tones],
                    alternatives: ['rust-layers', 'rust-pigment'],
                    because: 'spots, then cleaning',
                ),
                applyMinutes: 5.0,
                cleanMinutes: 8.0,
                cleanUp: TintWork::dullingEnamel(),
                role: ColourRole::Rust,
                depictsRust: true,
                serviceMonths: 3,
            ),
            new Technique(
                code: 'acrylic-rust-wash',
                name: 'Rust wash in acrylic',
                kind: TechniqueKind::Wash,
                stage: Stage::Wear,
                families: [BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#7b4a2a'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'A waterborne rust tone in corners and pits, drawn out while it is wet; with retarder there '
                    .'is time.',
                practice: new Practice(
                    signs: ['draw the rim out before it dries'],
                    tools: ['soft brush', 'retarder', 'damp brush'],
                    undo: 'With water for some minutes, then only with what takes the paint too.',
                    cautions: ['A little at a time.'],
                    alternatives: ['rust-wash', 'rust-layers'],
                    because: 'small areas at a time',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Rust,
                depictsRust: true,
                serviceMonths: 3,
            ),
            new Technique(
                code: 'acrylic-streak',
                name: 'Streaks in acrylic',
                kind: TechniqueKind::Streak,
                stage: Stage::Wear,
                families: [BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#4a4238', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'A waterborne line drawn down and faded at once with a damp brush; with retarder there are '
                    .'minutes for it.',
                practice: new Practice(
                    signs: ['strongest at the top, gone at the bottom'],
                    tools: ['fine brush', 'flat brush, just damp', 'retarder'],
                    undo: 'With water for some minutes.',
                    cautions: ['Retarder, and one streak at a time.', 'What has dried stays.'],
                    alternatives: ['grime-streak'],
                    because: 'one by one',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Grime,
                load: Load::Dab,
            ),
            new Technique(
                code: 'air-streak',
                name: 'Streaks by airbrush',
                kind: TechniqueKind::Shade,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#4a4238', anyColour: true),
                application: Application::Airbrush,
                coverage: Coverage::Grain,
                purpose: 'Thin vertical lines misted along the edge of a card: soft, many at a time, for rain and '
                    .'grime.',
                practice: new Practice(
                    signs: ['hardly seen until there are three of them'],
                    tools: ['airbrush 0.2 mm', 'card with a straight edge', '0.8 bar'],
                    undo: 'Misted over with the base tone.',
                    cautions: ['Paint thinned nine to one.'],
                    alternatives: ['grime-streak', 'acrylic-streak'],
                    because: 'panel by panel',
                ),
                setUpMinutes: 10,
                sprayed: Load::Mist,
                role: ColourRole::Grime,
            ),
            new Technique(
                code: 'rust-layers',
                name: 'Rust in layers',
                kind: TechniqueKind::Detail,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#7d4528'),
                application: Application::Sponge,
                coverage: Coverage::Partial,
                purpose: 'Two or three rust tones dabbed over each other, each dry before the next.',
                practice: new Practice(
                    signs: ['three tones can be told apart at close range'],
                    tools: ['torn sponge', 'brush'],
                    undo: 'Dabbed over with the tone before.',
                    cautions: [$tones],
                    alternatives: ['rust-wet', 'rust-wash'],
                    because: 'three rounds',
                ),
                coats: 3,
                applyMinutes: 6.0,
                role: ColourRole::Rust,
                depictsRust: true,
                serviceMonths: 6,
            ),
            new Technique(
                code: 'rust-wet',
                name: 'Rust wet in wet',
                kind: TechniqueKind::Blend,
                stage: Stage::Wear,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::Enamel, colour: '#7a4a2a'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Rust tones run into each other while they are open.',
                practice: new Practice(
                    signs: ['borders melt by themselves'],
                    tools: self::DRAWING,
                    undo: 'Wiped off with spirit inside its window.',
                    cautions: [$tones],
                    alternatives: ['rust-layers'],
                    because: 'all tones in one go',
                ),
                applyMinutes: 8.0,
                cleanMinutes: 6.0,
                cleanUp: TintWork::dullingEnamel(),
                role: ColourRole::Rust,
                depictsRust: true,
                serviceMonths: 6,
                wetInWet: true,
            ),
            new Technique(
                code: 'exhaust-heat',
                name: 'Heat-greyed exhaust',
                kind: TechniqueKind::Detail,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#7d4528'),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'Pale heat grey and a breath of blue as the ground for exhaust rust.',
                practice: new Practice(
                    signs: ['paler towards the engine'],
                    tools: ['brush', 'sponge'],
                    undo: 'Painted over.',
                    cautions: ['Real exhausts lose their paint first.'],
                    alternatives: ['rust-layers'],
                    because: 'two tones',
                ),
                applyMinutes: 15.0,
                role: ColourRole::Detail,
                serviceMonths: 1,
            ),
            new Technique(
                code: 'muzzle-heat',
                name: 'Heat tint at the muzzle',
                kind: TechniqueKind::Detail,
                stage: Stage::Wear,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#4b4a4e', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Thin glazes of grey, straw and blue round the muzzle and where the gun tube was hot.',
                practice: new Practice(
                    signs: ['the tints run into each other'],
                    tools: ['soft brush', 'thin glazes'],
                    undo: 'Glazed over with the base tone.',
                    cautions: ['Less than one thinks: a finger wide.'],
                    alternatives: ['exhaust-heat'],
                    because: 'glaze by glaze',
                ),
                applyMinutes: 6.0,
                load: Load::Dab,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'exhaust-soot',
                name: 'Soot',
                kind: TechniqueKind::Pigment,
                stage: Stage::Wear,
                families: [BinderFamily::DryPigment],
                wants: new Want(family: BinderFamily::DryPigment, colour: '#2b2724'),
                application: Application::Dry,
                coverage: Coverage::Grain,
                purpose: 'Black-brown at the mouth of exhaust and muzzle, last of all.',
                practice: new Practice(
                    signs: ['densest at the mouth, nothing an exhaust’s length away'],
                    tools: ['soft brush', 'fingertip'],
                    undo: 'Brushed off, hardly all of it.',
                    alternatives: ['post-shade'],
                    because: 'a breath',
                ),
                applyMinutes: 6.0,
                needs: CureState::TouchDry,
                role: ColourRole::Grime,
                sheens: [Sheen::Matte, Sheen::Satin],
            ),
        ];
    }

    /** @return list<Technique> */
    private static function streaks(): array
    {
        return [
            new Technique(
                code: 'rust-streak',
                name: 'Rust streaks',
                kind: TechniqueKind::Streak,
                stage: Stage::Wear,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::Enamel, colour: '#7a4a2a'),
                application: Application::Brush,
                load: Load::Dab,
                coverage: Coverage::Partial,
                purpose: 'Starts at a chip or bolt, drawn down with a just damp flat brush.',
                practice: new Practice(
                    signs: ['dull at its edges: draw it down'],
                    tools: self::DRAWING,
                    undo: 'Wiped off with spirit inside its window.',
                    cautions: ['Downwards as the model will stand.'],
                    alternatives: ['rust-wash'],
                    because: 'line, wait, draw',
                ),
                applyMinutes: 6.0,
                cleanMinutes: 8.0,
                cleanUp: new CleanUpWindow(
                    earliest: 5,
                    surely: 15,
                    bestUntil: 240,
                    latest: 1440,
                    sign: 'dull at its edges',
                ),
                role: ColourRole::Rust,
                depictsRust: true,
                needsSource: true,
                serviceMonths: 3,
            ),
            self::streak(
                'grime-streak',
                'Grime streaks',
                'Starts at an edge, strongest at the top, fading downwards.',
                'rain-streak',
            ),
            self::streak(
                'rain-streak',
                'Rain marks',
                'Pale vertical traces of dust that rain has drawn down.',
                'grime-streak',
            ),
            self::streak(
                'oil-stain',
                'Oil stains',
                'Dark, slightly shining stains around fillers, hubs and hatches, below them in runs.',
                'fuel-stain',
            ),
            self::streak(
                'fuel-stain',
                'Fuel stains',
                'Flat, dark runs from a fuel filler, lighter with each older one.',
                'oil-stain',
            ),
        ];
    }

    private static function streak(string $code, string $name, string $purpose, string $alternative): Technique
    {
        return new Technique(
            code: $code,
            name: $name,
            kind: TechniqueKind::Streak,
            stage: Stage::Wear,
            families: Families::SPIRIT,
            application: Application::Brush,
            coverage: Coverage::Partial,
            purpose: $purpose,
            practice: new Practice(
                signs: ['dull at its edges: draw it down', 'strongest at its top when dry'],
                tools: self::DRAWING,
                undo: 'Wiped off with spirit inside its window.',
                cautions: ['Downwards as the model will stand.'],
                alternatives: [$alternative],
                because: 'line, wait, draw',
            ),
            applyMinutes: 6.0,
            cleanMinutes: 8.0,
            cleanUp: new CleanUpWindow(
                earliest: 5,
                surely: 15,
                bestUntil: 240,
                latest: 1440,
                sign: 'dull at its edges',
            ),
            role: ColourRole::Grime,
        );
    }
}
