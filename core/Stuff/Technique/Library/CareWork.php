<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** What is done to steps that are done: cleaned up, drawn out, dried; and what is made ready for those to come. */
final class CareWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::cleaning(), ...self::preparing()];
    }

    /** @return list<Technique> */
    private static function cleaning(): array
    {
        return [
            new Technique(
                code: 'wipe-back',
                name: 'Wipe back',
                kind: TechniqueKind::CleanUp,
                stage: Stage::Tint,
                families: [],
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'One clean-up for all that lies open: wash, oil or streak is taken off the faces and left in '
                    .'the recesses.',
                practice: new Practice(
                    signs: ['dull, no longer glossy: begin', 'the brush comes away clean: stop'],
                    tools: ['flat brush, squeezed nearly dry', 'clean pool of thinner', 'paper towel'],
                    undo: 'What is wiped off is laid again.',
                    cautions: ['Wipe the brush after every stroke.', 'From the middle of a face to its edge.'],
                    alternatives: ['draw-streaks'],
                    because: 'cleaning takes two or three times as long as applying',
                ),
                setUpMinutes: 5,
                applyMinutes: 0.0,
                cleanMinutes: 8.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'draw-streaks',
                name: 'Draw into streaks',
                kind: TechniqueKind::CleanUp,
                stage: Stage::Tint,
                families: [],
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'What was laid as dots, lines or a wash is drawn down into streaks by a damp flat brush.',
                practice: new Practice(
                    signs: ['fades to nothing at its lower end', 'no streak begins in the middle of a face'],
                    tools: ['flat brush, just damp', 'paper towel'],
                    undo: 'Wiped off with the same thinner.',
                    cautions: ['Straight down as the vehicle stands, in one stroke.'],
                    alternatives: ['wipe-back', 'grime-streak'],
                    because: 'a few strokes a panel',
                ),
                setUpMinutes: 5,
                applyMinutes: 0.0,
                cleanMinutes: 4.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'clean-markings',
                name: 'Clean the markings',
                kind: TechniqueKind::CleanUp,
                stage: Stage::Tint,
                families: [],
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Tint and wash are taken off numbers and badges, so that they stay legible.',
                practice: new Practice(
                    signs: ['the white is white again, its outline still soft'],
                    tools: ['pointed brush, nearly dry', 'cotton bud'],
                    undo: 'Tinted again.',
                    cautions: ['On sealed markings only; do not rub at an edge.'],
                    alternatives: ['wipe-back'],
                    because: 'a few markings',
                ),
                setUpMinutes: 5,
                applyMinutes: 0.0,
                cleanMinutes: 1.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'blow-dry',
                name: 'Blow it dry',
                kind: TechniqueKind::WarmAir,
                stage: Stage::Colour,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Warm air from a hairdryer makes waterborne films touch-dry in minutes; spirit and oil do not '
                    .'care.',
                practice: new Practice(
                    signs: ['dull all over', 'the part is lukewarm, never hot'],
                    tools: ['hairdryer on low, a forearm away', 'the hand beside the part as a thermometer'],
                    undo: 'Nothing was done to it but drying.',
                    cautions: [
                        'Polystyrene warps from about 70 °C.',
                        'Harder for it does not get: masks and solvents wait as long as before.',
                        'It blows dust about: not in the corner with the pigments.',
                    ],
                    because: 'a minute or two a face',
                ),
                setUpMinutes: 1,
                applyMinutes: 2.0,
                needs: CureState::Wet,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function preparing(): array
    {
        return [
            new Technique(
                code: 'drain-oil',
                name: 'Drain oil on card',
                kind: TechniqueKind::Prepare,
                stage: Stage::Tint,
                families: [BinderFamily::ArtistOil],
                wants: new Want(family: BinderFamily::ArtistOil, colour: '#4b3524'),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'A little of each oil is laid out on card, which draws the oil from it, some hours up to a '
                    .'day before it is used.',
                practice: new Practice(
                    signs: ['a ring of oil round it on the card', 'stiff, no longer shining'],
                    tools: ['plain cardboard', 'palette knife'],
                    undo: 'A drop of oil makes it soft again.',
                    cautions: ['What is left over keeps for some days under foil.'],
                    because: 'laid out in a minute',
                ),
                setUpMinutes: 5,
                applyMinutes: 0.0,
                needs: CureState::Wet,
                restMinutes: 180,
            ),
            new Technique(
                code: 'cut-and-sand',
                name: 'Cut, file and sand',
                kind: TechniqueKind::Prepare,
                stage: Stage::Ground,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Gates, seams and mould lines taken off, edges thinned, dents and holes cut, before any '
                    .'primer.',
                practice: new Practice(
                    signs: ['nothing catches a fingernail', 'a raking lamp shows no step'],
                    tools: ['sharp blade', 'files', 'sanding sticks, three grits', 'mask against dust'],
                    undo: 'Filled and sanded again.',
                    cautions: ['Wash it afterwards: dust and grease keep the primer off.'],
                    alternatives: ['fill-marks'],
                    because: 'part by part',
                ),
                setUpMinutes: 5,
                applyMinutes: 15.0,
            ),
            new Technique(
                code: 'fill-marks',
                name: 'Fill marks and seams',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::EpoxyPutty],
                wants: new Want(family: BinderFamily::EpoxyPutty, sheen: Sheen::Matte),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Ejector marks, sinks and seams filled a little proud, sanded flush when hard.',
                practice: new Practice(
                    signs: ['proud of the face, never below it', 'a nail leaves no mark: sand it'],
                    tools: ['two-part putty', 'spatula', 'damp finger'],
                    undo: 'Scraped out while soft.',
                    alternatives: ['cut-and-sand'],
                    because: 'a few marks',
                ),
                setUpMinutes: 10,
                applyMinutes: 6.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'tape-straps',
                name: 'Straps from tape or foil',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::WhiteGlue],
                wants: new Want(family: BinderFamily::WhiteGlue, sheen: Sheen::Satin),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Belts, slings and tie-downs cut from thin tape or foil, held at their ends by a trace of '
                    .'glue.',
                practice: new Practice(
                    signs: ['pulls into the roll that it holds', 'no end stands off'],
                    tools: ['thin tape or foil', 'steel rule and new blade', 'tweezers'],
                    undo: 'Pulled off while the glue is soft.',
                    cautions: ['Round putty only the day after it was mixed.'],
                    alternatives: ['stowage-paper'],
                    because: 'strap after strap',
                ),
                setUpMinutes: 10,
                applyMinutes: 30.0,
                needs: CureState::Wet,
            ),
            new Technique(
                code: 'stowage-film',
                name: 'Cloth from thin film',
                kind: TechniqueKind::Sculpt,
                stage: Stage::Ground,
                families: [BinderFamily::WhiteGlue],
                wants: new Want(family: BinderFamily::WhiteGlue, sheen: Sheen::Satin),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Tarpaulins and covers from thin vinyl or wrapping film that falls in folds of its own.',
                practice: new Practice(
                    signs: ['folds hang straight down', 'it no longer springs back'],
                    tools: ['thin vinyl or film', 'white glue, half water', 'warm air, little of it'],
                    undo: 'Peeled off again.',
                    cautions: ['Enamel stays tacky on vinyl: prime it, and keep to acrylics.'],
                    alternatives: ['stowage-paper'],
                    because: 'draping and trimming a sheet',
                ),
                setUpMinutes: 10,
                applyMinutes: 30.0,
                needs: CureState::Wet,
            ),
        ];
    }
}
