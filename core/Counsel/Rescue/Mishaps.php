<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Rescue;

use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Technique\Nature;

/** What goes wrong at the bench, and what practitioners do about it: the reversible first. */
final class Mishaps
{
    private const PAINT = [Nature::Paint];

    private const LIQUID = [Nature::Wash, Nature::Filter, Nature::Blend];

    private const STREAKS = [Nature::Streak, Nature::Wash, Nature::Chips];

    private const EARTH = [Nature::Earth, Nature::FixPigment];

    private const SPIRITS = [Carrier::OdourlessSpirit, Carrier::WhiteSpirit];

    private const WATERS = [Carrier::Water, Carrier::WettedWater, Carrier::AlcoholBlend];

    /** @return array<string, Mishap> by code */
    public static function all(): array
    {
        /** @var array<string, Mishap>|null $all */
        static $all = null;

        return $all ??= array_column(
            [
                ...self::tints(),
                ...self::paint(),
                ...self::surface(),
                ...self::earth(),
                ...self::spray(),
                ...self::parts(),
                ...self::slow(),
            ],
            null,
            'code',
        );
    }

    /** @return list<Mishap> */
    private static function tints(): array
    {
        return [
            new Mishap('wiped-too-much', 'The wash is wiped away too far', self::LIQUID, [
                Way::leave(
                    'Let it dry before you judge: a wet line looks darker than it will be.',
                    CureState::TouchDry,
                ),
                Way::mend('pin-wash', 'Set the wash into the empty lines again, with a point and little of it.'),
            ]),
            new Mishap('wash-too-strong', 'The wash is too strong, the whole has gone dark', self::LIQUID, [
                Way::wipe(
                    'Draw it off towards the lower edge, stroke by stroke.',
                    'flat brush, nearly dry',
                    ...self::SPIRITS,
                ),
                Way::wipe('Draw it off, stroke by stroke.', 'flat brush, nearly dry', ...self::WATERS),
                Way::mend('light-tone', 'Bring the middle of the panels up again with a lighter tone.'),
                Way::weather('dust-mist', 'A veil of dust takes the contrast out of it.'),
            ]),
            new Mishap('tide-mark', 'A rim where a wash or filter has dried', self::LIQUID, [
                Way::wipe('Wet the rim alone and feather it outwards.', 'soft brush, hardly damp', ...self::SPIRITS),
                Way::wipe('Wet the rim alone and feather it outwards.', 'soft brush, hardly damp', ...self::WATERS),
                Way::weather('dust-mist', 'Dust gathers where water stood: let the rim be its edge.'),
            ]),
            new Mishap('wash-wont-move', 'The wash has set and will not move', self::LIQUID, [
                Way::wipe('Wet it, wait two minutes, and wipe.', 'flat brush', ...self::SPIRITS),
                Way::scrub(
                    'Wet it, wait two minutes, and work it in circles.',
                    'stiff brush, little force',
                    ...self::SPIRITS,
                ),
                Way::scrub('Wet it, wait, and work it in circles.', 'stiff brush, little force', ...self::WATERS),
                Way::mend('stipple', 'Cover the worst of it with broken spots of the base colour.', withPaint: true),
                Way::weather('dust-mist', 'A veil of dust over it.'),
            ]),
            new Mishap('filter-blotchy', 'The filter has dried in clouds', self::LIQUID, [
                Way::wipe('Even it out with a damp brush, from light to dark.', 'wide soft brush', ...self::SPIRITS),
                Way::wipe('Even it out with a damp brush, from light to dark.', 'wide soft brush', ...self::WATERS),
                Way::mend('filter', 'A second filter, thinner, over all of it.'),
            ]),
            new Mishap('oils-muddy', 'The oils have run together to one brown', [Nature::Blend], [
                Way::wipe(
                    'Take most of it off, and set fewer dots farther apart.',
                    'clean flat brush',
                    ...self::SPIRITS,
                ),
                Way::weather('oil-dots', 'Once it is dry: a few pale dots bring the light back.'),
            ]),
            new Mishap('too-orange', 'The rust is too orange', [Nature::Wash, ...self::STREAKS], [
                Way::wipe('Lift the brightest of it.', 'pointed brush, damp', ...self::SPIRITS),
                Way::wipe('Lift the brightest of it.', 'pointed brush, damp', ...self::WATERS),
                Way::mend('pin-wash', 'A dark brown wash into it takes the orange down.'),
                Way::weather('dry-pigment', 'Old rust is brown and dusty: earth pigment over it.'),
            ]),
            new Mishap('streak-too-strong', 'A streak is too strong', self::STREAKS, [
                Way::wipe(
                    'Draw it down to a hair with strokes from above.',
                    'flat brush, nearly dry',
                    ...self::SPIRITS,
                ),
                Way::wipe('Draw it down while it still moves.', 'flat brush, nearly dry', ...self::WATERS),
                Way::mend('glaze', 'A glaze of the base colour across its middle.', withPaint: true),
                Way::weather('dust-mist', 'Dust over its lower end: rain is long ago.'),
            ]),
            new Mishap('streak-astray', 'A streak runs the wrong way, or from nothing', self::STREAKS, [
                Way::wipe('Take it off and set it again from a bolt or an edge.', 'flat brush', ...self::SPIRITS),
                Way::wipe('Take it off and set it again from a bolt or an edge.', 'flat brush', ...self::WATERS),
                Way::weather('brush-chips', 'Give it a source: one chip where it begins.'),
            ]),
        ];
    }

