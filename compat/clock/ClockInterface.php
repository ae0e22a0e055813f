<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use Psr\Clock\ClockInterface as PsrClock;

/** The one interface that Carbon needs of symfony/clock; see docs/architecture.md, "Dependencies". */
interface ClockInterface extends PsrClock
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(\DateTimeZone|string $timezone): static;
}
