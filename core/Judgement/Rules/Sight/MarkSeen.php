<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;

/**
 * What a step has marked, on zones where it looks the same from before it is laid to the end.
 *
 * @internal to Ulvrach\Judgement\Rules\Sight
 */
final readonly class MarkSeen
{
    /**
     * @param  string|null  $paint  name of the paint below; null: there is none
     * @param  Colours  $end  what is painted over later is not seen at the end, and was not meant to be: as it is laid
     * @param  non-empty-list<string>  $zones  ids
     */
    private function __construct(
        public Situation $situation,
        public Spot $spot,
        public ?string $paint,
        public Colours $before,
        public Colours $after,
        public Colours $end,
        public array $zones,
    ) {
    }

    /**
     * Asked for by every rule that looks at marks, and found once.
     *
     * @return list<self> in the order of the steps
     */
    public static function all(Walk $walk, Forecast $forecast): array
    {
        /** @var \WeakMap<Forecast, list<self>>|null $known */
        static $known = null;
        $known ??= new \WeakMap();
        /** @var list<self>|null $all */
        $all = $known[$forecast] ?? null;
        if ($all !== null) {
            return $all;
        }
        $all = [];
        foreach ($walk->situations as $situation) {
            $spot = $situation->product?->material->colour === null ? null : Contrast::spotOf($situation);
            if ($spot !== null) {
                array_push($all, ...self::ofStep($situation, $spot, $forecast));
            }
        }

        $known[$forecast] = $all;

        return $all;
    }

    /** @return list<self> */
    private static function ofStep(Situation $situation, Spot $spot, Forecast $forecast): array
    {
        $index = $situation->index;
        $alike = [];
        foreach ($situation->touched as $touched) {
            $paint = $touched->strata->paint()?->product;
            $name = $paint?->material->colour === null ? null : $paint->name;
            foreach ($touched->zones as $zone) {
                $before = $forecast->after($index - 1, $zone);
                $after = $forecast->after($index, $zone);
                $end = $forecast->lastCoatOn($zone) > $index ? $after : $forecast->atEnd($zone);
                $key = spl_object_id($before).' '.spl_object_id($after).' '.spl_object_id($end)." {$name}";
                $alike[$key] ??= [$name, $before, $after, $end, []];
                $alike[$key][4][] = $zone;
            }
        }
        $seen = [];
        foreach ($alike as [$name, $before, $after, $end, $zones]) {
            $seen[] = new self($situation, $spot, $name, $before, $after, $end, $zones);
        }

        return $seen;
    }

    /** Whether anything is to be seen of it as it is laid. */
    public function changes(): bool
    {
        return $this->after !== $this->before;
    }

    public function asLaid(): Contrast
    {
        return Contrast::in($this->after, $this->spot, $this->situation->index);
    }

    /** The same place before it was laid. */
    public function before(): Contrast
    {
        return Contrast::in($this->before, $this->spot, $this->situation->index);
    }

    public function atEnd(): Contrast
    {
        return Contrast::in($this->end, $this->spot, $this->situation->index);
    }
}
