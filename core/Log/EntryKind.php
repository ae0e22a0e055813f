<?php

declare(strict_types=1);

namespace Ulvrach\Log;

/** What happened. */
enum EntryKind: string
{
    case Begun = 'begun';
    case Finished = 'finished';
    case Cleaned = 'cleaned';
    case Measured = 'measured';
    case Trial = 'trial';
    case Note = 'note';
    case Skipped = 'skipped';
    case Rescued = 'rescued';

    /** A correction which says that the entry it corrects did not happen. */
    case Withdrawn = 'withdrawn';
}
