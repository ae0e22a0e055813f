<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Stuff\Material\Product;

/** Lighter or darker tones of what is in the cup, made with one jar, and from where on that turns its hue. */
final readonly class Ladder
{
    /** Parts of the jar to parts of what is in the cup, from a touch to twice as much. */
    private const RUNGS = [[1, 12], [1, 8], [1, 5], [1, 3], [1, 2], [1, 1], [2, 1]];

    /** Change in a* and b* beyond which a tone reads as another paint, and L* that a tone has to gain to be one. */
    private const TURNS = 6.0;

    private const A_TONE = 8.0;

    /**
     * @param  list<Rung>  $rungs  each farther from the cup than the one before
     * @param  int|null  $turnsAt  place of the first rung that reads as another hue; null: none does
     */
    private function __construct(public Product $jar, public array $rungs, public ?int $turnsAt)
    {
    }

    /**
     * @param  list<Product>  $jars  that may be added; those of another family are passed over
     * @param  bool  $lighter  or darker
     * @return list<self> those that go farthest before they turn first
     */
    public static function of(Cup $cup, array $jars, bool $lighter, int $count = 4): array
    {
        $paint = $cup->paint();
        if ($paint === null) {
            return [];
        }
        $own = Palette::colourOf($paint);
        $family = $cup->jars()[0]->material->family;
        $ladders = [];
        foreach ($jars as $jar) {
            if ($jar->material->family !== $family || ! Palette::isMixed($jar->material)) {
                continue;
            }
            $ladder = self::with($jar, $paint, $own);
            if ($ladder->reach($lighter) >= self::A_TONE) {
                $ladders[] = $ladder;
            }
        }
        usort(
            $ladders,
            static fn (self $one, self $other) => $other->worth($lighter) <=> $one->worth($lighter),
        );

        return array_slice($ladders, 0, $count);
    }

    /** L* that it gains (or, darker, loses) before it turns. */
    public function reach(bool $lighter): float
    {
        $reach = 0.0;
        foreach ($this->rungs as $place => $rung) {
            if ($this->turnsAt !== null && $place >= $this->turnsAt) {
                break;
            }
            $reach = max($reach, $lighter ? $rung->lighter : -$rung->lighter);
        }

        return $reach;
    }

    /** A tone that drifts less on its way is worth more than one that goes farther. */
    private function worth(bool $lighter): float
    {
        $last = $this->rungs[($this->turnsAt ?? count($this->rungs)) - 1] ?? null;

        return $this->reach($lighter) - 2.0 * ($last->turned ?? 0.0);
    }

    private static function with(Product $jar, Paint $paint, Lab $own): self
    {
        $more = Palette::paint($jar);
        $rungs = [];
        $turnsAt = null;
        foreach (self::RUNGS as $place => [$parts, $to]) {
            $colour = Palette::colourOf(self::mixed($paint, $to, $more, $parts));
            $turned = self::turn($own, $colour);
            $fades = $own->chroma() - $colour->chroma();
            $rungs[] = new Rung($parts, $to, $colour, $colour->l - $own->l, $turned, $fades);
            $turnsAt ??= $turned > self::TURNS ? $place : null;
        }

        return new self($jar, $rungs, $turnsAt);
    }

    private static function mixed(Paint $one, int $of, Paint $other, int $more): Paint
    {
        $absorption = [];
        foreach ($one->absorption as $band => $k) {
            $absorption[] = ($of * $k + $more * $other->absorption[$band]) / ($of + $more);
        }

        return new Paint(($of * $one->scattering + $more * $other->scattering) / ($of + $more), $absorption);
    }

    private static function turn(Lab $one, Lab $other): float
    {
        return hypot($one->a - $other->a, $one->b - $other->b);
    }
}
