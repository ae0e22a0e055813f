<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

/** What is lost where a window is missed; the least first. */
enum Loss: int
{
    case Wish = 0;
    case Merge = 1;
    case CleanUp = 2;
    case Effect = 3;

    public function says(): string
    {
        return match ($this) {
            self::Wish => 'nothing is lost by it',
            self::Merge => 'what it was to go into has set by then, and it lies on top',
            self::CleanUp => 'by then it comes off with effort, or has to be laid again',
            self::Effect => 'by then nothing lifts any more',
        };
    }
}
