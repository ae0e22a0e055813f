<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** Something that goes wrong or right in the hands, which no plan can show: a prompt at the step, or advice to read. */
final readonly class Habit
{
    /**
     * @param  list<Nature>  $at  the steps it is said at have one of these; empty: advice in the almanac
     * @param  string  $moment  "before", "while" or "after" the work
     */
    private function __construct(
        public string $code,
        public array $at,
        public string $moment,
        public string $text,
        public string $otherwise,
    ) {
    }

    /** @return list<self> said at a step of this kind */
    public static function for(Kind $kind): array
    {
        return array_values(
            array_filter(self::all(), static fn (self $habit) => $kind->isAny(...$habit->at)),
        );
    }

    /** @return list<Kind> of the steps it is said at; empty: advice in the almanac */
    public function kinds(): array
    {
        return Kinds::being(...$this->at);
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
        $spirit = Nature::Tint;
        $sprayed = [Nature::Prime, Nature::CoatOfPaint, Nature::ClearCoat];

        return [
            new self(
                code: 'shake-and-stir',
                at: [...$sprayed, $spirit, Nature::Chips, Nature::Detail],
                moment: 'before',
                text: 'Shake or stir the jar for a full minute.',
                otherwise: 'the strength is wrong, and matte clear dries glossy',
            ),
            new self(
                code: 'clean-first',
                at: [Nature::Prime],
                moment: 'before',
                text: 'Wash grease and release agent off, and let the part dry.',
                otherwise: 'primer beads and peels',
            ),
            new self(
                code: 'marks-filled',
                at: [Nature::Prime],
                moment: 'before',
                text: 'Fill sink marks, seams and moulding marks, and sand them, before the primer.',
                otherwise: 'every mark shows under paint',
            ),
            new self(
                code: 'from-all-sides',
                at: [Nature::Prime],
                moment: 'while',
                text: 'Spray from several directions; both sides of uprights, crosswise on flat faces, and where the '
                    .'model touches the shelf.',
                otherwise: 'paint rubs to bare material there',
            ),
            new self(
                code: 'primer-its-time',
                at: [Nature::Prime],
                moment: 'after',
                text: 'Before heavy work give primer a day, or two.',
                otherwise: 'later layers trap what has not left it',
            ),
            new self(
                code: 'mist-first',
                at: [Nature::Colour, Nature::ClearCoat],
                moment: 'while',
                text: 'First a mist, then wetter passes; judge by even sheen in side light.',
                otherwise: 'the first wet coat runs',
            ),
            new self(
                code: 'thin-nozzle',
                at: [Nature::Shade],
                moment: 'before',
                text: 'For ultra-thin spraying take a paint made for the airbrush, strained.',
                otherwise: 'the nozzle clogs',
            ),
            new self(
                code: 'smaller-each-time',
                at: [Nature::Shade],
                moment: 'while',
                text: 'Let each lighter pass cover less than the one before.',
                otherwise: 'the earlier tone is lost',
            ),
            new self(
                code: 'low-tack',
                at: [Nature::Mask],
                moment: 'before',
                text: 'Take tack off the tape on skin or glass, and press every edge down.',
                otherwise: 'paint is pulled, or creeps under',
            ),
            new self(
                code: 'one-edge',
                at: [Nature::Mask],
                moment: 'while',
                text: 'One kind of edge along one mask: spray at a right angle to it.',
                otherwise: 'soft bits in a hard edge look like a mistake',
            ),
            new self(
                code: 'grain-mixed',
                at: [Nature::ReleaseFilm],
                moment: 'while',
                text: 'Salt: crush, sieve and mix the grains, in clumps and gaps.',
                otherwise: 'one size in rows looks false',
            ),
            new self(
                code: 'try-hidden',
                at: [Nature::LiftOff, Nature::Abrade],
                moment: 'before',
                text: 'Try it on the underside first: how wet, how hard, which brush.',
                otherwise: 'it cannot be taken back on the visible side',
            ),
            new self(
                code: 'blot-to-stop',
                at: [Nature::LiftOff],
                moment: 'after',
                text: 'Blot dry as soon as there is enough, then wait and look.',
                otherwise: 'water left on the film goes on flaking',
            ),
            new self(
                code: 'measure-with-neighbours',
                at: [Nature::Decal],
                moment: 'before',
                text: 'Hold neighbouring parts in place while you measure.',
                otherwise: 'a marking disappears behind the part that was missing',
            ),
            new self(
                code: 'prick-silver',
                at: [Nature::Decal, Nature::Soften],
                moment: 'after',
                text: 'Look for silver in side light; prick it and soften again.',
                otherwise: 'it shines for good under the clear coat',
            ),
            new self(
                code: 'keep-moving',
                at: [Nature::Filter],
                moment: 'while',
                text: 'Keep a filter moving and draw pools off.',
                otherwise: 'it dries like a wash, with a rim',
            ),
            new self(
                code: 'other-mix-next-door',
                at: [Nature::Filter],
                moment: 'before',
                text: 'No two neighbouring panels with the same mix.',
                otherwise: 'a pattern shows, and all looks dull',
            ),
            new self(
                code: 'drain-oil',
                at: [Nature::Blend],
                moment: 'before',
                text: 'Let oil colour drain on card, up to a day.',
                otherwise: 'it dries slowly and glossy',
            ),
            new self(
                code: 'two-pools',
                at: [$spirit],
                moment: 'before',
                text: 'Two pools of thinner, one to work and one to clean; wipe the brush often.',
                otherwise: 'dirty thinner tints everything, and a full brush pushes paint about',
            ),
            new self(
                code: 'old-brush',
                at: [$spirit],
                moment: 'before',
                text: 'A synthetic or old brush, never loaded up to its ferrule.',
                otherwise: 'a good natural brush is ruined',
            ),
            new self(
                code: 'touch-the-top',
                at: [Nature::Wash],
                moment: 'while',
                text: 'Touch a rivet from its top, and a line where two lines meet.',
                otherwise: 'a stain spreads that takes long to clean',
            ),
            new self(
                code: 'wait-until-dull',
                at: [Nature::Wash, Nature::Streak],
                moment: 'while',
                text: 'Wait until it is dull; meanwhile do the next section.',
                otherwise: 'the brush takes it out of the recess',
            ),
            new self(
                code: 'acrylic-cannot-wait',
                at: [Nature::Wash],
                moment: 'while',
                text: 'A waterborne wash is drawn off at once, or mixed with retarder.',
                otherwise: 'once dry only what endangers the paint takes it off',
            ),
            new self(
                code: 'dark-in-light',
                at: [Nature::Chips],
                moment: 'while',
                text: 'Keep the dark core inside its light rim, some of it up to the edge.',
                otherwise: 'the depth reads wrong',
            ),
            new self(
                code: 'blot-the-sponge',
                at: [Nature::Chips],
                moment: 'before',
                text: 'Blot the load on paper until hardly a trace is left, and turn the sponge.',
                otherwise: 'smears and repeated prints',
            ),
            new self(
                code: 'two-tools',
                at: [Nature::Chips],
                moment: 'while',
                text: 'Mix tools and sizes; then stop and look.',
                otherwise: 'a rash instead of wear',
            ),
            new self(
                code: 'straight-down',
                at: [Nature::Streak],
                moment: 'while',
                text: 'Straight down as the model will stand; rain is strongest at its top, splashes at their bottom.',
                otherwise: 'gravity points the wrong way',
            ),
            new self(
                code: 'own-metal-brush',
                at: [Nature::Metal],
                moment: 'before',
                text: 'A brush and a jar of water for metallics alone.',
                otherwise: 'flakes turn up in every other colour',
            ),
            new self(
                code: 'shape-catches',
                at: [Nature::Mud],
                moment: 'before',
                text: 'Look where the shape would catch it: ledges, brackets, behind wheels.',
                otherwise: 'mud hangs where it would fall off',
            ),
            new self(
                code: 'try-the-splash',
                at: [Nature::Mud],
                moment: 'before',
                text: 'Flick the brush at card first.',
                otherwise: 'one large drop in the wrong place',
            ),
            new self(
                code: 'same-earth-everywhere',
                at: [Nature::Earth],
                moment: 'after',
                text: 'Look at hull, wheels, tracks and stowage together: one earth on all of them.',
                otherwise: 'parts do not belong together',
            ),
            new self(
                code: 'mask-for-dust',
                at: [Nature::Pigment, Nature::Abrade],
                moment: 'before',
                text: 'Particle mask on.',
                otherwise: 'pigment is in the lungs',
            ),
            new self(
                code: 'light-mist-over-dust',
                at: [Nature::ClearCoat, Nature::FixPigment],
                moment: 'while',
                text: 'Over pigment only a light mist, from far.',
                otherwise: 'it is blown off or goes dark',
            ),
            new self(
                code: 'room-noted',
                at: [Nature::ClearCoat, Nature::ReleaseFilm],
                moment: 'before',
                text: 'Note temperature and humidity.',
                otherwise: 'a crazed skin cannot be explained later',
            ),
            new self(
                code: 'little-glue',
                at: [Nature::Join],
                moment: 'while',
                text: 'As little glue as holds.',
                otherwise: 'a shining line on a matte finish',
            ),
            new self(
                code: 'direction-checked',
                at: [Nature::Join],
                moment: 'before',
                text: 'Check the running direction of tracks, left and right of wheels and hatches.',
                otherwise: 'somebody will point at the track that runs backwards',
            ),
            new self(
                code: 'judge-dry',
                at: [$spirit, Nature::Pigment, Nature::Detail],
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
            at: [],
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
