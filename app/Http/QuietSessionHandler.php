<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database, written only where they say something new. Most requests change nothing in theirs, and each
 * write waits for the disk; so the moment of the last request is kept to the minute only.
 */
final class QuietSessionHandler extends DatabaseSessionHandler
{
    private const SECONDS = 60;

    private ?string $payload = null;

    private int $written = 0;

    /** The one place where the handler sees the row that it has read. */
    protected function expired($session): bool
    {
        $row = (array) $session;
        $this->payload = is_string($row['payload'] ?? null) ? $row['payload'] : null;
        $this->written = is_int($row['last_activity'] ?? null) ? $row['last_activity'] : 0;

        return parent::expired($session);
    }

    /** @param  array<string, mixed>  $payload */
    protected function performUpdate($sessionId, $payload): int
    {
        if ($payload['payload'] === $this->payload && $this->currentTime() - $this->written < self::SECONDS) {
            return 0;
        }

        return parent::performUpdate($sessionId, $payload);
    }
}
