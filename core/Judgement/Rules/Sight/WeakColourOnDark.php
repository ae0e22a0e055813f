<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Palette\Palette;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

final class WeakColourOnDark extends EndRule implements SeenRule
{
    public const CODE = 'weak-colour-on-dark';

    public const TITLE = 'A weak colour goes on a dark ground';

    public const KIND = RuleKind::Fact;

    public const EXPLANATION = 'Yellow, red and light pigments hide badly: over a dark ground they stay dull until '
        .'many coats have covered it.';

    /** L* of a ground that a light or strong colour has to fight. */
    private const DARK = 28.0;

    /** CIEDE2000 from its own colour within which a coat has covered. */
    private const COVERED = 5.0;

    private const MOST_COATS = 6;

    /** CIEDE2000 from an off-white within which a jar is still a light ground. */
    private const A_LIGHT = 22.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $findings = [];
        foreach ($walk->situations as $situation) {
            foreach (self::isWeak($situation) ? $situation->step->zones : [] as $zone) {
                $ground = $forecast->after($situation->index - 1, $zone)->of(Spot::Face);
                $own = $situation->product?->material->colour;
                // In places only it is laid as a film as well, which no face shows.
                $seen = $situation->technique->coverage === Coverage::Whole || $situation->product === null
                    ? $forecast->after($situation->index, $zone)->of(Spot::Face)
                    : Palette::over(Palette::cover($situation->product), $ground, $situation->step->coats);
                if ($own === null || $ground->l >= self::DARK || $own->differenceTo($seen) < self::COVERED) {
                    continue;
                }
                $coats = $situation->step->coats;
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $situation->step->id,
                    [$zone],
                    sprintf(
                        '“%s” hides badly on a ground as dark as this: %s %s from its own colour by %.0f.',
                        $situation->product->name,
                        $coats === 1 ? 'one coat' : "{$coats} coats",
                        $coats === 1 ? 'differs' : 'differ',
                        $own->differenceTo($seen),
                    ),
                    ['zone' => $zone],
                );
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $step = $bench->step($finding->stepId);
        $product = $bench->plan->productOf($step);
        if ($product?->material->colour === null) {
            return [];
        }
        $ground = $bench->colours()->faceBefore($finding->stepId, (string) $finding->facts['zone']);
        $coats = $step->coats + 1;
        while (
            $coats < self::MOST_COATS &&
            Palette::over(Palette::cover($product), $ground, $coats)->differenceTo($product->material->colour) >=
                self::COVERED
        ) {
            $coats++;
        }

        return [
            $bench->inCoats($finding->stepId, $coats),
            $bench->inCoats($finding->stepId, min(self::MOST_COATS, $coats + 1)),
            $bench->insertBefore(
                $bench->indexOf($finding->stepId),
                $step->technique,
                $finding->zones,
                'Lay a light ground under it',
                $bench
                    ->need('winter-wash')
                    ->inFamilies($product->material->family)
                    ->inSheen(Sheen::Matte)
                    ->within(self::A_LIGHT),
            ),
        ];
    }

    /** A colour that is to be seen as its own: not a tone, a mist of dust or a chip, which may be broken. */
    private static function isPainted(Situation $situation): bool
    {
        $isWhole = $situation->technique->role === ColourRole::Base && ! $situation->kind->is(Nature::Shade);

        return $isWhole || ($situation->kind->is(Nature::Detail) && in_array(
            $situation->technique->role,
            [ColourRole::Detail, ColourRole::Marking],
            true,
        ));
    }

    private static function isWeak(Situation $situation): bool
    {
        $colour = $situation->product?->material->colour;

        return $colour !== null &&
            self::isPainted($situation) &&
            ($colour->l > 75 || ($colour->chroma() > 45 && $colour->hue() < 110));
    }
}
