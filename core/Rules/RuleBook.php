<?php

declare(strict_types=1);

namespace Ulvrach\Rules;

/** Every rule there is, grouped and in reading order. */
final class RuleBook
{
    /** @var array<string, Rule> by code */
    public readonly array $rules;

    public function __construct()
    {
        $rules = [
            new Chemistry\CarrierAttacksFilm,
            new Chemistry\WakesLayerBelow,
            new Chemistry\HotSolventOverSoftFilm,
            new Chemistry\CarrierAttacksBarePart,
            new Chemistry\NotInTheTables,
            new Chemistry\StrangersThinner,
            new Chemistry\CleanUpDoesNothing,
            new Cure\TooEarly,
            new Cure\MaskOnSoftPaint,
            new Cure\MaskLeftOn,
            new Cure\LiftOffWindowMissed,
            new Cure\CleanedOutsideWindow,
            new Cure\LiftOffCoatTooTough,
            new Order\LiftOffLayerAfterColour,
            new Order\LiftOffLayerSealedIn,
            new Order\NothingToLift,
            new Order\NothingUnderneathToShow,
            new Order\StreakWithoutSource,
            new Order\EndsWithoutMatteCoat,
            new Surface\FilterOnGloss,
            new Surface\DecalOnMatte,
            new Surface\WashOnMatte,
            new Surface\PigmentOnGloss,
            new Surface\DustUnderVarnish,
            new Material\RustOnWhatCannotRust,
            new Material\BarePartUnprimed,
        ];
        $byCode = [];
        foreach ($rules as $rule) {
            $byCode[$rule->code()] = $rule;
        }
        $this->rules = $byCode;
    }

    public function sitting(School $school): Sitting
    {
        return new Sitting($this->rules, $school);
    }
}
