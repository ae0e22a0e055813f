<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Chemistry\Load;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;
use Ulvrach\Technique\Want;

/** Basing in its traditions, camouflage, masks and winter wash. */
final class ColourWork
{
    private const FINE_SPRAY = ['airbrush 0.2–0.3 mm', '0.8–1.2 bar', '2–6 cm away'];

    private const WIDE_SPRAY = ['airbrush 0.3 mm', '1.0–1.4 bar', '8–12 cm away'];

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::basing(), ...self::camouflage()];
    }

    /** @return list<Technique> */
    private static function basing(): array
    {
        return [
            new Technique(
                code: 'spray-colour',
                name: 'Spray a colour',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#5c5a37', anyColour: true),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'A flat base tone in thin coats, as it is or as a ground for what follows.',
                practice: new Practice(
                    signs: [
                        'dry a second behind the spray',
                        'grainy: too far or too dry',
                        'spiders: too wet or too near',
                    ],
                    tools: self::WIDE_SPRAY,
                    undo: 'Another coat over it.',
                    alternatives: ['black-base', 'pre-shade', 'deep-tone'],
                    because: 'two half-covering coats hide better than one wet one',
                ),
                coats: 2,
                setUpMinutes: 10,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'brush-colour',
                name: 'Brush a colour',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#5c5a37', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'A whole small part or a repair by hand, in thin layers.',
                practice: new Practice(
                    signs: ['no ridge where two strokes meet', 'pulls under the brush: stop and let it dry'],
                    tools: ['flat soft brush', 'wet palette', 'retarder'],
                    undo: 'Wiped off with its own thinner while wet.',
                    alternatives: ['spray-colour', 'paint-detail'],
                    because: 'small strokes, and a second pass',
                ),
                applyMinutes: 15.0,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'black-base',
                name: 'Black base',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#2f3233'),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'A dark ground that stays in the recesses under mottled thin coats.',
                practice: new Practice(
                    signs: ['even and dull all over'],
                    tools: self::WIDE_SPRAY,
                    undo: 'Another coat over it.',
                    cautions: ['Dark grey rather than pure black keeps detail in a photograph.'],
                    alternatives: ['spray-colour', 'pre-shade'],
                    because: 'one covering coat is enough for a ground',
                ),
                setUpMinutes: 10,
                role: ColourRole::Ground,
            ),
            new Technique(
                code: 'mottle',
                name: 'Mottled thin coat',
                kind: TechniqueKind::Shade,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#5c5a37', anyColour: true),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'Irregular, almost transparent spots of the base tone, dense on panels and open along edges.',
                practice: new Practice(
                    signs: [
                        'the ground still shows through everywhere',
                        'looks evenly covered: stop, it was one pass too many',
                    ],
                    tools: self::FINE_SPRAY,
                    undo: 'The ground can be sprayed again between the spots.',
                    cautions: ['Thinned to one part paint in two or three.'],
                    alternatives: ['light-tone', 'spray-colour'],
                    because: 'small spots, three passes; slower than a flat coat',
                ),
                coats: 3,
                setUpMinutes: 10,
                applyMinutes: 5.0,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'pre-shade',
                name: 'Pre-shade',
                kind: TechniqueKind::Shade,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#2f3233'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'Dark lines along panel joints and under overhangs, to shine through thin coats later.',
                practice: new Practice(
                    signs: ['lines no wider than a pencil', 'overspray is no harm: the next coat covers it'],
                    tools: self::FINE_SPRAY,
                    undo: 'Covered by the next coat.',
                    cautions: ['The coats after it must stay thin, or it was for nothing.'],
                    alternatives: ['post-shade', 'black-base'],
                    because: 'follows every line by hand',
                ),
                setUpMinutes: 10,
                applyMinutes: 5.0,
                role: ColourRole::Shade,
            ),
            new Technique(
                code: 'deep-tone',
                name: 'Deep tone',
                kind: TechniqueKind::Shade,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#2f3233'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'The darkest of three values: lower third, around details, under overhangs.',
                practice: new Practice(
                    signs: ['fades out without a border'],
                    tools: self::FINE_SPRAY,
                    undo: 'Covered by the base tone.',
                    alternatives: ['pre-shade'],
                    because: 'a third of the surface, freehand',
                ),
                setUpMinutes: 10,
                applyMinutes: 4.0,
                role: ColourRole::Tone,
            ),
            new Technique(
                code: 'light-tone',
                name: 'Light tone',
                kind: TechniqueKind::Shade,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#b99b66'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'The lightest of three values: upper third, raised parts, panel centres; a smaller area with '
                    .'each pass.',
                practice: new Practice(
                    signs: [
                        'each pass covers less than the one before',
                        'chalky: mixed with white instead of a hue that keeps it',
                    ],
                    tools: self::FINE_SPRAY,
                    undo: 'Misted over with the base tone.',
                    cautions: ['Lighten olive with buff, sand with off-white, not everything with white.'],
                    alternatives: ['mottle', 'dry-brush'],
                    because: 'panel by panel',
                ),
                setUpMinutes: 10,
                applyMinutes: 4.0,
                role: ColourRole::Tone,
            ),
            new Technique(
                code: 'post-shade',
                name: 'Post-shade',
                kind: TechniqueKind::Shade,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27'),
                application: Application::Airbrush,
                sprayed: Load::Mist,
                coverage: Coverage::Grain,
                purpose: 'An almost clear dark mix along panel edges and seams, over everything that is painted by '
                    .'then.',
                practice: new Practice(
                    signs: ['seen only when the eye looks for it'],
                    tools: self::FINE_SPRAY,
                    undo: 'Misted over with the base tone.',
                    cautions: ['After the markings, so that it runs over them too.'],
                    alternatives: ['pre-shade', 'oil-shading'],
                    because: 'one part paint in ten; builds up slowly',
                ),
                setUpMinutes: 10,
                applyMinutes: 5.0,
                role: ColourRole::Shade,
            ),
        ];
    }

    /** @return list<Technique> */
    private static function camouflage(): array
    {
        return [
            new Technique(
                code: 'soft-camouflage',
                name: 'Soft-edged camouflage',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27', anyColour: true),
                application: Application::Airbrush,
                coverage: Coverage::Partial,
                purpose: 'Freehand fields with a narrow soft border; outline first, then fill.',
                practice: new Practice(
                    signs: ['the border is as wide as a spray gun would leave it at this scale'],
                    tools: self::FINE_SPRAY,
                    undo: 'Sprayed back with the base colour.',
                    alternatives: ['hard-camouflage'],
                    because: 'half of the surface, in two passes',
                ),
                coats: 2,
                setUpMinutes: 15,
                applyMinutes: 4.0,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'hard-camouflage',
                name: 'Hard-edged camouflage',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3a2d27', anyColour: true),
                application: Application::Airbrush,
                coverage: Coverage::Partial,
                purpose: 'Fields between masks, sprayed at a right angle to their edge.',
                practice: new Practice(
                    signs: ['no wet line of paint against the mask'],
                    tools: self::WIDE_SPRAY,
                    undo: 'Sprayed back with the base colour, masked again.',
                    cautions: ['Spray from the mask outwards, or paint creeps under it.'],
                    alternatives: ['soft-camouflage'],
                    because: 'half of the surface',
                ),
                coats: 2,
                setUpMinutes: 10,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'mask',
                name: 'Mask',
                kind: TechniqueKind::Mask,
                stage: Stage::Colour,
                families: [BinderFamily::MaskingFilm],
                wants: new Want(family: BinderFamily::MaskingFilm),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Holds an edge with tape, putty or paper while the next colour goes on.',
                practice: new Practice(
                    signs: ['edges pressed down all along', 'no lint, no gap at raised detail'],
                    tools: ['low-tack tape or putty', 'cutting mat', 'new blade'],
                    undo: 'Pulled off low and slowly.',
                    cautions: ['Take some tack off on the skin first.', 'Try it where it does not show.'],
                    because: 'cutting and laying',
                ),
                applyMinutes: 10.0,
                needs: CureState::SolventProof,
            ),
            new Technique(
                code: 'unmask',
                name: 'Take masks off',
                kind: TechniqueKind::Unmask,
                stage: Stage::Colour,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Pulls tape or putty as soon as the paint is touch-dry.',
                practice: new Practice(
                    signs: ['the edge stands clean', 'a thread of paint is pulled: cut it with a blade'],
                    tools: ['tweezers', 'blade'],
                    undo: 'An edge that bled is scraped or touched up.',
                    because: 'slowly, at a flat angle',
                ),
                setUpMinutes: 2,
                needs: CureState::TouchDry,
            ),
            new Technique(
                code: 'winter-wash',
                name: 'Winter wash',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#e4e1d6'),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'A thin uneven white over the whole finish, often made to be worn off again.',
                practice: new Practice(
                    signs: ['streaky and thin where a brush could not reach'],
                    tools: self::WIDE_SPRAY,
                    undo: 'Over chipping fluid it comes off with water in its window.',
                    cautions: ['Off-white: pure white leaves no room for light.'],
                    alternatives: ['winter-wash-brushed'],
                    because: 'one thin coat; unevenness is wanted',
                ),
                setUpMinutes: 10,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'winter-wash-brushed',
                name: 'Winter wash by brush',
                kind: TechniqueKind::Colour,
                stage: Stage::Colour,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#e4e1d6'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'White dabbed and brushed on as a crew would with brooms.',
                practice: new Practice(
                    signs: ['brush marks run the way a broom would'],
                    tools: ['old flat brush', 'sponge'],
                    undo: 'Wiped back with its own thinner while wet.',
                    alternatives: ['winter-wash'],
                    because: 'by hand, unevenly',
                ),
                applyMinutes: 12.0,
                role: ColourRole::Base,
            ),
        ];
    }
}
