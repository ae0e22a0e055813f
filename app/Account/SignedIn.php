<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Where a person is signed in. A session is told by a key that opens nothing. */
final readonly class SignedIn
{
    public function __construct(private ConnectionInterface $database)
    {
    }

    /** @return list<array{key: string, device: string, lastSeen: string, isThis: bool}> the last one first */
    public function of(User $user, string $thisSession): array
    {
        $rows = $this->database
            ->table('sessions')
            ->where('user_id', $user->id)
            ->orderByDesc('last_activity')
            ->get(['id', 'user_agent', 'last_activity']);
        $sessions = [];
        foreach ($rows as $row) {
            /** @var object{id: string, user_agent: string|null, last_activity: int} $row */
            $sessions[] = [
                'key' => self::key($row->id),
                'device' => self::device((string) $row->user_agent),
                'lastSeen' => Carbon::createFromTimestamp($row->last_activity)->toIso8601ZuluString(),
                'isThis' => $row->id === $thisSession,
            ];
        }

        return $sessions;
    }

    /** Ends one of them; none that is somebody else's. */
    public function end(User $user, string $key): void
    {
        foreach ($this->database->table('sessions')->where('user_id', $user->id)->pluck('id') as $id) {
            if (is_string($id) && self::key($id) === $key) {
                $this->database->table('sessions')->where('user_id', $user->id)->where('id', $id)->delete();
            }
        }
    }

    public function endAllBut(User $user, string $thisSession): void
    {
        $this->database->table('sessions')->where('user_id', $user->id)->where('id', '!=', $thisSession)->delete();
    }

    private static function key(string $id): string
    {
        return hash('sha256', "session {$id}");
    }

    private static function device(string $agent): string
    {
        return match (true) {
            $agent === '' => 'something else',
            preg_match('/tablet/i', $agent) === 1 => 'a tablet',
            preg_match('/mobi/i', $agent) === 1 => 'a phone',
            default => 'a computer',
        };
    }
}
