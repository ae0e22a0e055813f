<?php

declare(strict_types=1);

namespace Ulvrach\Schedule\Internal;

/**
 * A step, or a section of it, as pieces of work.
 *
 * @internal to Ulvrach\Schedule
 */
final readonly class Done
{
    /**
     * @param  int  $first  piece that begins it
     * @param  int  $stroke  piece that lays its last stroke
     * @param  int  $last  piece after which it is done
     * @param  int  $cleaning  minutes from its last stroke until it is clean, at the soonest
     * @param  string  $sitting  that it belongs to
     * @param  int  $section  of the sitting, from 1
     */
    public function __construct(
        public int $first,
        public int $stroke,
        public int $last,
        public int $cleaning,
        public string $sitting,
        public int $section,
    ) {
    }
}
