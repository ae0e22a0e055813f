<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Stuff\Technique\Kind;

/** Every rule there is, grouped and in reading order. */
final class RuleBook
{
    /** @var array<string, Rule> by code */
    public readonly array $rules;

    /** @var array<string, array<string, array<string, Rule>>> by what the school does not mind, and technique kind */
    private array $watching = [];

    /** The same book for all who add nothing to it: rules keep nothing of what they have judged. */
    public static function ofAll(): self
    {
        /** @var self|null $book */
        static $book = null;

        return $book ??= new self();
    }

    /** @param  Rule  ...$more  besides all that there are */
    public function __construct(Rule ...$more)
    {
        $rules = [
            new Chemistry\CarrierAttacksFilm(),
            new Chemistry\WakesLayerBelow(),
            new Chemistry\SpiritOnYoungVarnish(),
            new Chemistry\HotSolventOverSoftFilm(),
            new Chemistry\CarrierAttacksBarePart(),
            new Chemistry\FailedOnTrial(),
            new Chemistry\NotInTheTables(),
            new Chemistry\StrangersThinner(),
            new Chemistry\CleanUpDoesNothing(),
            new Chemistry\SpiritFloodsGluedLinks(),
            new Chemistry\LiftOffLayerOverWeathering(),
            new Chemistry\BarrierTooThin(),
            new Chemistry\SpiritInCleanAir(),
            new Cure\TooEarly(),
            new Cure\MaskOnSoftPaint(),
            new Cure\NoLongerMerges(),
            new Cure\MaskOnWhatHoldsWeakly(),
            new Cure\MaskLeftOn(),
            new Cure\LiftOffWindowMissed(),
            new Cure\CleanedOutsideWindow(),
            new Cure\LiftOffCoatTooTough(),
            new Cure\DampAir(),
            new Cure\ColdAcrylic(),
            new Cure\SprayDriesInTheAir(),
            new Cure\SectionLargerThanWindow(),
            new Cure\OilNotDrained(),
            new Order\LiftOffLayerAfterColour(),
            new Order\LiftOffLayerSealedIn(),
            new Order\NothingToLift(),
            new Order\NothingUnderneathToShow(),
            new Order\StreakWithoutSource(),
            new Order\WashNeverCleaned(),
            new Order\NothingToClean(),
            new Order\ShineLostUnderMatte(),
            new Order\CoreBeforeRim(),
            new Order\PreShadeBuried(),
            new Order\DecalsScrubbed(),
            new Order\FilterOverUnsealedWash(),
            new Order\EndsWithoutMatteCoat(),
            new Order\NoLookBeforeSeal(),
            new Order\PartNoLongerReachable(),
            new Order\ClosedInUnfinished(),
            new Order\MetalUnderMatteCoat(),
            new Order\MetalOverWash(),
            new Order\WashOverMetal(),
            new Order\GlueOnMatte(),
            new Order\MarkingsStained(),
            new Order\TintOverSealedMarkings(),
            new Order\DecalWithoutSoftener(),
            new Order\PostShadeBeforeDecals(),
            new Order\WetMudBeforeDry(),
            new Order\FilterAfterWash(),
            new Order\PigmentLeftLoose(),
            new Order\LiftedChipsUnsealed(),
            new Order\PaintedBeforeItIsBent(),
            new Surface\FilterOnGloss(),
            new Surface\DecalOnMatte(),
            new Surface\WashOnMatte(),
            new Surface\PigmentOnGloss(),
            new Surface\DustUnderVarnish(),
            new Surface\PigmentIntoWetMud(),
            new Surface\OilOnGloss(),
            new Material\RustOnWhatCannotRust(),
            new Material\BarePartUnprimed(),
            new Material\EnamelOnVinyl(),
            new Material\AbradedToPlastic(),
            new Material\WearBeyondService(),
            new Material\WearWithoutTraffic(),
            new Material\MarksOutOfScale(),
            new Material\GroundDisagrees(),
            new Material\TrackFacesUnpolished(),
            new Material\TooBrightToRun(),
            new Material\ExhaustLikeHull(),
            new Material\ZoneLeftOut(),
            new Material\ZoneLeftInPrimer(),
            new Material\PolishedWithoutMetal(),
            new Material\TooMuchWear(),
            new Material\MarkingsFactoryFresh(),
            new Material\EarthTonesDiffer(),
            new Material\MaterialNotToldApart(),
            new Material\StowageLikeHull(),
            new Material\InteriorLeftClean(),
            new Material\OneEarthTone(),
            new Material\OneKindOfChips(),
            new Sight\BlackOrWhiteBase(),
            new Sight\NoShadeLeft(),
            new Sight\WashTooFaint(),
            new Sight\WashTooStrong(),
            new Sight\RustTooFaint(),
            new Sight\ChipsTooFaint(),
            new Sight\StreaksTooFaint(),
            new Sight\MarkShouts(),
            new Sight\MarkLostLater(),
            new Sight\CamouflageContrast(),
            new Sight\MarkingsYellowed(),
            new Sight\OrangeTrack(),
            new Sight\LightenerTurnsTheHue(),
            new Sight\HighlightNotSmaller(),
            new Sight\WeakColourOnDark(),
            new Sight\TintFloods(),
            new Sight\DustNearlyWhite(),
            new Sight\NeighboursAlike(),
            new Sight\ChipsSkipAColour(),
            ...$more,
        ];
        $byCode = [];
        foreach ($rules as $rule) {
            $byCode[$rule->code()] = $rule;
        }
        $this->rules = $byCode;
    }

    /** @return array<string, Rule> by code: those that want to see this kind of work, and that the school minds */
    public function watching(Kind $kind, School $school): array
    {
        return $this->watching[implode(' ', $school->silenced())][$kind->value] ??= array_filter(
            $this->rules,
            static fn (Rule $rule) => ! ($rule instanceof EndRule) &&
                ($rule->watches() === [] || $kind->isAny(...$rule->watches())) &&
                $school->minds($rule),
        );
    }
}
