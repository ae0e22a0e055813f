<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

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
        return array_values(
            array_filter(self::all(), static fn (self $habit) => in_array($kind, $habit->kinds, true)),
        );
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
            new self(
                code: 'shake-and-stir',
                kinds: [...$sprayed, ...$spirit, TechniqueKind::Chips, TechniqueKind::Detail],
                moment: 'before',
                text: 'Shake or stir the jar for a full minute.',
                otherwise: 'the strength is wrong, and matte clear dries glossy',
            ),
            new self(
                code: 'clean-first',
                kinds: [TechniqueKind::Prime],
                moment: 'before',
                text: 'Wash grease and release agent off, and let the part dry.',
                otherwise: 'primer beads and peels',
            ),
            new self(
                code: 'marks-filled',
                kinds: [TechniqueKind::Prime],
                moment: 'before',
                text: 'Fill sink marks, seams and moulding marks, and sand them, before the primer.',
                otherwise: 'every mark shows under paint',
            ),
            new self(
                code: 'from-all-sides',
                kinds: [TechniqueKind::Prime],
                moment: 'while',
                text: 'Spray from several directions; both sides of uprights, crosswise on flat faces, and where the '
                    .'model touches the shelf.',
                otherwise: 'paint rubs to bare material there',
            ),
            new self(
                code: 'primer-its-time',
                kinds: [TechniqueKind::Prime],
                moment: 'after',
                text: 'Before heavy work give primer a day, or two.',
                otherwise: 'later layers trap what has not left it',
            ),
            new self(
                code: 'mist-first',
                kinds: [TechniqueKind::Colour, TechniqueKind::ClearCoat],
                moment: 'while',
                text: 'First a mist, then wetter passes; judge by even sheen in side light.',
                otherwise: 'the first wet coat runs',
            ),
            new self(
                code: 'thin-nozzle',
                kinds: [TechniqueKind::Shade],
                moment: 'before',
                text: 'For ultra-thin spraying take a paint made for the airbrush, strained.',
                otherwise: 'the nozzle clogs',
            ),
            new self(
                code: 'smaller-each-time',
                kinds: [TechniqueKind::Shade],
                moment: 'while',
                text: 'Let each lighter pass cover less than the one before.',
                otherwise: 'the earlier tone is lost',
            ),
            new self(
                code: 'low-tack',
                kinds: [TechniqueKind::Mask],
                moment: 'before',
                text: 'Take tack off the tape on skin or glass, and press every edge down.',
                otherwise: 'paint is pulled, or creeps under',
            ),
            new self(
                code: 'one-edge',
                kinds: [TechniqueKind::Mask],
                moment: 'while',
                text: 'One kind of edge along one mask: spray at a right angle to it.',
                otherwise: 'soft bits in a hard edge look like a mistake',
            ),
            new self(
                code: 'grain-mixed',
                kinds: [TechniqueKind::ReleaseFilm],
                moment: 'while',
                text: 'Salt: crush, sieve and mix the grains, in clumps and gaps.',
                otherwise: 'one size in rows looks false',
            ),
            new self(
                code: 'try-hidden',
                kinds: [TechniqueKind::LiftOff, TechniqueKind::Abrade],
                moment: 'before',
                text: 'Try it on the underside first: how wet, how hard, which brush.',
                otherwise: 'it cannot be taken back on the visible side',
            ),
            new self(
                code: 'blot-to-stop',
                kinds: [TechniqueKind::LiftOff],
                moment: 'after',
                text: 'Blot dry as soon as there is enough, then wait and look.',
                otherwise: 'water left on the film goes on flaking',
            ),
            new self(
                code: 'measure-with-neighbours',
                kinds: [TechniqueKind::Decal],
                moment: 'before',
                text: 'Hold neighbouring parts in place while you measure.',
                otherwise: 'a marking disappears behind the part that was missing',
            ),
            new self(
                code: 'prick-silver',
                kinds: [TechniqueKind::Decal, TechniqueKind::Soften],
                moment: 'after',
                text: 'Look for silver in side light; prick it and soften again.',
                otherwise: 'it shines for good under the clear coat',
            ),
            new self(
                code: 'keep-moving',
                kinds: [TechniqueKind::Filter],
                moment: 'while',
                text: 'Keep a filter moving and draw pools off.',
                otherwise: 'it dries like a wash, with a rim',
            ),
            new self(
                code: 'other-mix-next-door',
                kinds: [TechniqueKind::Filter],
                moment: 'before',
                text: 'No two neighbouring panels with the same mix.',
                otherwise: 'a pattern shows, and all looks dull',
            ),
            new self(
                code: 'drain-oil',
                kinds: [TechniqueKind::Blend],
                moment: 'before',
                text: 'Let oil colour drain on card, up to a day.',
                otherwise: 'it dries slowly and glossy',
            ),
            new self(
                code: 'two-pools',
                kinds: $spirit,
                moment: 'before',
                text: 'Two pools of thinner, one to work and one to clean; wipe the brush often.',
                otherwise: 'dirty thinner tints everything, and a full brush pushes paint about',
            ),
            new self(
                code: 'old-brush',
                kinds: $spirit,
                moment: 'before',
                text: 'A synthetic or old brush, never loaded up to its ferrule.',
                otherwise: 'a good natural brush is ruined',
            ),
            new self(
                code: 'touch-the-top',
                kinds: [TechniqueKind::Wash],
                moment: 'while',
                text: 'Touch a rivet from its top, and a line where two lines meet.',
                otherwise: 'a stain spreads that takes long to clean',
            ),
            new self(
                code: 'wait-until-dull',
                kinds: [TechniqueKind::Wash, TechniqueKind::Streak],
                moment: 'while',
                text: 'Wait until it is dull; meanwhile do the next section.',
                otherwise: 'the brush takes it out of the recess',
            ),
            new self(
                code: 'acrylic-cannot-wait',
                kinds: [TechniqueKind::Wash],
                moment: 'while',
                text: 'A waterborne wash is drawn off at once, or mixed with retarder.',
                otherwise: 'once dry only what endangers the paint takes it off',
            ),
            new self(
                code: 'dark-in-light',
                kinds: [TechniqueKind::Chips],
                moment: 'while',
                text: 'Keep the dark core inside its light rim, some of it up to the edge.',
                otherwise: 'the depth reads wrong',
            ),
            new self(
                code: 'blot-the-sponge',
                kinds: [TechniqueKind::Chips],
                moment: 'before',
                text: 'Blot the load on paper until hardly a trace is left, and turn the sponge.',
                otherwise: 'smears and repeated prints',
            ),
            new self(
                code: 'two-tools',
                kinds: [TechniqueKind::Chips],
                moment: 'while',
                text: 'Mix tools and sizes; then stop and look.',
                otherwise: 'a rash instead of wear',
            ),
            new self(
                code: 'straight-down',
                kinds: [TechniqueKind::Streak],
                moment: 'while',
                text: 'Straight down as the model will stand; rain is strongest at its top, splashes at their bottom.',
                otherwise: 'gravity points the wrong way',
            ),
            new self(
                code: 'own-metal-brush',
                kinds: [TechniqueKind::Metal],
                moment: 'before',
                text: 'A brush and a jar of water for metallics alone.',
                otherwise: 'flakes turn up in every other colour',
            ),
            new self(
                code: 'shape-catches',
                kinds: [TechniqueKind::Mud],
                moment: 'before',
                text: 'Look where the shape would catch it: ledges, brackets, behind wheels.',
                otherwise: 'mud hangs where it would fall off',
            ),
            new self(
                code: 'try-the-splash',
                kinds: [TechniqueKind::Mud],
                moment: 'before',
                text: 'Flick the brush at card first.',
                otherwise: 'one large drop in the wrong place',
            ),
            new self(
                code: 'same-earth-everywhere',
                kinds: [TechniqueKind::Mud, TechniqueKind::Pigment],
                moment: 'after',
                text: 'Look at hull, wheels, tracks and stowage together: one earth on all of them.',
                otherwise: 'parts do not belong together',
            ),
            new self(
                code: 'mask-for-dust',
                kinds: [TechniqueKind::Pigment, TechniqueKind::Abrade],
                moment: 'before',
                text: 'Particle mask on.',
                otherwise: 'pigment is in the lungs',
            ),
            new self(
                code: 'light-mist-over-dust',
                kinds: [TechniqueKind::ClearCoat, TechniqueKind::FixPigment],
                moment: 'while',
                text: 'Over pigment only a light mist, from far.',
                otherwise: 'it is blown off or goes dark',
            ),
            new self(
                code: 'room-noted',
                kinds: [TechniqueKind::ClearCoat, TechniqueKind::ReleaseFilm],
                moment: 'before',
                text: 'Note temperature and humidity.',
                otherwise: 'a crazed skin cannot be explained later',
            ),
            new self(
                code: 'little-glue',
                kinds: [TechniqueKind::Join],
                moment: 'while',
                text: 'As little glue as holds.',
                otherwise: 'a shining line on a matte finish',
            ),
            new self(
                code: 'direction-checked',
                kinds: [TechniqueKind::Join],
                moment: 'before',
                text: 'Check the running direction of tracks, left and right of wheels and hatches.',
                otherwise: 'somebody will point at the track that runs backwards',
            ),
            new self(
                code: 'judge-dry',
                kinds: [...$spirit, TechniqueKind::Pigment, TechniqueKind::Detail],
                moment: 'after',
                text: 'Judge only when it is dry.',
                otherwise: 'wet it is darker and glossier than it will be',
            ),
        ];
    }

    /** @return list<self> */
    private static function advice(): array
    {
        $advice = static fn (string $code, string $text, string $otherwise): self => new self(
            code: $code,
            kinds: [],
            moment: 'before',
            text: $text,
            otherwise: $otherwise,
        );

        return [
            $advice(
                'opened-on',
                'Write the date on a jar when you open it; solvent effects keep for some months.',
                'it has dried up on the day it is needed',
            ),
            $advice(
                'last-of-its-line',
                'Mix a substitute while the last jar of a withdrawn line still holds some.',
                'the colour cannot be matched later',
            ),
            $advice(
                'contrast-before-dust',
                'Contrast that looks too strong now is softened by every layer that follows; dare a little more '
                    .'before dust.',
                'the finish ends flat',
            ),
            $advice(
                'all-sides',
                'Go round by part: under the turret, behind the wheels, the hub, the underside.',
                'a clean strip is seen when something is turned',
            ),
            $advice(
                'small-parts-too',
                'Every layer of the hull also goes on wheels, hatches and spares.',
                'small parts look as if they came from another model',
            ),
            $advice(
                'where-mud-comes-from',
                'Mud follows the way of the vehicle: more at the rear, behind wheels, on fenders; dust on what is '
                    .'level and not walked on.',
                'it is strewn at random',
            ),
            $advice('rubber-apart', 'Give rubber a glaze of its own.', 'it has the surface of metal'),
            $advice(
                'patience-at-night',
                'Stop when a step is at a sensible end; fresh eyes find more than tired ones.',
                'one thing too many is done late',
            ),
        ];
    }
}
