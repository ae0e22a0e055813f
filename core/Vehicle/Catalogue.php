<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\Kind\ArmouredCar;
use Ulvrach\Vehicle\Kind\HalfTrack;
use Ulvrach\Vehicle\Kind\LightTank;
use Ulvrach\Vehicle\Kind\Lorry;
use Ulvrach\Vehicle\Kind\MediumTank;
use Ulvrach\Vehicle\Kind\PlainBox;
use Ulvrach\Vehicle\Kind\ScoutCar;
use Ulvrach\Vehicle\Kind\TestCard;
use Ulvrach\Vehicle\Kind\TrackedCarrier;
use Ulvrach\Vehicle\Kind\WheeledGun;

/** Which design stands for which kind of vehicle. */
final class Catalogue
{
    /** @return class-string<Design> */
    public static function designOf(VehicleKind $kind): string
    {
        return match ($kind) {
            VehicleKind::LightTank => LightTank::class,
            VehicleKind::Tank => MediumTank::class,
            VehicleKind::TrackedCarrier => TrackedCarrier::class,
            VehicleKind::HalfTrack => HalfTrack::class,
            VehicleKind::Lorry => Lorry::class,
            VehicleKind::ScoutCar => ScoutCar::class,
            VehicleKind::ArmouredCar => ArmouredCar::class,
            VehicleKind::WheeledGun => WheeledGun::class,
            VehicleKind::SomethingElse => PlainBox::class,
            VehicleKind::TestCard => TestCard::class,
        };
    }

    /** @return list<Parameter> */
    public static function parametersOf(VehicleKind $kind): array
    {
        return self::designOf($kind)::parameters();
    }

    /**
     * @param  array<string, int>  $chosen  measures by their codes; what is not named is as usual
     */
    public static function formOf(VehicleKind $kind, array $chosen = []): Form
    {
        return Form::of(self::parametersOf($kind), $chosen);
    }

    /**
     * What of a choice cannot be built, by the code of the measure. A plan may say it nevertheless: then the nearest
     * is built.
     *
     * @param  array<string, int>  $chosen
     * @return array<string, string> a sentence each
     */
    public static function faultsOf(VehicleKind $kind, array $chosen): array
    {
        $parameters = array_column(self::parametersOf($kind), null, 'code');
        $faults = [];
        foreach ($chosen as $code => $value) {
            $parameter = $parameters[$code] ?? null;
            if ($parameter === null) {
                $faults[$code] = 'This kind of vehicle has no measure of that name.';
            } elseif (! $parameter->allows($value)) {
                $faults[$code] = $parameter->range();
            }
        }

        return $faults;
    }

    public static function build(VehicleKind $kind, Form $form): Mesh
    {
        $modeller = new Modeller();
        self::designOf($kind)::build($modeller, $form);

        return $modeller->mesh();
    }
}
