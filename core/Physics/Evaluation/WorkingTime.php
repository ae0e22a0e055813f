<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\DryingLaw;
use Ulvrach\Stuff\Drying\DryingModel;
use Ulvrach\Stuff\Technique\Library\TintWork;

/** For how long a material can be worked, by the rows of the drying table; docs/sources.md, "working time". */
final readonly class WorkingTime
{
    /**
     * @param  string  $what  what is done to it in that time
     * @param  int  $from  minutes from laying it
     * @param  int|null  $best  until when it is easy; null: all the time
     * @param  int|null  $until  null: at any later time
     */
    private function __construct(public string $what, public int $from, public ?int $best, public ?int $until)
    {
    }

    /** @return list<self> in this air; empty: nobody works it once it is laid */
    public static function of(string $row, Air $air): array
    {
        $enamel = TintWork::dullingEnamel();
        $oil = TintWork::settingOil();
        $chips = Windows::LIFT_OFF['thin'];
        $water = DryingLaw::Water;

        return match ($row) {
            'enamel wash' => [
                self::in($air, DryingLaw::Spirit, 'cleaned up', $enamel->surely, $enamel->bestUntil, $enamel->latest),
            ],
            'enamel filter' => [self::in($air, DryingLaw::Spirit, 'kept moving', 0, 5, 10)],
            'artist oil', 'blended oil' => [
                self::in($air, DryingLaw::Oxygen, 'blended', $oil->surely, $oil->bestUntil, $oil->latest),
            ],
            'acrylic brushed' => [
                self::in($air, $water, 'blended', 0, 3, 8),
                self::in($air, $water, 'blended, with retarder', 0, 8, 20),
            ],
            'chipping fluid', 'hairspray' => [
                // The same day, whatever the air: by then the film crazes.
                new self('covered with the colour', 0, null, Minutes::DAY),
                self::in(
                    $air,
                    $water,
                    'chips lifted, from its colour on',
                    Windows::LIFT_OFF_OPENS,
                    $chips[0],
                    $chips[2],
                ),
            ],
            'salt' => [
                self::in($air, $water, 'brushed off, from its colour on', 20, Windows::SALT[0], Windows::SALT[2]),
            ],
            'clay wash' => [new self('wiped back with water', 20, null, null)],
            'dry pigment' => [new self('moved and brushed off', 0, null, null)],
            'mud paste' => [self::in($air, $water, 'shaped and pressed', 0, 15, 40)],
            'decal' => [self::in($air, $water, 'slid into place', 0, 2, 5)],
            'white glue' => [self::in($air, $water, 'draped, and painted while its edges still lift', 0, 60, 240)],
            'epoxy putty' => [
                self::in($air, DryingLaw::Reaction, 'shaped', 0, 30, 60),
                self::in($air, DryingLaw::Reaction, 'given its detail', 60, 90, 120),
            ],
            default => [],
        };
    }

    /** What a film has in place of a solvent-proof state; null: it has one, or needs none. */
    public static function instead(string $row): ?string
    {
        return match ($row) {
            'chipping fluid', 'hairspray' => 'never: water wakes it until a clear coat seals it in',
            'clay wash' => 'never: water takes it off until a clear coat seals it in',
            'dry pigment' => 'never: it lies loose until a fixer holds it',
            'salt' => 'never: it is brushed off again',
            default => null,
        };
    }

    private static function in(Air $air, DryingLaw $law, string $what, int $from, ?int $best, ?int $until): self
    {
        $pace = DryingModel::pace($law, $air);
        $at = static fn (?int $minutes): ?int => $minutes === null ? null : (int) round($minutes / $pace);

        return new self($what, (int) $at($from), $at($best), $at($until));
    }
}
