<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What a step would look like with each of some jars, on its own ground and under all that comes later. */
final class JarChoiceReport
{
    /** CIEDE2000 from its ground, at the end, from which a mark is crisp, soft, and more than a tone. */
    private const EFFECTS = ['crisp' => 10.0, 'soft' => 4.0, 'tone' => 1.5];

    /**
     * @param  string  $zone  id of the zone that is looked at; the step goes on it
     * @param  list<Product>  $jars  those that the step cannot be done with are passed over
     * @param  Load|null  $load  how much of it is laid; null: as much as in the plan
     * @return array<string, mixed> the jars by what is left of them at the end, the strongest first
     */
    public static function of(Walk $walk, int $index, string $zone, array $jars, ?Load $load = null): array
    {
        $step = $walk->plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $forecast = Forecast::of($walk);
        $spot = $forecast->spotOf($index);
        $choices = [];
        foreach ($jars as $jar) {
            if ($spot !== null && $jar->material->colour !== null && $technique->accepts($jar->material->family)) {
                $other = $forecast->withJar($index, $jar, $zone, $load);
                $choices[] = [
                    ...self::choice($other, $index, $zone, $spot, $jar),
                    'edits' => EditCodec::write(self::edits($walk->plan, $index, $jar, $load)),
                ];
            }
        }
        usort($choices, static fn (array $one, array $other) => $other['atEnd'] <=> $one['atEnd']);

        return [
            'step' => $step->id,
            'zone' => $zone,
            'place' => $spot?->value,
            'ground' => $forecast->after($index - 1, $zone)->of(Spot::Face)->toHex(),
            'load' => ($load ?? $step->load ?? $technique->loadBy($step->application))->value,
            'loads' => array_map(
                static fn (Load $one) => ['code' => $one->value, 'label' => $one->label()],
                self::loads($step->application),
            ),
            'jars' => $choices,
        ];
    }

    /** @return list<PlanEdit> that take this jar for the step */
    private static function edits(Plan $plan, int $index, Product $jar, ?Load $load): array
    {
        $put = isset($plan->products[$jar->id]) ? [] : [new PutProduct($jar)];

        $changes = ['product' => $jar->id, ...($load === null ? [] : ['load' => $load])];

        return [...$put, new ReplaceStep($plan->steps[$index]->with(...$changes))];
    }

    /** @return list<Load> from little to much; empty: the tool brings one amount only */
    private static function loads(Application $application): array
    {
        return match ($application) {
            Application::Airbrush => [Load::Mist, Load::Coat, Load::Flood],
            Application::Brush => [Load::Dab, Load::Brushed, Load::Flood],
            Application::Can, Application::Sponge, Application::Scrub, Application::Dry => [],
        };
    }

    /** @return array<string, mixed> */
    private static function choice(Forecast $forecast, int $index, string $zone, Spot $spot, Product $jar): array
    {
        $ground = $forecast->after($index - 1, $zone)->of(Spot::Face);
        $now = self::pair($forecast->after($index, $zone), $spot, $ground);
        $end = self::pair($forecast->atEnd($zone), $spot, $ground);
        $shown = $now[0]->differenceTo($now[1]);
        // What comes later changes a face as well, so of a tint all over only its own share is counted.
        $left = $spot === Spot::Face ? $shown : $end[0]->differenceTo($end[1]);

        return [
            'jar' => $jar->id,
            'name' => $jar->name,
            'family' => $jar->material->family->value,
            'colour' => $jar->material->colour?->toHex(),
            'mark' => [$now[0]->toHex(), $end[0]->toHex()],
            'ground' => [$now[1]->toHex(), $end[1]->toHex()],
            'now' => round($shown, 1),
            'atEnd' => round($left, 1),
            'effect' => self::effect($left),
        ];
    }

    /**
     * What is all over a face is held against what was there before; a mark against the face around it.
     *
     * @return array{Lab, Lab}
     */
    private static function pair(Colours $colours, Spot $spot, Lab $before): array
    {
        return [$colours->of($spot), $spot === Spot::Face ? $before : $colours->of(Spot::Face)];
    }

    private static function effect(float $difference): string
    {
        foreach (self::EFFECTS as $effect => $least) {
            if ($difference >= $least) {
                return $effect;
            }
        }

        return 'lost';
    }
}
