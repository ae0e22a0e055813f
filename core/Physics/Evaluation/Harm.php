<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Evaluation;

/** What a liquid will do to a layer, ordered by how much is lost. */
enum Harm: int
{
    case None = 0;
    /** Untidy, or undone with a little effort. */
    case Slight = 1;
    case Unknown = 2;
    /** Work that may have to be done again. */
    case MayFail = 3;
    /** Paint destroyed, or an effect made impossible. */
    case WillFail = 4;

    /** The most that it comes to where the two meet only by chance, spot on spot. */
    public function byChance(): self
    {
        return match ($this) {
            self::WillFail => self::MayFail,
            self::MayFail => self::Slight,
            self::Slight => self::None,
            self::None, self::Unknown => $this,
        };
    }
}
