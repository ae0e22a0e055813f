<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

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
            new Technique('spray-colour', 'Spray a colour', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'A flat base tone in thin coats, as it is or as a ground for what follows.',
                new Practice(['dry a second behind the spray', 'grainy: too far or too dry', 'spiders: too wet or too near'], self::WIDE_SPRAY,
                    'Another coat over it.', [], ['black-base', 'pre-shade', 'deep-tone'], 'two half-covering coats hide better than one wet one'),
                coats: 2, setUpMinutes: 10, role: ColourRole::Base),
            new Technique('brush-colour', 'Brush a colour', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Brush, Coverage::Whole,
                'A whole small part or a repair by hand, in thin layers.',
                new Practice(['no ridge where two strokes meet', 'pulls under the brush: stop and let it dry'], ['flat soft brush', 'wet palette', 'retarder'],
                    'Wiped off with its own thinner while wet.', [], ['spray-colour', 'paint-detail'], 'small strokes, and a second pass'),
                applyMinutes: 15.0, role: ColourRole::Base),
            new Technique('black-base', 'Black base', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'A dark ground that stays in the recesses under mottled thin coats.',
                new Practice(['even and dull all over'], self::WIDE_SPRAY, 'Another coat over it.', ['Dark grey rather than pure black keeps detail in a photograph.'],
                    ['spray-colour', 'pre-shade'], 'one covering coat is enough for a ground'),
                setUpMinutes: 10, role: ColourRole::Ground),
            new Technique('mottle', 'Mottled thin coat', TechniqueKind::Shade, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'Irregular, almost transparent spots of the base tone, dense on panels and open along edges.',
                new Practice(['the ground still shows through everywhere', 'looks evenly covered: stop, it was one pass too many'], self::FINE_SPRAY,
                    'The ground can be sprayed again between the spots.', ['Thinned to one part paint in two or three.'], ['light-tone', 'spray-colour'],
                    'small spots, three passes; slower than a flat coat'),
                coats: 3, setUpMinutes: 10, applyMinutes: 5.0, role: ColourRole::Base),
            new Technique('pre-shade', 'Pre-shade', TechniqueKind::Shade, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'Dark lines along panel joints and under overhangs, to shine through thin coats later.',
                new Practice(['lines no wider than a pencil', 'overspray is no harm: the next coat covers it'], self::FINE_SPRAY, 'Covered by the next coat.',
                    ['The coats after it must stay thin, or it was for nothing.'], ['post-shade', 'black-base'], 'follows every line by hand'),
                setUpMinutes: 10, applyMinutes: 5.0, role: ColourRole::Shade),
            new Technique('deep-tone', 'Deep tone', TechniqueKind::Shade, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'The darkest of three values: lower third, around details, under overhangs.',
                new Practice(['fades out without a border'], self::FINE_SPRAY, 'Covered by the base tone.', [], ['pre-shade'], 'a third of the surface, freehand'),
                setUpMinutes: 10, applyMinutes: 4.0, role: ColourRole::Tone),
            new Technique('light-tone', 'Light tone', TechniqueKind::Shade, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'The lightest of three values: upper third, raised parts, panel centres; a smaller area with each pass.',
                new Practice(['each pass covers less than the one before', 'chalky: mixed with white instead of a hue that keeps it'], self::FINE_SPRAY,
                    'Misted over with the base tone.', ['Lighten olive with buff, sand with off-white, not everything with white.'], ['mottle', 'dry-brush'],
                    'panel by panel'),
                setUpMinutes: 10, applyMinutes: 4.0, role: ColourRole::Tone),
            new Technique('post-shade', 'Post-shade', TechniqueKind::Shade, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'An almost clear dark mix along panel edges and seams, over everything that is painted by then.',
                new Practice(['seen only when the eye looks for it'], self::FINE_SPRAY, 'Misted over with the base tone.',
                    ['After the markings, so that it runs over them too.'], ['pre-shade', 'oil-shading'], 'one part paint in ten; builds up slowly'),
                setUpMinutes: 10, applyMinutes: 5.0, role: ColourRole::Shade),
        ];
    }

    /** @return list<Technique> */
    private static function camouflage(): array
    {
        return [
            new Technique('soft-camouflage', 'Soft-edged camouflage', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Partial,
                'Freehand fields with a narrow soft border; outline first, then fill.',
                new Practice(['the border is as wide as a spray gun would leave it at this scale'], self::FINE_SPRAY, 'Sprayed back with the base colour.', [],
                    ['hard-camouflage'], 'half of the surface, in two passes'),
                coats: 2, setUpMinutes: 15, applyMinutes: 4.0, role: ColourRole::Base),
            new Technique('hard-camouflage', 'Hard-edged camouflage', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Partial,
                'Fields between masks, sprayed at a right angle to their edge.',
                new Practice(['no wet line of paint against the mask'], self::WIDE_SPRAY, 'Sprayed back with the base colour, masked again.',
                    ['Spray from the mask outwards, or paint creeps under it.'], ['soft-camouflage'], 'half of the surface'),
                coats: 2, setUpMinutes: 10, role: ColourRole::Base),
            new Technique('mask', 'Mask', TechniqueKind::Mask, Stage::Colour, [BinderFamily::MaskingFilm], Application::Dry, Coverage::Partial,
                'Holds an edge with tape, putty or paper while the next colour goes on.',
                new Practice(['edges pressed down all along', 'no lint, no gap at raised detail'], ['low-tack tape or putty', 'cutting mat', 'new blade'],
                    'Pulled off low and slowly.', ['Take some tack off on the skin first.', 'Try it where it does not show.'], [], 'cutting and laying'),
                applyMinutes: 10.0, needs: CureState::SolventProof),
            new Technique('unmask', 'Take masks off', TechniqueKind::Unmask, Stage::Colour, [], Application::Dry, Coverage::Partial,
                'Pulls tape or putty as soon as the paint is touch-dry.',
                new Practice(['the edge stands clean', 'a thread of paint is pulled: cut it with a blade'], ['tweezers', 'blade'],
                    'An edge that bled is scraped or touched up.', [], [], 'slowly, at a flat angle'),
                setUpMinutes: 2, needs: CureState::TouchDry),
            new Technique('winter-wash', 'Winter wash', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'A thin uneven white over the whole finish, often made to be worn off again.',
                new Practice(['streaky and thin where a brush could not reach'], self::WIDE_SPRAY, 'Over chipping fluid it comes off with water in its window.',
                    ['Off-white: pure white leaves no room for light.'], ['winter-wash-brushed'], 'one thin coat; unevenness is wanted'),
                setUpMinutes: 10, role: ColourRole::Base),
            new Technique('winter-wash-brushed', 'Winter wash by brush', TechniqueKind::Colour, Stage::Colour, Families::PAINTS, Application::Brush, Coverage::Partial,
                'White dabbed and brushed on as a crew would with brooms.',
                new Practice(['brush marks run the way a broom would'], ['old flat brush', 'sponge'], 'Wiped back with its own thinner while wet.', [], ['winter-wash'], 'by hand, unevenly'),
                applyMinutes: 12.0, role: ColourRole::Base),
        ];
    }
}
