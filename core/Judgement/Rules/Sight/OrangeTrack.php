<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Technique\ColourRole;

final class OrangeTrack extends EndRule implements SeenRule
{
    public const CODE = 'orange-track';

    public const TITLE = 'The track is orange';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION = 'A track that runs is brown and bright, not orange: fresh rust is ground off at once.';

    /** Chroma and L* beyond which rust reads as fresh. */
    private const BRIGHT = 40.0;

    private const PALE = 38.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->situations as $situation) {
            foreach (self::isTone($situation) ? $situation->step->zones : [] as $zone) {
                // What a wash or dust tones down again is no longer orange.
                $isOrange =
                    $walk->plan->zones[$zone]->kind === ZoneKind::Tracks &&
                    self::shows($forecast->after($situation->index, $zone)) &&
                    ! self::shows($forecast->after($situation->index - 1, $zone)) &&
                    self::shows($forecast->atEnd($zone));
                if ($isOrange) {
                    $findings[] = $this->findingFor(
                        Severity::Note,
                        $situation->step->id,
                        [$zone],
                        "“{$situation->product?->name}” is too bright for a running track.",
                    );
                }
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->withProduct(
                $finding->stepId,
                // Worn rust is the brown of the track's own ground.
                $bench
                    ->need('track-base')
                    ->inFamilies(...$bench->techniqueOf($finding->stepId)->families),
            ),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }

    private static function isTone(Situation $situation): bool
    {
        $isTone = $situation->technique->role === ColourRole::Rust || $situation->technique->code === 'track-wash';

        return $isTone && $situation->product?->material->colour !== null;
    }

    private static function shows(Colours $colours): bool
    {
        $isBright = static fn (Lab $seen): bool => $seen->chroma() > self::BRIGHT && $seen->l > self::PALE;

        return $isBright($colours->of(Spot::Face)) || $isBright($colours->of(Spot::Recess));
    }
}
