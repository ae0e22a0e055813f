<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Forecast;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Plan\Place;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Palette\HidingPower;

/** What a mark lays, ready to be laid on any ground: as a film, as grains, or as both in different places. */
final readonly class Stroke
{
    /** A film thinner than this, in coats, is not laid: nobody would see it. */
    private const NOTHING = 0.004;

    /**
     * @param  Light  $own  of the jar where nothing is seen through it
     * @param  list<Spot>  $makes  places that it makes anew
     * @param  array<string, float>  $films  by place: coats
     * @param  array<string, float>  $shares  by place: the share that is covered
     */
    private function __construct(
        public Effect $effect,
        public array $makes,
        private Paint $paint,
        private Light $own,
        private array $films,
        private array $shares,
        private bool $staysWet,
        private bool $sparesMarkings,
        private bool $staysLow,
    ) {
    }

    /**
     * @param  Lab  $colour  what is laid, or comes to light
     * @param  Material|null  $material  null: nothing is laid, something comes to light
     * @param  float  $amount  that the mark has where it lies
     * @param  float  $ofUsual  coats, for each that the technique usually takes
     * @param  float  $weight  of one coat, a sprayed one being 1
     * @param  float  $thin  paint in it, against what is usual: less where it is thinned more
     * @param  float  $strength  how much more is laid than the work usually brings
     * @param  bool  $isStain  a wash that has stayed in the pores of faces: grains of it, not a film
     */
    public static function of(
        Mark $mark,
        Lab $colour,
        ?Material $material,
        float $amount,
        int $coats,
        float $ofUsual,
        float $weight,
        float $thin,
        float $strength,
        bool $isMist,
        bool $isStain,
    ): self {
        $effect = $mark->effect;
        $covers = $effect === Effect::Coat || $effect === Effect::Patches;
        $hides = $material === null ? 0.9 : HidingPower::of($material);
        $isThin = $material !== null && $hides <= Laid::THIN;
        $strength *= $thin;
        $thick = $covers ? $amount * $coats * $weight * $thin : $amount * $strength * match (true) {
            $isThin => Laid::FLOODED,
            $material === null => 1.0,
            default => Laid::thinned($effect, $material->family),
        };
        $much = $strength * $ofUsual * $amount / Laid::usual($effect);
        $films = array_map(static fn (float $usual): float => $usual * $thick, Laid::films($effect));
        $shares = array_map(
            static fn (float $usual): float => 1.0 - (1.0 - $usual) ** $much,
            Laid::grains($effect),
        );
        if ($isStain && $effect === Effect::Tint) {
            $shares = array_map(
                static fn (float $usual): float => 1.0 - (1.0 - min(0.9, $usual * $amount)) ** $strength,
                Laid::stain(),
            );
            $films = [];
        } elseif ($covers && $isMist) {
            $shares = array_map(
                static fn (float $coats): float => 1.0 - Laid::MIST_LEAVES ** ($coats / $weight),
                $films,
            );
            $films = [];
        }

        return new self(
            $effect,
            self::made($effect),
            PaintMaker::covering($colour, $hides),
            Light::ground($colour),
            $films,
            $shares,
            $effect === Effect::Mud && $mark->sheen === Sheen::Gloss && $material?->sheen !== Sheen::Gloss,
            $mark->sparesMarkings,
            $mark->places === [Place::LowerThird] && in_array($effect, Laid::VEILS, true),
        );
    }

    /** Whether a place comes through when it covers all: what has grown on the faces lies under it. */
    public function leaves(string $place): bool
    {
        return Spot::from(explode(':', $place)[0]) === Spot::Marking && $this->sparesMarkings;
    }

    /** The share of a place that it covers as grains; 0: none. */
    public function shareOn(string $place): float
    {
        return $this->on($place, $this->shares);
    }

    /** What a place throws back once it is laid there; the same light where it does not come to lie. */
    public function over(Light $ground, string $place): Light
    {
        if ($this->effect === Effect::Highlight) {
            return $place === Spot::Edge->value
                ? $ground->liftedBy($this->own, Laid::LIFTS, Laid::LIFTS_BY_MOST)
                : $ground;
        }
        $coats = $this->on($place, $this->films);
        $share = $this->on($place, $this->shares);
        $light = $coats < self::NOTHING ? $ground : $ground->under($this->paint, $coats);
        $light = $share < self::NOTHING ? $light : $light->towards($this->own, $share);

        return $this->staysWet && $light !== $ground ? $light->soaked(Laid::SOAKED) : $light;
    }

    /**
     * What has grown on a face takes what the face takes, unless something is said of it. A chip does not go into the
     * chips that there are, but beside them.
     *
     * @param  array<string, float>  $amounts  by place
     */
    private function on(string $place, array $amounts): float
    {
        /** @var array<string, array{Spot, bool}> $kinds by place: its kind, and whether an earlier step has made it */
        static $kinds = [];
        [$spot, $isEarlier] = $kinds[$place] ??= [Spot::from(explode(':', $place)[0]), str_contains($place, ':')];
        $isOutOfReach = match ($spot) {
            Spot::Lower, Spot::Recess => false,
            Spot::Marking => $this->staysLow || $this->sparesMarkings,
            default => $this->staysLow,
        };
        if ($isOutOfReach) {
            return 0.0;
        }
        $own = $isEarlier && in_array($spot, $this->makes, true) ? null : $amounts[$spot->value] ?? null;

        return $own ?? $amounts[$spot->grewFrom()->value] ?? 0.0;
    }

    /** @return list<Spot> */
    private static function made(Effect $effect): array
    {
        return match ($effect) {
            Effect::Patches => [Spot::Patch],
            Effect::Chips, Effect::Scratches => [Spot::Chip],
            Effect::Streaks, Effect::Stain, Effect::Rust => [Spot::Streak],
            default => [],
        };
    }
}
