<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Safety;

use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Cautions follow from what is in the jar and how it is used. */
final class Safety
{
    /** @return list<Hazard> */
    public static function ofProduct(Product $product): array
    {
        return self::sorted([
            ...self::ofCarrier($product->material->carrier),
            ...match ($product->material->family) {
                BinderFamily::DryPigment => [Hazard::Dust],
                BinderFamily::EpoxyPutty => [Hazard::Skin],
                BinderFamily::ArtistOil, BinderFamily::Enamel => [Hazard::Rags],
                BinderFamily::Hairspray => [Hazard::Mist, Hazard::Flame],
                BinderFamily::WaterborneAcrylic,
                BinderFamily::AlcoholAcrylic,
                BinderFamily::Lacquer,
                BinderFamily::ChippingFluid,
                BinderFamily::ClayWash,
                BinderFamily::BoundPigment,
                BinderFamily::MudPaste,
                BinderFamily::DecalFilm,
                BinderFamily::MaskingFilm,
                BinderFamily::MetalPencil,
                BinderFamily::Salt,
                BinderFamily::WhiteGlue => [],
            },
        ]);
    }

    /** @return list<Hazard> */
    public static function ofStep(Step $step, Plan $plan): array
    {
        $product = $plan->productOf($step);
        $kind = TechniqueLibrary::get($step->technique)->kind;
        $hazards = $product === null ? [] : self::ofProduct($product);
        array_push($hazards, ...self::ofCarrier($step->thinner));
        foreach ($step->cleanUp as $pass) {
            array_push($hazards, ...self::ofCarrier($pass->carrier));
        }
        $sprays = $step->application === Application::Airbrush || $step->application === Application::Can;
        if ($sprays && $product !== null) {
            $hazards[] = Hazard::Mist;
        }
        if ($kind->isAny(Nature::Mask, Nature::Unmask)) {
            $hazards[] = Hazard::Blades;
        }
        if ($kind->is(Nature::Abrade)) {
            array_push($hazards, Hazard::Dust, Hazard::Blades);
        }

        return self::sorted($hazards);
    }

    /**
     * The list for a session: what to have ready before it starts.
     *
     * @param  list<int>  $stepIndexes
     * @return list<Hazard>
     */
    public static function gather(Plan $plan, array $stepIndexes): array
    {
        return self::sorted(
            array_merge(
                ...array_map(static fn (int $index) => self::ofStep($plan->steps[$index], $plan), $stepIndexes),
            ),
        );
    }

    /** @return list<Hazard> */
    private static function ofCarrier(?Carrier $carrier): array
    {
        return match ($carrier) {
            null, Carrier::Water, Carrier::WettedWater => [],
            Carrier::AlcoholBlend => [Hazard::Vapour, Hazard::Flame],
            Carrier::OdourlessSpirit => [Hazard::Vapour, Hazard::Flame, Hazard::Rags],
            Carrier::WhiteSpirit => [Hazard::Vapour, Hazard::Flame, Hazard::Rags, Hazard::Skin],
            Carrier::LacquerThinner, Carrier::Acetone => [Hazard::Vapour, Hazard::Flame, Hazard::Skin],
        };
    }

    /**
     * @param  array<Hazard>  $hazards
     * @return list<Hazard> each once, the gravest first
     */
    private static function sorted(array $hazards): array
    {
        return array_values(
            array_filter(Hazard::cases(), static fn (Hazard $hazard) => in_array($hazard, $hazards, true)),
        );
    }
}
