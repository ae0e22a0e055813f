<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Sitting;

/** What holds the steps of a sitting together. */
enum Bond: string
{
    /** Somebody wants them done together. */
    case Wish = 'wish';
    /** One goes into the other while that is open. */
    case Merge = 'merge';
    /** Oils from one palette, which is open for an evening. */
    case Palette = 'palette';
    /** It is taken up again before it has set. */
    case CleanUp = 'clean-up';
    /** A film is wetted, lifted and looked at, again and again. */
    case Rounds = 'rounds';
    /** Tones of one rusty thing, dabbed in turn. */
    case Tones = 'tones';
    /** The same paint from the same cup. */
    case Cup = 'cup';

    /** Why, as a sentence for the person at the bench. */
    public function says(): string
    {
        return match ($this) {
            self::Wish => 'You want these done together.',
            self::Merge => 'What goes into it has to come while it is still open.',
            self::Palette => 'Oils from one palette: it stays open for one evening.',
            self::CleanUp => 'What is laid has to be cleaned up before it sets.',
            self::Rounds => 'The film is wetted, lifted and looked at in rounds, until it is enough.',
            self::Tones => 'Tones of the same rust are dabbed beside each other while one sees them all.',
            self::Cup => 'The same paint from the same cup.',
        };
    }
}
