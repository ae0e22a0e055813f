<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class LightenerTurnsTheHue extends RuleBase
{
    public const CODE = 'lightener-turns-the-hue';

    public const TITLE = 'The lightener turns the hue';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A tone is lightened with a hue that keeps it: yellow or buff into olive, off-white '
        .'into sand; another hue reads as another paint.';

    protected const WATCHES = [Nature::Shade];

    /** CIEDE2000 at one lightness beyond which a light tone is another colour. */
    private const ANOTHER_COLOUR = 14.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->code === 'light-tone';
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $base = $below->paint()?->colour();
        $product = $situation->product;
        $light = $product?->material->colour;
        $isAnother =
            $base !== null &&
            $product !== null &&
            $light !== null &&
            $base->withLightness(50.0)->differenceTo($light->withLightness(50.0)) > self::ANOTHER_COLOUR;

        return $isAnother
            ? $this->finding(
                Severity::Note,
                $situation,
                "“{$product->name}” turns the hue of the paint below.",
            )
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
