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

/** Dust, mud, and what holds them. */
final class DustWork
{
    private const MUD = [BinderFamily::MudPaste, BinderFamily::BoundPigment];

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::dust(), ...self::mud(), ...self::fixing()];
    }

    /** @return list<Technique> */
    private static function dust(): array
    {
        $matte = [Sheen::Matte, Sheen::Satin];

        return [
            new Technique(
                code: 'dust-mist',
                name: 'Dust mist',
                kind: TechniqueKind::Shade,
                stage: Stage::Dust,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#b99b66'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'A thin sprayed veil of a buff or earth tone, denser at the bottom.',
                practice: new Practice(
                    signs: ['seen in side light, not from the front'],
                    tools: ['airbrush 0.3 mm', '1 bar', '15 cm away'],
                    undo: 'Misted over.',
                    cautions: ['It dries lighter than it looks.'],
                    alternatives: ['dry-pigment', 'oil-dust'],
                    because: 'a veil',
                ),
                setUpMinutes: 10,
                applyMinutes: 2.0,
                role: ColourRole::Dust,
            ),
            new Technique(
                code: 'dust-coat',
                name: 'Dust coat to be rubbed off',
                kind: TechniqueKind::Colour,
                stage: Stage::Dust,
                families: [BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#b99b66'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Whole,
                purpose: 'Earth paint sprayed over chipping fluid, then rubbed off with a damp brush where crew and '
                    .'rain have been.',
                practice: new Practice(
                    signs: ['thin enough to see the paint through it'],
                    tools: ['airbrush 0.3 mm', '1 bar'],
                    undo: 'Comes off with water inside its window.',
                    cautions: ['Chipping fluid goes below it.'],
                    alternatives: ['dust-mist'],
                    because: 'one thin coat',
                ),
                setUpMinutes: 10,
                role: ColourRole::Dust,
            ),
            new Technique(
                code: 'oil-dust',
                name: 'Oil or enamel dust',
                kind: TechniqueKind::Blend,
                stage: Stage::Dust,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#b59c6f'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Earth tones put into corners and blended out, streaked on slopes.',
                practice: new Practice(
                    signs: ['no border left when blended'],
                    tools: ['soft brush, just damp', 'two pools of thinner'],
                    undo: 'Wiped off with spirit inside its window.',
                    alternatives: ['dust-mist', 'dry-pigment'],
                    because: 'corner by corner',
                ),
                applyMinutes: 5.0,
                cleanMinutes: 8.0,
                cleanUp: new CleanUpWindow(
                    earliest: 5,
                    surely: 15,
                    bestUntil: 240,
                    latest: 1440,
                    sign: 'no longer shining',
                ),
                role: ColourRole::Dust,
                sheens: $matte,
            ),
            new Technique(
                code: 'dry-pigment',
                name: 'Dry pigment',
                kind: TechniqueKind::Pigment,
                stage: Stage::Dust,
                families: [BinderFamily::DryPigment],
                wants: new Want(family: BinderFamily::DryPigment, colour: '#b7a37f'),
                application: Application::Dry,
                coverage: Coverage::Grain,
                purpose: 'Dust and dry earth, laid loose where it would settle.',
                practice: new Practice(
                    signs: ['looks too dark wet, right when dry'],
                    tools: ['soft brush', 'particle mask'],
                    undo: 'Brushed and blown off, never all of it.',
                    cautions: ['Rubs off under a finger until it is fixed.'],
                    alternatives: ['dust-mist', 'oil-dust'],
                    because: 'strewn and tapped',
                ),
                applyMinutes: 6.0,
                needs: CureState::TouchDry,
                role: ColourRole::Dust,
                sheens: [Sheen::Matte, Sheen::Satin],
            ),
            new Technique(
                code: 'rust-pigment',
                name: 'Rust pigment',
                kind: TechniqueKind::Pigment,
                stage: Stage::Dust,
                families: [BinderFamily::DryPigment],
                wants: new Want(family: BinderFamily::DryPigment, colour: '#8a4f2c'),
                application: Application::Dry,
                coverage: Coverage::Grain,
                purpose: 'Dry rust tones on exhausts, spare links and scraped edges.',
                practice: new Practice(
                    signs: ['two or three tones, the lightest least'],
                    tools: ['soft brush', 'particle mask'],
                    undo: 'Brushed off, never all of it.',
                    alternatives: ['rust-wash', 'rust-layers'],
                    because: 'strewn and tapped',
                ),
                applyMinutes: 6.0,
                needs: CureState::TouchDry,
                role: ColourRole::Rust,
                sheens: [Sheen::Matte, Sheen::Satin],
                depictsRust: true,
                serviceMonths: 3,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function mud(): array
    {
        return [
            new Technique(
                code: 'pigment-wash',
                name: 'Pigment wash',
                kind: TechniqueKind::Pigment,
                stage: Stage::Dust,
                families: [BinderFamily::DryPigment],
                wants: new Want(family: BinderFamily::DryPigment, colour: '#a8926a', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Grain,
                purpose: 'Pigment in much thinner, run over a face; it settles in the corners as the liquid leaves.',
                practice: new Practice(
                    signs: ['an even film with no dry islands', 'pale again when dry'],
                    tools: ['large soft brush', 'pipette'],
                    undo: 'Brushed off while dry.',
                    cautions: ['Say with which liquid it is thinned: that is what the layer below meets.'],
                    alternatives: ['dry-pigment', 'oil-dust'],
                    because: 'a few strokes a face',
                ),
                applyMinutes: 4.0,
                role: ColourRole::Dust,
            ),
            new Technique(
                code: 'chalk-stains',
                name: 'Chalk and salt stains',
                kind: TechniqueKind::Pigment,
                stage: Stage::Dust,
                families: [BinderFamily::DryPigment],
                wants: new Want(family: BinderFamily::DryPigment, colour: '#d8d4c8', anyColour: true),
                application: Application::Dry,
                coverage: Coverage::Grain,
                purpose: 'White bloom where water has dried: under ledges, round puddles, along a tide line on the '
                    .'hull.',
                practice: new Practice(
                    signs: ['strongest at its lower rim'],
                    tools: ['small dry brush', 'cotton bud'],
                    undo: 'Brushed off.',
                    cautions: ['On a parked vehicle more than on one that drives.'],
                    alternatives: ['dry-pigment'],
                    because: 'spot by spot',
                ),
                applyMinutes: 3.0,
                needs: CureState::TouchDry,
                role: ColourRole::Dust,
            ),
            new Technique(
                code: 'mud-paste',
                name: 'Mud paste',
                kind: TechniqueKind::Mud,
                stage: Stage::Dust,
                families: self::MUD,
                wants: new Want(family: BinderFamily::MudPaste, colour: '#8c7453'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Dry light mud with pigment, plaster and fibres, where the shape of the part would catch it.',
                practice: new Practice(
                    signs: ['different thickness, wiped off raised parts'],
                    tools: ['old brush', 'stick'],
                    undo: 'Picked and brushed off while soft.',
                    cautions: ['Light and dry mud first, wet mud last.'],
                    alternatives: ['mud-splash'],
                    because: 'dabbed, then wiped back',
                ),
                applyMinutes: 10.0,
                role: ColourRole::Mud,
                markMm: 0.5,
            ),
            new Technique(
                code: 'mud-fibres',
                name: 'Fibres and grass',
                kind: TechniqueKind::Mud,
                stage: Stage::Dust,
                families: self::MUD,
                wants: new Want(family: BinderFamily::MudPaste, colour: '#8c7453'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Short fibres in the mud of tracks, wheels and undersides.',
                practice: new Practice(
                    signs: ['shorter than a blade of grass at this scale'],
                    tools: ['tweezers', 'fibres cut short'],
                    undo: 'Picked out while soft.',
                    cautions: ['Two millimetres are seven centimetres at 1:35.'],
                    because: 'a pinch here and there',
                ),
                applyMinutes: 6.0,
                role: ColourRole::Mud,
                markMm: 1.0,
            ),
            new Technique(
                code: 'mud-splash',
                name: 'Mud splashes',
                kind: TechniqueKind::Mud,
                stage: Stage::Dust,
                families: [
                    ...self::MUD,
                    ...Families::SPIRIT,
                    BinderFamily::WaterborneAcrylic,
                    // In water or medium, thinned in the step.
                    BinderFamily::DryPigment,
                ],
                wants: new Want(family: BinderFamily::MudPaste, colour: '#8c7453'),
                application: Application::Brush,
                load: Load::Mist,
                sprayed: Load::Mist,
                coverage: Coverage::Partial,
                purpose: 'Flicked from a brush or blown with the airbrush; more at the rear and behind the wheels.',
                practice: new Practice(
                    signs: ['try the load on card: fine drops, few large ones'],
                    tools: ['stiff brush and a stick', 'airbrush for blowing', 'card as a shield'],
                    undo: 'Wiped off while wet.',
                    cautions: ['Streaks go the way the vehicle drives.'],
                    alternatives: ['speckle', 'mud-paste'],
                    because: 'aimed bursts',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Mud,
                markMm: 0.3,
            ),
            new Technique(
                code: 'speckle',
                name: 'Speckling',
                kind: TechniqueKind::Mud,
                stage: Stage::Dust,
                families: [
                    ...self::MUD,
                    ...Families::SPIRIT,
                    BinderFamily::WaterborneAcrylic,
                    // In water or medium, thinned in the step.
                    BinderFamily::DryPigment,
                ],
                wants: new Want(family: BinderFamily::MudPaste, colour: '#8c7453'),
                application: Application::Brush,
                load: Load::Dab,
                sprayed: Load::Mist,
                coverage: Coverage::Partial,
                purpose: 'A fine spray of drops in several tones that breaks up even faces.',
                practice: new Practice(
                    signs: ['dots that the eye does not count'],
                    tools: ['stiff brush and a stick', 'card as a shield'],
                    undo: 'Wiped off while wet.',
                    cautions: ['Less is more.'],
                    alternatives: ['mud-splash'],
                    because: 'a few bursts',
                ),
                applyMinutes: 3.0,
                role: ColourRole::Mud,
                markMm: 0.2,
            ),
            new Technique(
                code: 'wet-mud',
                name: 'Wet mud',
                kind: TechniqueKind::Mud,
                stage: Stage::Dust,
                families: [...self::MUD, ...Families::SPIRIT],
                wants: new Want(family: BinderFamily::Enamel, colour: '#6a553c'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Darker, smaller, with a little gloss: fresh mud on top of the dry.',
                practice: new Practice(
                    signs: ['shines only where it would be wet'],
                    tools: ['brush', 'gloss medium'],
                    undo: 'Wiped off while wet.',
                    cautions: ['After the last matte coat, or its shine is gone.'],
                    alternatives: ['mud-splash'],
                    because: 'spots',
                ),
                applyMinutes: 6.0,
                role: ColourRole::Mud,
                markMm: 0.5,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function fixing(): array
    {
        return [
            self::fix(
                code: 'fix-pigment',
                name: 'Fix pigment',
                families: [BinderFamily::BoundPigment, BinderFamily::WaterborneAcrylic, BinderFamily::Enamel],
                wants: new Want(family: BinderFamily::BoundPigment, onlyThisFamily: true),
                by: Application::Brush,
                purpose: 'Fixer, medium or spirit creeps into the pigment and holds it.',
                alternative: 'fix-varnish',
            ),
            self::fix(
                code: 'fix-water',
                name: 'Set pigment with water',
                families: [BinderFamily::BoundPigment, BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Matte),
                by: Application::Brush,
                purpose: 'Water with a little medium sets pigment where it lies; it still rubs off.',
                alternative: 'fix-pigment',
            ),
            self::fix(
                code: 'fix-varnish',
                name: 'Fix pigment under varnish',
                families: Families::CLEARS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Matte),
                by: Application::Airbrush,
                purpose: 'A light mist of matte clear; it swallows part of the dust.',
                alternative: 'fix-pigment',
            ),
        ];
    }

    /** @param  list<BinderFamily>  $families */
    private static function fix(
        string $code,
        string $name,
        array $families,
        Want $wants,
        Application $by,
        string $purpose,
        string $alternative,
    ): Technique {
        return new Technique(
            code: $code,
            name: $name,
            kind: TechniqueKind::FixPigment,
            stage: Stage::Dust,
            families: $families,
            application: $by,
            coverage: Coverage::Grain,
            purpose: $purpose,
            wants: $wants,
            practice: new Practice(
                signs: ['dark while wet, pale again when dry', 'a tide mark: feather its rim with clean thinner'],
                tools: ['pipette or loaded brush'],
                undo: 'None.',
                cautions: ['Let it creep in from the edge, touching nothing.'],
                alternatives: [$alternative],
                because: 'drop by drop',
            ),
            applyMinutes: 4.0,
            needs: CureState::TouchDry,
        );
    }
}