    /** @return list<Mishap> */
    private static function paint(): array
    {
        return [
            new Mishap('rubbed-to-plastic', 'It is rubbed or lifted through to primer or plastic', [], [
                Way::leave('Stop, blot, and let it dry: what is soft now tears on.', within: 60),
                Way::mend('prime-repair', 'Prime the bare place first; then the colour.'),
                Way::mend('stipple', 'Bring the colour in from the edges, thin and broken.', withPaint: true),
                Way::weather('brush-chips', 'Where boots tread, a chip may be as large as that.'),
            ]),
            new Mishap('sheet-not-chips', 'A whole sheet came off instead of chips', [], [
                Way::leave('Blot it dry at once: water goes on working below the film.', within: 60),
                Way::mend('stipple', 'Break the sheet up with spots of the colour that came off.', withPaint: true),
                Way::weather('rust-wash', 'A scrape as large as that has rusted.'),
            ]),
            new Mishap('chips-too-many', 'There are too many chips, or they are too large', [Nature::Chips], [
                Way::wipe('Take some off again.', 'pointed brush, damp', ...self::WATERS),
                Way::mend('stipple', 'Take some back with spots of the base colour.', withPaint: true),
                Way::weather('dust-mist', 'Dust over them lowers the contrast.'),
            ]),
            new Mishap('paint-pulled', 'The mask has pulled paint off', self::PAINT, [
                Way::leave(
                    'Leave the rest of the mask on until that edge is dry, and pull it back on itself.',
                    CureState::Recoatable,
                ),
                Way::mend('stipple', 'Touch the torn edge in, thin, with the same paint.', withPaint: true),
                Way::weather('brush-chips', 'On an edge it may be a chip.'),
            ]),
            new Mishap('overspray', 'Colour went where it does not belong', self::PAINT, [
                Way::wipe('Take it off while it is fresh.', 'cotton bud, hardly damp', ...self::WATERS),
                Way::mend('glaze', 'Cover it with the colour that belongs there.', withPaint: true),
                Way::weather('dust-mist', 'A veil of dust over the border.'),
            ]),
            new Mishap('wrong-colour', 'The colour is wrong', self::PAINT, [
                Way::leave('Judge it dry and beside its neighbours: wet paint is darker.', CureState::TouchDry),
                Way::wipe('Take it off before it sets.', 'soft cloth, hardly damp', ...self::WATERS),
                Way::mend('filter', 'A filter moves the hue of all of it a little.'),
                Way::mend('glaze', 'A glaze of what it lacks.', withPaint: true),
            ]),
            new Mishap('run', 'The paint has run or sagged', self::PAINT, [
                Way::whileWet('Draw it up with the corner of a dry brush.', 'dry brush, no force'),
                Way::byHand(
                    'Once it is through: level it wet, and spray it again.',
                    'wet paper 2000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('stipple', 'Break it up with the same paint.', withPaint: true),
            ]),
            new Mishap('orange-peel', 'The surface is like the skin of an orange', [
                ...self::PAINT,
                Nature::ClearCoat,
            ], [
                Way::leave('Let it dry: much of it draws flat.', CureState::Recoatable),
                Way::byHand(
                    'Once it is through: level it wet.',
                    'wet paper 2000 to 4000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('clear-coat', 'One wet coat of clear fills it.'),
            ]),
            new Mishap('hair-in-coat', 'Dust or a hair lies in the coat', [...self::PAINT, Nature::ClearCoat], [
                Way::whileWet('Lift it out at its end, or leave it: a wiped coat is lost.', 'needle, once'),
                Way::byHand(
                    'Once it is through: level the place.',
                    'wet paper 2000, no force',
                    CureState::SolventProof,
                ),
            ]),
            new Mishap('fingerprint', 'A fingerprint in the paint', [...self::PAINT, Nature::ClearCoat], [
                Way::leave('Do not rub: let it dry.', CureState::Recoatable),
                Way::byHand(
                    'Once it is through: level the ridges.',
                    'wet paper 2000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('stipple', 'Cover it, thin, with the same paint.', withPaint: true),
            ]),
            new Mishap('paint-beads', 'The paint draws back from spots', self::PAINT, [
                Way::wipe('Take it off, and wash the part: there is grease below.', 'cloth', ...self::WATERS),
                Way::mend('stipple', 'In mist coats, each dry before the next.', withPaint: true),
            ]),
            new Mishap('thinner-spilled', 'A drop of thinner fell on it', [], [
                Way::leave('Do not wipe. Let it flash off; wiping is what takes the paint along.', within: 60),
                Way::mend('stipple', 'If it shows when dry: the same paint, thin.', withPaint: true),
                Way::weather('wet-spots', 'Fuel and oil are spilled there too.'),
            ]),
        ];
    }

    /** @return list<Mishap> */
    private static function surface(): array
    {
        return [
            new Mishap('varnish-frosted', 'The clear coat has gone white or cloudy', [Nature::ClearCoat], [
                Way::leave(
                    'Bring it into a dry, warm room: a haze of damp air may clear by itself within the hour.',
                    within: 180,
                ),
                Way::mend(
                    'clear-coat',
                    'A thin wet coat of gloss over it clears most frosts; then the sheen that you want.',
                ),
                Way::weather('dust-mist', 'What stays of it may be dust.'),
            ]),
            new Mishap('varnish-crazed', 'The clear coat has crazed', [Nature::ClearCoat], [
                Way::leave('Let it stand overnight before you touch it.', within: 720),
                Way::byHand(
                    'Once it is through: level the cracks.',
                    'wet paper 2000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('stipple', 'Cover the place, thin and in mist.', withPaint: true),
                Way::weather('dry-pigment', 'Dust settles in cracks, and hides them.'),
            ]),
            new Mishap('glossy-patches', 'Shiny patches in a matte finish', [], [
                Way::mend('final-coat', 'One more thin matte coat over that zone.'),
                Way::weather('dry-pigment', 'Dust is matte.'),
            ]),
            new Mishap('glue-shine', 'Glue shines beside a joint', [], [
                Way::mend('final-coat', 'A matte coat over that zone.'),
                Way::weather('dry-pigment', 'Dust and earth gather in joints.'),
            ]),
            new Mishap('decal-silvered', 'A decal has silvered', [Nature::Decal, Nature::Soften], [
                Way::mend('prick-silver', 'Prick the bubble and let softener in.'),
                Way::mend('marking-touch-up', 'Touch the rim in with paint.'),
            ]),
            new Mishap('marking-stained', 'A marking has taken on the wash', [], [
                Way::wipe('Clean the marking alone, before it sets.', 'pointed brush, hardly damp', ...self::SPIRITS),
                Way::wipe('Clean the marking alone, before it sets.', 'pointed brush, hardly damp', ...self::WATERS),
                Way::mend('marking-touch-up', 'Bring the white back with paint.'),
                Way::leave('A vehicle in service has dirty markings.'),
            ]),
            new Mishap('decal-torn', 'A decal has torn or slipped', [Nature::Decal], [
                Way::wipe(
                    'While it is wet: flood it, and float it home.',
                    'soft brush, plenty of water',
                    Carrier::Water,
                ),
                Way::mend('marking-touch-up', 'Paint the missing piece.'),
                Way::weather('brush-chips', 'Chips across the tear.'),
            ]),
        ];
    }

    /** @return list<Mishap> */
    private static function earth(): array
    {
        return [
            new Mishap('pigment-gone', 'The pigment has vanished under varnish or fixer', [], [
                Way::leave('Wait until it is dry: wet, it is always darker.', CureState::Recoatable),
                Way::mend('dry-pigment', 'Lay it again, lighter than you want it, and fix it with less.'),
                Way::mend('dust-mist', 'Sprayed dust keeps its tone.'),
            ]),
            new Mishap('pigment-too-much', 'There is too much pigment', self::EARTH, [
                Way::byHand('Brush or blow it off, as long as it is loose.', 'large soft brush'),
                Way::wipe('Wipe raised parts free.', 'cotton bud, damp', ...self::SPIRITS),
                Way::wipe('Wipe raised parts free.', 'cotton bud, damp', ...self::WATERS),
            ]),
            new Mishap('mud-too-much', 'There is too much mud, or it sits where none would', self::EARTH, [
                Way::whileWet('Take it off.', 'stiff damp brush'),
                Way::scrub('Soften it and take it off from its edges.', 'stiff brush', ...self::WATERS),
                Way::scrub('Soften it and take it off from its edges.', 'stiff brush', ...self::SPIRITS),
                Way::byHand('Pick it off in flakes once it is dry.', 'cocktail stick', CureState::Recoatable),
            ]),
            new Mishap('mud-shiny', 'Dry mud shines', self::EARTH, [
                Way::mend('final-coat', 'A matte coat over that zone.'),
                Way::weather('dry-pigment', 'Dry earth over it: only wet mud shines.'),
            ]),
            new Mishap('dust-too-even', 'The dust is an even film like paint', [
                ...self::EARTH,
                Nature::Filter,
                ...self::PAINT,
            ], [
                Way::wipe('Wipe it off raised parts and down the sides.', 'cotton bud, hardly damp', ...self::WATERS),
                Way::wipe('Wipe it off raised parts and down the sides.', 'cotton bud, hardly damp', ...self::SPIRITS),
                Way::weather('dry-pigment', 'A second tone, in corners alone.'),
            ]),
        ];
    }

    /** @return list<Mishap> what the airbrush and the tape do */
    private static function spray(): array
    {
        return [
            new Mishap('nothing-lifts', 'Nothing comes off: the paint will not lift', [Nature::Colour], [
                Way::leave('Warm water, and two minutes more before the brush: it has to get through.', within: 360),
                Way::byHand('Score it with a point, wet it again, and work from there.', 'needle, stiff brush'),
                Way::byHand('Rub the edges with fine abrasive: that opens it, too.', 'sponge 1500, no force'),
                Way::weather('sponge-chips', 'Put the chips on instead, with a sponge.'),
            ]),
            new Mishap('bled-under-mask', 'Paint has bled under the tape or mask', self::PAINT, [
                Way::wipe('Take the fresh rim off.', 'pointed brush, hardly damp', ...self::WATERS),
                Way::mend('stipple', 'Bring the border back with the colour below, by brush.', withPaint: true),
                Way::weather('dust-mist', 'A veil of dust softens the border.'),
            ]),
            new Mishap('ridge-at-mask', 'A ridge stands where the mask was', self::PAINT, [
                Way::leave('Let it sink as it dries before you touch it.', CureState::Recoatable),
                Way::byHand(
                    'Once it is through: level the ridge alone.',
                    'wet paper 3000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('clear-coat', 'One wet clear coat takes the step out of it.'),
            ]),
            new Mishap('dusty-spray', 'The spray is dusty or grainy', [...self::PAINT, Nature::ClearCoat], [
                Way::byHand(
                    'Once it is dry: brush off what is loose.',
                    'soft brush, or tissue with no force',
                    CureState::TouchDry,
                ),
                Way::byHand('Once it is through: rub it smooth.', 'sponge 2000, wet', CureState::SolventProof),
                Way::mend('spray-colour', 'A wetter coat from nearer over it, in thin passes.', withPaint: true),
            ]),
            new Mishap('spatter', 'The airbrush spat: drops and coarse specks', self::PAINT, [
                Way::whileWet('Lift single drops with the corner of a dry brush.', 'dry brush, no force'),
                Way::byHand(
                    'Once it is through: level the drops.',
                    'wet paper 2000, no force',
                    CureState::SolventProof,
                ),
                Way::mend('spray-colour', 'Clean the tip, and mist the same colour over it.', withPaint: true),
            ]),
            new Mishap('matte-dried-glossy', 'The matte coat has dried shiny', [Nature::ClearCoat], [
                Way::leave('Let it dry through: much of the shine goes as it does.', CureState::Recoatable),
                Way::mend('final-coat', 'Stir the bottle for two minutes, and spray a thin coat over it.'),
                Way::weather('dry-pigment', 'Dust is matte.'),
            ]),
            new Mishap('white-in-recesses', 'White stands in the recesses after the matte coat', [Nature::ClearCoat], [
                Way::whileWet('Draw it out of the corner.', 'dry pointed brush'),
                Way::mend('clear-coat', 'A thin gloss coat makes the grains clear again; then matte, stirred.'),
                Way::mend('pin-wash', 'A wash into the lines tints what is left.'),
            ]),
            new Mishap('flakes-in-paint', 'Metal flakes glitter in plain paint', self::PAINT, [
                Way::leave('Clean cup and needle before anything else is sprayed.', within: 60),
                Way::mend('spray-colour', 'One more coat, from a clean airbrush.', withPaint: true),
            ]),
        ];
    }

    /** @return list<Mishap> what happens to parts, plastic and glass */
    private static function parts(): array
    {
        return [
            new Mishap('part-broken', 'A part has fallen off or broken', [], [
                Way::leave('Keep both faces clean; glue them once all that is wet is dry.', CureState::TouchDry),
                Way::mend('stipple', 'Touch the joint in, thin, with the same paint.', withPaint: true),
                Way::weather('brush-chips', 'Where it broke, paint has chipped as well.'),
            ]),
            new Mishap('links-apart', 'Track links have come apart', [], [
                Way::leave('Let the spirit go out of the joints overnight before they are glued again.', within: 1440),
                Way::byHand('Glue them from behind, and touch up what is bare.', 'pointed brush, instant glue'),
            ]),
            new Mishap('seam-ghost', 'A filled seam shows through the paint', self::PAINT, [
                Way::byHand(
                    'Once it is through: level it, wet, across the seam.',
                    'wet paper 1000, then 2000',
                    CureState::SolventProof,
                ),
                Way::mend('prime-repair', 'Prime the place again, and look at it in raking light.'),
                Way::weather('dust-mist', 'Dust over what is left of it.'),
            ]),
            new Mishap('plastic-melted', 'A drop has melted the plastic', [], [
                Way::leave('Do not touch it: it hardens again within the day.', within: 1440),
                Way::byHand('Then fill it, and level it.', 'putty, paper 600 to 1000'),
                Way::mend('prime-repair', 'Prime the place; then the colour.'),
            ]),
            new Mishap('tape-residue', 'Glue of the tape is left on the paint', self::PAINT, [
                Way::byHand('Dab it off with a clean strip of the same tape.', 'tape, sticky side down'),
                Way::wipe('Take the rest off.', 'cotton bud, hardly damp', ...self::SPIRITS),
            ]),
            new Mishap('glass-bloomed', 'The glass has a white bloom from glue', [], [
                Way::byHand('Breathe on it, and polish it.', 'soft cloth, no force'),
                Way::mend('paint-glass', 'A coat of gloss clear over it makes the bloom transparent.'),
            ]),
            new Mishap('salt-stuck', 'Grains of salt will not come off', [Nature::Colour], [
                Way::byHand('Warm water, then a soft brush; never a nail.', 'soft brush, warm water'),
                Way::leave('Soak it for a quarter of an hour, and try again.', within: 1440),
            ]),
            new Mishap('decal-folded', 'A decal has folded or wrinkled for good', [Nature::Decal, Nature::Soften], [
                Way::wipe('While it is wet: flood it and draw it flat.', 'soft brush, much water', Carrier::Water),
                Way::mend('decal-softener', 'Softener on the fold, and leave it: it draws down overnight.'),
                Way::byHand(
                    'Once it is dry: cut the fold, and lay it down with softener.',
                    'new blade, no force',
                    CureState::Recoatable,
                ),
                Way::mend('marking-touch-up', 'Paint what is missing.'),
            ]),
        ];
    }

    /** @return list<Mishap> what will not dry, and what dried as it should not */
    private static function slow(): array
    {
        return [
            new Mishap('oil-tacky', 'The oil is still tacky after days', [...self::LIQUID, Nature::Streak], [
                Way::leave('Put it into a warm box, dust-free: three days more, not varnish over it.', within: 14_400),
                Way::wipe('Take some of it off: too much of it was left.', 'flat brush, nearly dry', ...self::SPIRITS),
            ]),
            new Mishap('fixer-ring', 'The fixer has left a ring', [Nature::FixPigment, Nature::Pigment], [
                Way::wipe('Wet the whole face, and draw the ring outwards.', 'soft brush, damp', ...self::SPIRITS),
                Way::wipe('Wet the whole face, and draw the ring outwards.', 'soft brush, damp', ...self::WATERS),
                Way::mend('dry-pigment', 'Loose pigment over the rim.'),
            ]),
            new Mishap('mud-cracked', 'The mud has cracked or fallen off', self::EARTH, [
                Way::leave('A few cracks are what dried mud has.'),
                Way::byHand('Run thin glue into the cracks.', 'pointed brush, white glue with water'),
                Way::mend('mud-paste', 'Thin paste into the gaps, and slower to dry.'),
                Way::weather('dry-pigment', 'Dry earth gathers in the cracks.'),
            ]),
            new Mishap('pigment-too-yellow', 'The earth is too yellow', self::EARTH, [
                Way::byHand('Brush off what is loose.', 'soft dry brush'),
                Way::mend('dust-mist', 'Grey over it, thin; and wipe raised parts free.'),
                Way::weather('dry-pigment', 'A greyer earth worked into it.'),
            ]),
            new Mishap('slurry-too-orange', 'The rust slurry is too orange', [Nature::Pigment, Nature::Mud], [
                Way::whileWet('Stir a little black pigment into it.', 'old brush, a grain at a time'),
                Way::mend('pin-wash', 'A dark brown wash into it takes the orange down.'),
                Way::weather('dry-pigment', 'Dark earth over it.'),
            ]),
        ];
    }
}
