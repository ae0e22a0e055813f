<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Variety;

use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Purpose;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** The panels of some zones, each in a mix of its own, as steps of a plan. */
final readonly class PanelMixes
{
    /** CIEDE2000 from which a jar moves another when a little of it is stirred in. */
    private const ANOTHER = 5.0;

    /** Jars beside the first that are chosen before anybody has. */
    private const BESIDE = 3;

    /** @var list<Panel> */
    public array $panels;

    public Tints $tints;

    public Tinting $tinting;

    /**
     * @param  list<string>  $zones  ids; those without panels are passed over
     * @param  non-empty-list<Product>  $jars  of one family, at most Tints::MOST_JARS; the first is the one that is
     *   varied where neighbours shall differ little
     * @param  array<string, int>  $locked  by id of a panel: the mix that it keeps; what does not exist is passed over
     */
    public function __construct(
        private Plan $plan,
        private array $zones,
        array $jars,
        array $locked = [],
        Band $band = Band::Strongly,
    ) {
        $panels = [];
        foreach ($zones as $zone) {
            array_push($panels, ...($plan->zones[$zone]->panels ?? []));
        }
        $this->panels = $panels;
        $this->tints = Tints::within($jars, $band);
        $edges = $kept = [];
        foreach ($panels as $place => $panel) {
            $mix = $locked[$panel->id] ?? null;
            if ($mix !== null && isset($this->tints->mixes[$mix])) {
                $kept[$place] = $mix;
            }
            for ($other = 0; $other < $place; $other++) {
                if ($panel->adjoins($panels[$other])) {
                    $edges[] = [$other, $place];
                }
            }
        }
        $colours = $this->tints->colours;
        if ($colours === []) {
            throw new \InvalidArgumentException('None of the jars has a colour.');
        }
        $this->tinting = (new Tinter(count($panels), $edges, $colours, $kept, $band->least()))->solve();
    }

    /**
     * Jars to begin with: what the step is done with, and those of its family and purpose that are nearest to it and
     * yet another colour.
     *
     * @param  list<Product>  $jars
     * @return list<Product>
     */
    public static function toBeginWith(Step $step, array $jars): array
    {
        $purpose = Purpose::of(TechniqueLibrary::get($step->technique));
        $suits = static fn (Product $jar): bool => Palette::isMixed($jar->material) &&
            ($purpose === null || $purpose->suits($jar->material));
        $fits = array_values(array_filter($jars, $suits));
        $own = array_values(array_filter($jars, static fn (Product $jar) => $jar->id === $step->product));
        $first = isset($own[0]) && Palette::isMixed($own[0]->material) ? $own[0] : ($fits[0] ?? null);
        $ground = $first?->material->colour;
        if ($first === null || $ground === null) {
            return [];
        }
        $away = [];
        foreach ($fits as $place => $jar) {
            $difference = $jar->material->colour?->differenceTo($ground) ?? 0.0;
            if ($jar->material->family === $first->material->family && $difference >= self::ANOTHER) {
                $away[$place] = $difference;
            }
        }
        asort($away);

        return [$first, ...array_map(
            static fn (int $place) => $fits[$place],
            array_slice(array_keys($away), 0, self::BESIDE),
        )];
    }

    /**
     * One step a mix, on the panels that it goes on. The first is the step that is tinted, on fewer panels; the others
     * come after it.
     *
     * @param  int  $index  of that step
     * @return list<PlanEdit>
     */
    public function edits(int $index): array
    {
        $first = $this->plan->steps[$index];
        $edits = [];
        $number = 1;
        $isFirst = true;
        foreach ($this->byMix() as $mix => $panels) {
            $product = $this->tints->mixes[$mix];
            if (! isset($this->plan->products[$product->id])) {
                $edits[] = new PutProduct($product);
            }
            $changes = [
                'product' => $product->id,
                'zones' => $this->zonesOf($panels),
                'extent' => new Extent(null, [], array_map(static fn (Panel $panel) => $panel->id, $panels)),
            ];
            if ($isFirst) {
                $edits[] = new ReplaceStep($first->with(...$changes));
                $isFirst = false;

                continue;
            }
            while ($this->plan->indexOf("{$first->technique}-p{$number}") !== null) {
                $number++;
            }
            $edits[] = new InsertStep(
                $first->with(...$changes, id: "{$first->technique}-p{$number}", accepted: []),
                ++$index,
            );
            $number++;
        }

        return $edits;
    }

    /** @return array<int, non-empty-list<Panel>> by mix, the most used first */
    public function byMix(): array
    {
        $by = [];
        foreach ($this->panels as $place => $panel) {
            $by[$this->tinting->mixes[$place]][] = $panel;
        }
        uasort($by, static fn (array $one, array $other) => count($other) <=> count($one));

        return $by;
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<string>
     */
    private function zonesOf(array $panels): array
    {
        return array_values(
            array_filter(
                $this->zones,
                fn (string $zone) => array_uintersect(
                    $this->plan->zones[$zone]->panels ?? [],
                    $panels,
                    static fn (Panel $one, Panel $other) => $one->id <=> $other->id,
                ) !== [],
            ),
        );
    }
}
