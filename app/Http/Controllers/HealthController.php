<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Health\Worker;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;

/** What has to be there for all of it to work, asked each time; says what is wrong without a secret. */
final readonly class HealthController
{
    /** Bytes of room below which a plan may soon not be kept. */
    private const ROOM = 200_000_000;

    public function __construct(private ConnectionInterface $database, private Worker $worker)
    {
    }

    public function __invoke(): JsonResponse
    {
        $database = $this->databaseFault();
        $parts = [
            'database' => $database,
            'disk' => $this->diskFault(),
            // It says that it is there by way of the database.
            'worker' => $database === null ? $this->worker->fault() : 'Nobody knows while the database is away.',
        ];
        $isUp = array_filter($parts) === [];

        return new JsonResponse(
            ['status' => $isUp ? 'up' : 'impaired', ...array_map(static fn (?string $fault) => $fault ?? 'ok', $parts)],
            $isUp ? 200 : 503,
            ['Cache-Control' => 'no-store'],
        );
    }

    private function databaseFault(): ?string
    {
        try {
            $this->database->select('select 1');

            return null;
        } catch (\Throwable) {
            return 'The database does not answer: nothing can be read or kept.';
        }
    }

    private function diskFault(): ?string
    {
        $free = disk_free_space(storage_path());

        return $free === false || $free >= self::ROOM
            ? null
            : 'Only '.intdiv((int) $free, 1_000_000).' MB are left on the disk.';
    }
}
