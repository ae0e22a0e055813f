<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

/** What happened. */
enum EntryKind: string
{
    case Begun = 'begun';
    case Finished = 'finished';

    /** The last stroke is on, and waits to be cleaned. */
    case Laid = 'laid';
    case Cleaned = 'cleaned';
    case Measured = 'measured';
    case Trial = 'trial';
    case Note = 'note';
    case Skipped = 'skipped';
    case Rescued = 'rescued';
    case Paused = 'paused';

    /** The sign was seen that a film is as far as the next work on it wants. */
    case Ready = 'ready';

    /** Done otherwise than the plan says: how, is in the words. */
    case Deviated = 'deviated';

    /** A correction which says that the entry it corrects did not happen. */
    case Withdrawn = 'withdrawn';
}
