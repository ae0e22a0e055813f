<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\LooksAtZone;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Technique\Nature;

final class RustOnWhatCannotRust extends RuleBase implements LooksAtZone
{
    public const CODE = 'rust-on-what-cannot-rust';

    public const TITLE = 'Rust shows on what cannot rust';

    public const EXPLANATION = 'Only steel rusts: aluminium turns grey, wood rots, rubber, canvas and fibreglass fade.';

    protected const WATCHES = [
        Nature::Wash,
        Nature::Streak,
        Nature::Pigment,
        Nature::ReleaseFilm,
    ];

    /**
     * Degrees of hue, chroma and L* of a ground that reads as rust where it is uncovered. Old rust is dark, and a dark
     * colour has less chroma: it is held against its lightness.
     */
    private const RUST_HUE = [30.0, 68.0];

    private const RUST_CHROMA = 14.0;

    private const CHROMA_OF_LIGHTNESS = 0.6;

    private const RUST_LIGHT = 58.0;

    public function concerns(Situation $situation): bool
    {
        return $situation->technique->depictsRust || $situation->kind->is(Nature::ReleaseFilm);
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if ($situation->kind->is(Nature::ReleaseFilm)) {
            return $this->underTheFilm($situation, $below);
        }

        $real = $below->zone()->depicts;

        return $situation->technique->depictsRust && ! $real->rusts()
            ? $this->finding(
                $this->severity($situation, $below),
                $situation,
                "This part is {$real->label()} in reality, and {$real->label()} does not rust.",
            )
            : null;
    }

    /** Chips show the ground, and a ground in the colour of rust shows rust. */
    private function underTheFilm(Situation $situation, Strata $below): ?Finding
    {
        $colour = $below->paint()?->colour();
        $isRust =
            $colour !== null &&
            $colour->chroma() > max(self::RUST_CHROMA, self::CHROMA_OF_LIGHTNESS * $colour->l) &&
            $colour->l < self::RUST_LIGHT &&
            $colour->hue() > self::RUST_HUE[0] &&
            $colour->hue() < self::RUST_HUE[1];

        $real = $below->zone()->depicts;

        return $isRust && ! $real->rusts()
            ? $this->finding(
                Severity::Risk,
                $situation,
                "The ground that chips will show has the colour of rust, and {$real->label()} does not rust.",
            )
            : null;
    }

    /** A run may cross wood or canvas below something of steel. */
    private function severity(Situation $situation, Strata $below): Severity
    {
        return $situation->kind->is(Nature::Streak) && Fitting::isNamed($situation, $below)
            ? Severity::Note
            : Severity::Risk;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
