<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Photographs of a person, by what they show. Nobody else gets to see them, whatever is guessed. */
final readonly class PhotoStore
{
    /** Photographs of one thing at most. */
    public const MOST = 20;

    public function __construct(private ConnectionInterface $database)
    {
    }

    /**
     * @param  string  $id  a UUID that it shall have; '', or one that is taken: another
     * @return array{id: string, width: int, height: int, taken: string}
     */
    public function keep(User $user, string $subject, Picture $picture, string $id = ''): array
    {
        $id = $id !== '' && $this->isFree($id) ? $id : (string) Str::uuid();
        $now = Carbon::now();
        // Bytes go through the driver as text, which it does not have to be told about.
        $this->database->insert(
            'insert into photos (id, user_id, subject, width, height, picture, small, created_at, updated_at) '.
                "values (?, ?, ?, ?, ?, decode(?, 'base64'), decode(?, 'base64'), ?, ?)",
            [
                $id,
                $user->id,
                $subject,
                $picture->width,
                $picture->height,
                base64_encode($picture->large),
                base64_encode($picture->small),
                $now,
                $now,
            ],
        );

        return [
            'id' => $id,
            'width' => $picture->width,
            'height' => $picture->height,
            'taken' => $now->toIso8601ZuluString(),
        ];
    }

    /** Whether no photograph of anybody has this id. */
    public function isFree(string $id): bool
    {
        return $this->database->table('photos')->where('id', $id)->doesntExist();
    }

    /**
     * @param  list<string>  $subjects
     * @return array<string, list<array{id: string, width: int, height: int, taken: string}>> by subject, oldest first
     */
    public function of(User $user, array $subjects): array
    {
        return $this->found($user, static fn (Builder $rows) => $rows->whereIn('subject', $subjects));
    }

    /**
     * @return array<string, list<array{id: string, width: int, height: int, taken: string}>> by subject, the oldest
     *   first
     */
    public function under(User $user, string $prefix): array
    {
        return $this->found($user, static fn (Builder $rows) => $rows->whereLike('subject', "{$prefix}%", true));
    }

    public function throwAwayUnder(User $user, string $prefix): void
    {
        $this->database
            ->table('photos')
            ->where('user_id', $user->id)
            ->whereLike('subject', "{$prefix}%", true)
            ->delete();
    }

    /**
     * @param  \Closure(Builder): Builder  $where
     * @return array<string, list<array{id: string, width: int, height: int, taken: string}>>
     */
    private function found(User $user, \Closure $where): array
    {
        $rows = $where($this->database->table('photos')->where('user_id', $user->id))
            ->orderBy('created_at')
            ->get(['id', 'subject', 'width', 'height', 'created_at']);
        $photos = [];
        foreach ($rows as $row) {
            /** @var object{id: string, subject: string, width: int, height: int, created_at: string} $row */
            $photos[$row->subject][] = [
                'id' => $row->id,
                'width' => $row->width,
                'height' => $row->height,
                'taken' => Carbon::parse($row->created_at)->toIso8601ZuluString(),
            ];
        }

        return $photos;
    }

    /** @return string|null a JPEG; null: there is none of that id, or it is somebody else's */
    public function bytes(User $user, string $id, bool $isSmall): ?string
    {
        $bytes = $this->database
            ->table('photos')
            ->where('user_id', $user->id)
            ->where('id', $id)
            ->selectRaw($isSmall ? "encode(small, 'base64') as bytes" : "encode(picture, 'base64') as bytes")
            ->value('bytes');

        return is_string($bytes) ? (string) base64_decode($bytes, true) : null;
    }

    public function throwAway(User $user, string $id): void
    {
        $this->database->table('photos')->where('user_id', $user->id)->where('id', $id)->delete();
    }
}
