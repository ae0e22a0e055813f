<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/** Something that goes wrong or right in the hands, which no plan can show: a prompt at the step, or advice to read. */
final readonly class Habit
{
    /**
     * @param  list<TechniqueKind>  $kinds  of the steps it is said at; empty: advice in the almanac
     * @param  string  $moment  "before", "while" or "after" the work
     */
    private function __construct(
        public string $code,
        public array $kinds,
        public string $moment,
        public string $text,
        public string $otherwise,
    ) {
    }

    /** @return list<self> said at a step of this kind */
    public static function for(TechniqueKind $kind): array
    {
        return array_values(array_filter(self::all(), static fn (self $habit) => in_array($kind, $habit->kinds, true)));
    }

    /** @return array<string, self> by code */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= array_column([...self::prompts(), ...self::advice()], null, 'code');
    }

    /** @return list<self> */
    private static function prompts(): array
    {
        $spirit = [TechniqueKind::Wash, TechniqueKind::Filter, TechniqueKind::Blend, TechniqueKind::Streak];
        $sprayed = [TechniqueKind::Prime, TechniqueKind::Colour, TechniqueKind::Shade, TechniqueKind::ClearCoat];

        return [
            new self('shake-and-stir', [...$sprayed, ...$spirit, TechniqueKind::Chips, TechniqueKind::Detail], 'before', 'Shake or stir the jar for a full minute.', 'the strength is wrong, and matte clear dries glossy'),
            new self('clean-first', [TechniqueKind::Prime], 'before', 'Wash grease and release agent off, and let the part dry.', 'primer beads and peels'),
            new self('marks-filled', [TechniqueKind::Prime], 'before', 'Fill sink marks, seams and moulding marks, and sand them, before the primer.', 'every mark shows under paint'),
            new self('from-all-sides', [TechniqueKind::Prime], 'while', 'Spray from several directions; both sides of uprights, crosswise on flat faces, and where the model touches the shelf.', 'paint rubs to bare material there'),
            new self('primer-its-time', [TechniqueKind::Prime], 'after', 'Before heavy work give primer a day, or two.', 'later layers trap what has not left it'),
            new self('mist-first', [TechniqueKind::Colour, TechniqueKind::ClearCoat], 'while', 'First a mist, then wetter passes; judge by even sheen in side light.', 'the first wet coat runs'),
            new self('thin-nozzle', [TechniqueKind::Shade], 'before', 'For ultra-thin spraying take a paint made for the airbrush, strained.', 'the nozzle clogs'),
            new self('smaller-each-time', [TechniqueKind::Shade], 'while', 'Let each lighter pass cover less than the one before.', 'the earlier tone is lost'),
            new self('low-tack', [TechniqueKind::Mask], 'before', 'Take tack off the tape on skin or glass, and press every edge down.', 'paint is pulled, or creeps under'),
            new self('one-edge', [TechniqueKind::Mask], 'while', 'One kind of edge along one mask: spray at a right angle to it.', 'soft bits in a hard edge look like a mistake'),
            new self('grain-mixed', [TechniqueKind::ReleaseFilm], 'while', 'Salt: crush, sieve and mix the grains, in clumps and gaps.', 'one size in rows looks false'),
            new self('try-hidden', [TechniqueKind::LiftOff, TechniqueKind::Abrade], 'before', 'Try it on the underside first: how wet, how hard, which brush.', 'it cannot be taken back on the visible side'),
            new self('blot-to-stop', [TechniqueKind::LiftOff], 'after', 'Blot dry as soon as there is enough, then wait and look.', 'water left on the film goes on flaking'),
            new self('measure-with-neighbours', [TechniqueKind::Decal], 'before', 'Hold neighbouring parts in place while you measure.', 'a marking disappears behind the part that was missing'),
            new self('prick-silver', [TechniqueKind::Decal, TechniqueKind::Soften], 'after', 'Look for silver in side light; prick it and soften again.', 'it shines for good under the clear coat'),
            new self('keep-moving', [TechniqueKind::Filter], 'while', 'Keep a filter moving and draw pools off.', 'it dries like a wash, with a rim'),
            new self('other-mix-next-door', [TechniqueKind::Filter], 'before', 'No two neighbouring panels with the same mix.', 'a pattern shows, and all looks dull'),
            new self('drain-oil', [TechniqueKind::Blend], 'before', 'Let oil colour drain on card, up to a day.', 'it dries slowly and glossy'),
            new self('two-pools', $spirit, 'before', 'Two pools of thinner, one to work and one to clean; wipe the brush often.', 'dirty thinner tints everything, and a full brush pushes paint about'),
            new self('old-brush', $spirit, 'before', 'A synthetic or old brush, never loaded up to its ferrule.', 'a good natural brush is ruined'),
            new self('touch-the-top', [TechniqueKind::Wash], 'while', 'Touch a rivet from its top, and a line where two lines meet.', 'a stain spreads that takes long to clean'),
            new self('wait-until-dull', [TechniqueKind::Wash, TechniqueKind::Streak], 'while', 'Wait until it is dull; meanwhile do the next section.', 'the brush takes it out of the recess'),
            new self('acrylic-cannot-wait', [TechniqueKind::Wash], 'while', 'A waterborne wash is drawn off at once, or mixed with retarder.', 'once dry only what endangers the paint takes it off'),
            new self('dark-in-light', [TechniqueKind::Chips], 'while', 'Keep the dark core inside its light rim, some of it up to the edge.', 'the depth reads wrong'),
            new self('blot-the-sponge', [TechniqueKind::Chips], 'before', 'Blot the load on paper until hardly a trace is left, and turn the sponge.', 'smears and repeated prints'),
            new self('two-tools', [TechniqueKind::Chips], 'while', 'Mix tools and sizes; then stop and look.', 'a rash instead of wear'),
            new self('straight-down', [TechniqueKind::Streak], 'while', 'Straight down as the model will stand; rain is strongest at its top, splashes at their bottom.', 'gravity points the wrong way'),
            new self('own-metal-brush', [TechniqueKind::Metal], 'before', 'A brush and a jar of water for metallics alone.', 'flakes turn up in every other colour'),
            new self('shape-catches', [TechniqueKind::Mud], 'before', 'Look where the shape would catch it: ledges, brackets, behind wheels.', 'mud hangs where it would fall off'),
            new self('try-the-splash', [TechniqueKind::Mud], 'before', 'Flick the brush at card first.', 'one large drop in the wrong place'),
            new self('same-earth-everywhere', [TechniqueKind::Mud, TechniqueKind::Pigment], 'after', 'Look at hull, wheels, tracks and stowage together: one earth on all of them.', 'parts do not belong together'),
            new self('mask-for-dust', [TechniqueKind::Pigment, TechniqueKind::Abrade], 'before', 'Particle mask on.', 'pigment is in the lungs'),
            new self('light-mist-over-dust', [TechniqueKind::ClearCoat, TechniqueKind::FixPigment], 'while', 'Over pigment only a light mist, from far.', 'it is blown off or goes dark'),
            new self('room-noted', [TechniqueKind::ClearCoat, TechniqueKind::ReleaseFilm], 'before', 'Note temperature and humidity.', 'a crazed skin cannot be explained later'),
            new self('little-glue', [TechniqueKind::Join], 'while', 'As little glue as holds.', 'a shining line on a matte finish'),
            new self('direction-checked', [TechniqueKind::Join], 'before', 'Check the running direction of tracks, left and right of wheels and hatches.', 'somebody will point at the track that runs backwards'),
            new self('judge-dry', [...$spirit, TechniqueKind::Pigment, TechniqueKind::Detail], 'after', 'Judge only when it is dry.', 'wet it is darker and glossier than it will be'),
        ];
    }

    /** @return list<self> */
    private static function advice(): array
    {
        $advice = static fn (string $code, string $text, string $otherwise): self => new self($code, [], 'before', $text, $otherwise);

        return [
            $advice('opened-on', 'Write the date on a jar when you open it; solvent effects keep for some months.', 'it has dried up on the day it is needed'),
            $advice('last-of-its-line', 'Mix a substitute while the last jar of a withdrawn line still holds some.', 'the colour cannot be matched later'),
            $advice('contrast-before-dust', 'Contrast that looks too strong now is softened by every layer that follows; dare a little more before dust.', 'the finish ends flat'),
            $advice('all-sides', 'Go round by part: under the turret, behind the wheels, the hub, the underside.', 'a clean strip is seen when something is turned'),
            $advice('small-parts-too', 'Every layer of the hull also goes on wheels, hatches and spares.', 'small parts look as if they came from another model'),
            $advice('where-mud-comes-from', 'Mud follows the way of the vehicle: more at the rear, behind wheels, on fenders; dust on what is level and not walked on.', 'it is strewn at random'),
            $advice('rubber-apart', 'Give rubber a glaze of its own.', 'it has the surface of metal'),
            $advice('patience-at-night', 'Stop when a step is at a sensible end; fresh eyes find more than tired ones.', 'one thing too many is done late'),
        ];
    }
}
