<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Counsel\Draft\Exposure;
use Ulvrach\Counsel\Draft\Scenery;
use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/** What a draft is to be: the story, the answers of the school, and the zones by what they are. */
final readonly class Brief
{
    /** cm² of a smooth face that are done while the first of it is open, on a matte ground and on a smooth one. */
    public const IN_ONE_GO_ON_MATTE = 900.0;

    public const IN_ONE_GO = 2_000.0;

    public Exposure $exposure;

    public Composition $colours;

    public Scenery $scenery;

    /**
     * @param  list<Zone>  $zones  those that are drafted
     * @param  BinderFamily  $base  of the vehicle's own colour
     * @param  list<Thrift>  $without  what it goes without for want of hours
     */
    public function __construct(
        public Build $build,
        public Story $story,
        private School $school,
        public array $zones,
        public BinderFamily $base = BinderFamily::WaterborneAcrylic,
        private array $without = [],
    ) {
        $this->exposure = new Exposure($build, $story, $story->isExpressive ?? $this->answers('wear', 'expressive'));
        $this->colours = new Composition($this);
        $this->scenery = new Scenery($story->scenes);
    }

    public static function of(Plan $plan, Story $story): self
    {
        return new self($plan->build, $story, School::of($plan->school), array_values($plan->zones));
    }

    /** The same, once it is known what the vehicle's own colour is painted with. */
    public function paintedWith(BinderFamily $base): self
    {
        return new self($this->build, $this->story, $this->school, $this->zones, $base, $this->without);
    }

    /** The same, with fewer hours to spend. */
    public function without(Thrift $thrift): self
    {
        $without = [...$this->without, $thrift];

        return new self($this->build, $this->story, $this->school, $this->zones, $this->base, $without);
    }

    public function goesWithout(Thrift $thrift): bool
    {
        return in_array($thrift, $this->without, true) ||
            ($thrift->isOfOneEvening() && ! $this->isAtLeast(Ambition::Evenings));
    }

    public function answers(string $question, string $option): bool
    {
        return ($this->school->answers[$question] ?? null) === $option;
    }

    public function isWaterOnly(): bool
    {
        return $this->answers('solvents', 'water');
    }

    /** Whether nothing is worked with spirit: it is not in the house, or there is no night for paint to bear it. */
    public function avoidsSpirit(): bool
    {
        return $this->isWaterOnly() || ! $this->isAtLeast(Ambition::Evenings);
    }

    public function isAtLeast(Ambition $ambition): bool
    {
        return $this->story->ambition->isAtLeast($ambition);
    }

    /**
     * Whether chips are lifted from below the colour, which has to be decided before it goes on. More than two coats on
     * a chipping film come off in sheets, so that a scheme of three colours is chipped from above; so is a paint that
     * lets no water through.
     */
    public function liftsChips(): bool
    {
        return in_array($this->base, [BinderFamily::WaterborneAcrylic, BinderFamily::AlcoholAcrylic], true) &&
            ! $this->answers('chips', 'applied') && $this->isAtLeast(Ambition::Weeks) &&
            $this->story->scheme !== Scheme::Winter && count($this->story->more) <= 1 &&
            $this->chipped() !== [];
    }

    /** @return list<string> where paint is worn through: where something rubs, and the chips are seen */
    public function chipped(): array
    {
        return array_values(array_intersect($this->with(Trace::Chips, $this->painted()), $this->trodden()));
    }

    /** @return list<string> */
    public function trodden(): array
    {
        return $this->where(static fn (Zone $zone) => $zone->traffic !== Traffic::None);
    }

    /** @return list<string> all but glass, which is put in last */
    public function primed(): array
    {
        return $this->where(static fn (Zone $zone) => $zone->kind !== ZoneKind::Glass);
    }

    /**
     * @param  list<string>  $among
     * @return list<string> the one of them that is seen least, where a trial harms nobody; none of none
     */
    public function hidden(array $among): array
    {
        foreach ([ZoneKind::Chassis, ZoneKind::Interior, ZoneKind::RunningGear, ZoneKind::RearPlate] as $kind) {
            $zones = array_values(array_intersect($this->ofKind($kind), $among));
            if ($zones !== []) {
                return [$zones[0]];
            }
        }

        return array_slice($among, 0, 1);
    }

    /** @return list<string> in the vehicle's own colours */
    public function painted(): array
    {
        return $this->where(static fn (Zone $zone) => ! $zone->kind->isApart());
    }

    /** @return list<string> */
    public function ofKind(ZoneKind ...$kinds): array
    {
        return $this->where(static fn (Zone $zone) => in_array($zone->kind, $kinds, true));
    }

    /** @return list<string> parts of a material of their own, beside the vehicle's colours */
    public function ofMaterial(DepictedMaterial $material): array
    {
        return $this->where(
            static fn (Zone $zone) => $zone->depicts === $material && $zone->kind->isApart(),
        );
    }

    /**
     * @param  list<string>  $among  ids of zones
     * @return list<string> those on which the trace is seen
     */
    public function with(Trace $trace, array $among, float $least = Exposure::SEEN): array
    {
        return array_values(
            array_intersect(
                $among,
                $this->where(fn (Zone $zone) => $this->exposure->amount($trace, $zone) >= $least),
            ),
        );
    }

    /**
     * The zone on which most chips are to be painted, and how: numbers are told of it, and all others have fewer.
     *
     * @param  non-empty-list<string>  $zones  ids
     * @return array{Zone, int, float, float} number, smallest and largest in mm on the model
     */
    public function mostChipped(array $zones): array
    {
        $most = null;
        foreach ($this->zones as $zone) {
            $chips = in_array($zone->id, $zones, true) ? $this->exposure->chips($zone, $this->build->scale) : null;
            if ($chips !== null && ($most === null || $chips[0] > $most[1])) {
                $most = [$zone, ...$chips];
            }
        }

        return $most ?? throw new \LogicException('There is no zone to choose from.');
    }

    /** @param  list<string>  $zones  of which the one with most of it is told */
    public function most(Trace $trace, array $zones): Zone
    {
        $best = null;
        foreach ($this->zones as $zone) {
            if (! in_array($zone->id, $zones, true)) {
                continue;
            }
            if ($best === null || $this->exposure->amount($trace, $zone) > $this->exposure->amount($trace, $best)) {
                $best = $zone;
            }
        }

        return $best ?? throw new \LogicException('There is no zone to choose from.');
    }

    /**
     * @param  list<string>  $zones
     * @param  float  $inOneGo  cm² of a smooth face
     * @return list<list<string>> the same in parts that stand together on the model, none larger than is done in one
     *   go unless a zone is
     */
    public function byGroup(array $zones, float $inOneGo): array
    {
        $parts = [];
        $areas = [];
        foreach ($this->zones as $zone) {
            if (! in_array($zone->id, $zones, true)) {
                continue;
            }
            $last = count($parts) - 1;
            $work = $zone->areaCm2 * $zone->kind->detail();
            $isNew = $last < 0 || $inOneGo < $areas[$last] + $work;
            $parts[$isNew ? $last + 1 : $last][] = $zone->id;
            $areas[$isNew ? $last + 1 : $last] = ($isNew ? 0.0 : $areas[$last]) + $work;
        }

        return array_values(array_map(array_values(...), $parts));
    }

    /**
     * @param  \Closure(Zone): bool  $isWanted
     * @return list<string>
     */
    public function where(\Closure $isWanted): array
    {
        return array_column(array_filter($this->zones, $isWanted), 'id');
    }
}
