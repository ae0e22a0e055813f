<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Supply;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * How much the steps of a plan take: area × wet film × coats, divided by what of it arrives, and what stays in cup and
 * brush. A wet film of 25 µm is 0.25 ml on 100 cm². Where the figures come from: docs/quantities.md.
 */
final class Takes
{
    /** Per cent of a zone on which work in spots lies where nobody has said. */
    private const SPOTS = 15;

    /** Parts of the zone that a partial coat such as a mottle or a camouflage colour takes. */
    private const PARTIAL = 0.5;

    /** Of the paste that mud takes, how much specks of it take that are flung up. */
    private const FLUNG = 0.1;

    /** In 100 cm²: a patch to try something on is as large as a stamp; and ml that stay in the brush for it. */
    private const PATCH = 0.02;

    private const PATCH_STAYS = 0.03;

    /** ml on 100 cm², of grains that lie closer than a film. */
    private const SALT = 0.5;

    /** What is laid by the sheet, the strip or the stick, and not by volume. */
    private const NO_VOLUME = [
        BinderFamily::DecalFilm,
        BinderFamily::MaskingFilm,
        BinderFamily::MetalPencil,
        BinderFamily::EpoxyPutty,
    ];

    /**
     * @param  int  $sets  models or sets of parts that the same is done on at once: the cup is filled, and washed, once
     * @param  float  $own  how many times as much as by the figures somebody takes
     * @return list<Take> of the steps that take something, in the order of work
     */
    public static function of(Plan $plan, int $sets = 1, float $own = 1.0): array
    {
        $takes = [];
        foreach ($plan->steps as $index => $step) {
            $product = $plan->productOf($step);
            if ($product === null || ! self::hasVolume($product)) {
                continue;
            }
            $technique = TechniqueLibrary::get($step->technique);
            $isPatch = $technique->kind->is(Nature::TestPatch);
            $area = $isPatch ? self::PATCH : $plan->areaOf($step) / 100.0 * self::share($plan, $step, $technique);
            $film = self::wetFilm($step, $technique, $product->material->family);
            $onModel = $sets * $area * $film * self::coats($step, $technique);
            $stays = $isPatch ? self::PATCH_STAYS : self::stays($step->application);
            $laid = $own * ($onModel / self::arrives($step->application) + $stays);
            $share = Thinning::paintShare($step, $technique, $product->material);
            $takes[] = new Take(
                index: $index,
                product: $product,
                jarMl: $laid * $share,
                thinnerMl: $laid * (1.0 - $share),
                thinner: $share < 1.0 ? self::thinner($step, $product->material) : null,
                lostMl: $laid - $onModel,
            );
        }

        return $takes;
    }

    /** Whether it is laid by volume; sheets, strips and sticks are counted. */
    public static function hasVolume(Product $product): bool
    {
        return ! in_array($product->material->family, self::NO_VOLUME, true);
    }

    /**
     * @param  float  $cm2  to be covered
     * @return float ml of thinned paint, with what is lost beside the model and what stays in the cup
     */
    public static function forArea(float $cm2, int $coats, Application $by): float
    {
        return $cm2 / 100.0 * self::film($by) * $coats / self::arrives($by) + self::stays($by);
    }

    /** Of the area of its zones, how much a step goes on. */
    private static function share(Plan $plan, Step $step, Technique $technique): float
    {
        $percent = $step->extent?->share;
        $panels = $step->extent->panels ?? [];
        if ($panels !== []) {
            $of = array_sum(array_map(static fn (string $zone) => count($plan->zones[$zone]->panels), $step->zones));

            return count($panels) / max(1, $of);
        }

        return $percent !== null ? $percent / 100.0 : match (true) {
            ($step->extent->places ?? []) !== [] => self::SPOTS / 100.0,
            // A tilt is painted all over, though it is a small thing among the zones.
            $technique->coverage === Coverage::Whole => 1.0,
            $technique->kind->is(Nature::Spots) => self::SPOTS / 100.0,
            $technique->kind->is(Nature::Shade) => self::PARTIAL,
            $technique->coverage === Coverage::Partial => self::PARTIAL,
            default => 1.0,
        };
    }

    /** ml on 100 cm², of what is laid wet. */
    private static function wetFilm(Step $step, Technique $technique, BinderFamily $family): float
    {
        $usual = match (true) {
            $family === BinderFamily::Salt => self::SALT,
            // Specks are flung from a brush that is all but dry.
            $technique->kind->is(Nature::Mud) && $technique->load !== Load::Brushed => self::FLUNG *
                ($technique->kind->wetFilm ?? 0.0),
            default => $technique->kind->wetFilm ?? self::film($step->application),
        };

        $amount = $technique->role->hasAmount() ? $step->amount?->times() ?? 1.0 : 1.0;

        return $usual * $amount * match ($step->load) {
            Load::Dab => 0.2,
            Load::Mist => 0.5,
            Load::Flood => 2.0,
            Load::Coat, Load::Brushed, null => 1.0,
        };
    }

    /** ml on 100 cm² that one coat of paint lays. */
    private static function film(Application $by): float
    {
        return match ($by) {
            Application::Airbrush => 0.25,
            Application::Can => 0.4,
            Application::Brush => 0.55,
            Application::Sponge, Application::Scrub => 0.4,
            Application::Dry => 0.1,
        };
    }

    /** Only films are laid in coats; a wash of "two coats" is two washes. */
    private static function coats(Step $step, Technique $technique): int
    {
        return $technique->kind->is(Nature::Mud) ? 1 : max(1, $step->coats);
    }

    /** Of what leaves the tool, how much arrives on the model. */
    private static function arrives(Application $application): float
    {
        return match ($application) {
            // Small parts and curves: much goes past them.
            Application::Airbrush => 0.6,
            Application::Can => 0.35,
            Application::Brush, Application::Sponge, Application::Scrub => 0.9,
            Application::Dry => 0.7,
        };
    }

    /** ml that stay in cup, nozzle, brush or on the palette, once a step. */
    private static function stays(Application $application): float
    {
        return match ($application) {
            Application::Airbrush => 0.4,
            Application::Can => 1.0,
            Application::Brush, Application::Sponge => 0.15,
            Application::Scrub, Application::Dry => 0.05,
        };
    }

    private static function thinner(Step $step, Material $material): ?Carrier
    {
        return $step->thinner ?? $material->carrier ?? ($material->family->ownThinners()[0] ?? null);
    }
}
