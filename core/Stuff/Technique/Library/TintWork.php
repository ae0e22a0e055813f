<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
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

/** Filters, oils and washes. */
final class TintWork
{
    private const BRUSHES = [
        'round synthetic brush',
        'two pools of thinner: one to work, one to clean',
        'paper towel',
    ];

    /** Minutes; docs/sources.md, "drying table": the row "enamel wash, streak or effect". */
    public static function dullingEnamel(): CleanUpWindow
    {
        return new CleanUpWindow(
            earliest: 15,
            surely: 20,
            bestUntil: 240,
            latest: 1440,
            sign: 'dull, no longer glossy',
        );
    }

    /** Minutes; drying table, "artist oil": blend from 5–10 min to several hours. */
    public static function settingOil(): CleanUpWindow
    {
        return new CleanUpWindow(
            earliest: 5,
            surely: 10,
            bestUntil: 240,
            latest: 1440,
            sign: 'no longer shining',
        );
    }

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::filters(), ...self::washes()];
    }

    /** @return list<Technique> */
    private static function filters(): array
    {
        $satin = [Sheen::Satin, Sheen::Matte];

        return [
            new Technique(
                code: 'filter',
                name: 'Filter',
                kind: TechniqueKind::Filter,
                stage: Stage::Tint,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::Enamel, colour: '#8a6a34', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'One thin transparent tint, kept moving, that pulls the colours together.',
                practice: new Practice(
                    signs: ['an even film that dries without a rim', 'a pool: draw it off at once'],
                    tools: self::BRUSHES,
                    undo: 'Wiped off with spirit while damp.',
                    cautions: ['Three to five parts of colour in a hundred.'],
                    alternatives: ['air-filter', 'oil-dots'],
                    because: 'whole faces, quickly',
                ),
                applyMinutes: 4.0,
                role: ColourRole::Tint,
                sheens: $satin,
            ),
            new Technique(
                code: 'own-filter',
                name: 'Own filter from oil',
                kind: TechniqueKind::Filter,
                stage: Stage::Tint,
                families: [BinderFamily::ArtistOil],
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#8a6a34', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'A brush-tip of drained oil in a cup of odourless spirit: a tint of any colour, a different '
                    .'one for each panel.',
                practice: new Practice(
                    signs: ['tints white paper faintly, no more', 'an even film that dries without a rim'],
                    tools: self::BRUSHES,
                    undo: 'Wiped off with spirit for some hours.',
                    cautions: ['Stir before every brushful: the pigment sinks.'],
                    alternatives: ['filter', 'oil-dots'],
                    because: 'mixing first, then whole faces',
                ),
                setUpMinutes: 10,
                applyMinutes: 4.0,
                role: ColourRole::Tint,
                sheens: $satin,
            ),
            new Technique(
                code: 'air-filter',
                name: 'Filter by airbrush',
                kind: TechniqueKind::Filter,
                stage: Stage::Tint,
                families: Families::CLEARS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#8a6a34', anyColour: true),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'Clear coat with a few per cent of colour, misted over the panels.',
                practice: new Practice(
                    signs: ['seen only against an untreated panel'],
                    tools: ['airbrush 0.3 mm', '1 bar'],
                    undo: 'Misted over with the base tone.',
                    cautions: ['Sprayed, it does not mind gloss.'],
                    alternatives: ['filter'],
                    because: 'a mist',
                ),
                setUpMinutes: 10,
                applyMinutes: 3.0,
                role: ColourRole::Tint,
            ),
            new Technique(
                code: 'oil-dots',
                name: 'Oil dots',
                kind: TechniqueKind::Blend,
                stage: Stage::Tint,
                families: [BinderFamily::ArtistOil],
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#4b3524'),
                application: Application::Brush,
                load: Load::Dab,
                coverage: Coverage::Partial,
                purpose: 'Rows of small dots of several oils, blended away downwards to a faint, varied tint.',
                practice: new Practice(
                    signs: ['dots no bigger than a pinhead', 'no dot can be told apart when blended'],
                    tools: ['oils drained on card', 'flat soft brush, just damp', 'second pool to clean'],
                    undo: 'Wiped off with spirit for some hours.',
                    cautions: ['Fresh oil is drained on card first, up to a day.'],
                    alternatives: ['filter', 'oil-shading'],
                    because: 'dots quickly, blending slowly',
                ),
                applyMinutes: 4.0,
                cleanMinutes: 8.0,
                cleanUp: self::settingOil(),
                role: ColourRole::Tint,
                sheens: $satin,
            ),
            new Technique(
                code: 'oil-shading',
                name: 'Oil shading',
                kind: TechniqueKind::Blend,
                stage: Stage::Tint,
                families: [BinderFamily::ArtistOil],
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#4b3524'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Dark oil into corners and light oil onto tops and panel centres, feathered to nothing.',
                practice: new Practice(
                    signs: ['no border between tint and paint'],
                    tools: ['oils drained on card', 'soft brush, dry or just damp'],
                    undo: 'Wiped off with spirit for some hours.',
                    alternatives: ['oil-dots', 'post-shade'],
                    because: 'panel by panel',
                ),
                applyMinutes: 5.0,
                cleanMinutes: 8.0,
                cleanUp: self::settingOil(),
                role: ColourRole::Shade,
                sheens: $satin,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function washes(): array
    {
        $gloss = [Sheen::Gloss, Sheen::Satin];

        return [
            new Technique(
                code: 'pin-wash',
                name: 'Pin wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tint,
                families: Families::SPIRIT,
                wants: new Want(family: BinderFamily::Enamel, colour: '#3b2f24'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Touched to lines and the foot of details, where it runs along by itself; the faces stay '
                    .'clean.',
                practice: new Practice(
                    signs: ['runs along the line when touched from the top', 'dull: clean it'],
                    tools: self::BRUSHES,
                    undo: 'Cleaned off with spirit inside its window.',
                    cautions: ['Touch a rivet from its top, not its foot.'],
                    alternatives: ['enamel-wash', 'clay-wash'],
                    because: 'line by line, little to clean',
                ),
                applyMinutes: 5.0,
                cleanMinutes: 6.0,
                cleanUp: self::dullingEnamel(),
                role: ColourRole::Shade,
                sheens: $gloss,
            ),
            new Technique(
                code: 'enamel-wash',
                name: 'Enamel wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tint,
                families: [BinderFamily::Enamel],
                wants: new Want(family: BinderFamily::Enamel, colour: '#3b2f24'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Over everything, then cleaned off the raised faces: darker and dirtier all over.',
                practice: new Practice(
                    signs: ['dull: clean it', 'still shining: wait, do another section'],
                    tools: self::BRUSHES,
                    undo: 'Cleaned off with spirit inside its window.',
                    cautions: [
                        'In sections: cleaning takes two or three times as long as applying.',
                        'A fine natural brush is ruined by it.',
                    ],
                    alternatives: ['pin-wash', 'oil-wash'],
                    because: 'brushed on fast; cleaning counts',
                ),
                applyMinutes: 3.3,
                cleanMinutes: 10.0,
                cleanUp: self::dullingEnamel(),
                role: ColourRole::Shade,
                sheens: $gloss,
            ),
            new Technique(
                code: 'oil-wash',
                name: 'Oil wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tint,
                families: [BinderFamily::ArtistOil],
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#4b3524'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'As an enamel wash, with longer to blend and far longer to dry.',
                practice: new Practice(
                    signs: ['no longer shining: clean it'],
                    tools: self::BRUSHES,
                    undo: 'Cleaned off with spirit for some hours.',
                    cautions: ['Drain the oil on card first.'],
                    alternatives: ['enamel-wash', 'pin-wash'],
                    because: 'as an enamel wash',
                ),
                applyMinutes: 3.3,
                cleanMinutes: 10.0,
                cleanUp: self::settingOil(),
                role: ColourRole::Shade,
                sheens: $gloss,
            ),
            new Technique(
                code: 'clay-wash',
                name: 'Clay wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tint,
                families: [BinderFamily::ClayWash],
                wants: new Want(family: BinderFamily::ClayWash, colour: '#4a4038'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Dries to a powder in the recesses and wipes off with damp paper, now or much later.',
                practice: new Practice(
                    signs: ['powdery and pale all over: wipe it'],
                    tools: ['any brush', 'damp paper'],
                    undo: 'Rinses off with water at any time.',
                    cautions: ['Seal it before any water comes near again.'],
                    alternatives: ['pin-wash', 'acrylic-wash'],
                    because: 'wiping is quick',
                ),
                applyMinutes: 3.3,
                cleanMinutes: 6.0,
                cleanUp: new CleanUpWindow(
                    earliest: 20,
                    surely: 20,
                    bestUntil: null,
                    latest: null,
                    sign: 'powdery and pale all over',
                ),
                role: ColourRole::Shade,
            ),
            new Technique(
                code: 'acrylic-wash',
                name: 'Acrylic wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tint,
                families: [BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#43382d'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'A waterborne wash, worked while wet: once dry it stays.',
                practice: new Practice(
                    signs: ['draw pools off before their rim dries'],
                    tools: ['soft brush', 'retarder', 'damp cotton bud'],
                    undo: 'With water for some minutes, then only with what takes the paint too.',
                    cautions: ['Retarder buys a few minutes.', 'A little at a time.'],
                    alternatives: ['pin-wash', 'clay-wash'],
                    because: 'small areas at a time',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Shade,
                sheens: $gloss,
            ),
        ];
    }
}
