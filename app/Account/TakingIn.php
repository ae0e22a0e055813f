<?php

declare(strict_types=1);

namespace App\Account;

use App\Clock\BenchSettings;
use App\Models\Build;
use App\Models\Jar;
use App\Models\OwnSchool;
use App\Models\Pattern;
use App\Models\SavedMix;
use App\Models\User;
use App\Photos\Developer;
use App\Photos\NoPicture;
use App\Photos\PhotoStore;
use App\Plans\LogStore;
use App\Plans\PlanStore;
use App\Plans\UnreadablePlan;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\FreeName;

/**
 * Takes an archive into an account: all of it or nothing. What is there already stays as it is, and what is the same
 * comes once; builds, patterns and schools that differ stand beside each other.
 */
final class TakingIn
{
    /** Bytes and files of an archive when it is unpacked: more than anybody has photographs for. */
    private const MOST_BYTES = 600_000_000;

    private const MOST_FILES = 6_000;

    private const MOST_TEXT = 12_000_000;

    private const EMPTY_PLAN = [
        'format' => 'ulvrach-plan',
        'version' => 2,
        'build' => ['name' => 'A plan', 'scale' => 35],
        'bench' => ['temperatureC' => 20, 'humidityPercent' => 50],
        'zones' => [[
            'id' => 'hull',
            'name' => 'Hull',
            'kind' => 'hull-sides',
            'areaCm2' => 100,
            'substrate' => 'polystyrene',
            'depicts' => 'steel',
        ]],
        'products' => [],
        'steps' => [],
    ];

    /** Jars that a shelf holds. */
    private const MOST_JARS = 1_000;

    public function __construct(
        private readonly ConnectionInterface $database,
        private readonly PlanStore $plans,
        private readonly LogStore $logs,
        private readonly PhotoStore $photos,
    ) {
    }

    /**
     * @param  string  $path  of an archive
     * @return array{builds: int, jars: int, mixes: int, patterns: int, schools: int, photographs: int} that are new
     *
     * @throws BadArchive if it is none, or something in it cannot be read
     */
    public function take(User $user, string $path): array
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new BadArchive('This is no archive of Ulvrach, or it is damaged.');
        }
        self::guard($zip);
        $head = self::json($zip, 'archive.json');
        if (($head['format'] ?? null) !== Archive::FORMAT) {
            throw new BadArchive('This is no archive of Ulvrach, or it is damaged.');
        }
        if (($head['version'] ?? null) !== Archive::VERSION) {
            throw new BadArchive('This archive comes from a newer Ulvrach; this one cannot read it.');
        }
        $new = ['builds' => 0, 'jars' => 0, 'mixes' => 0, 'patterns' => 0, 'schools' => 0, 'photographs' => 0];
        try {
            $this->database->transaction(function () use ($user, $zip, $head, &$new): void {
                $listed = is_array($head['builds'] ?? null) ? $head['builds'] : [];
                [$builds, $new['builds']] = $this->builds($user, $zip, $listed);
                [$new['jars'], $new['mixes']] = $this->shelf($user, $zip);
                $this->bench($user, $zip);
                $new['patterns'] = $this->patterns($user, $zip);
                $new['schools'] = $this->schools($user, $zip);
                $new['photographs'] = $this->pictures($user, $zip, $builds);
            });
        } catch (BadPlanFile $bad) {
            $fault = $bad->faults[0];
            throw new BadArchive(
                'Something in this archive cannot be read: '.ltrim("{$fault->path} {$fault->message}"),
                previous: $bad,
            );
        }

        return $new;
    }

    private static function guard(\ZipArchive $zip): void
    {
        $bytes = 0;
        for ($place = 0; $place < $zip->numFiles; $place++) {
            $file = $zip->statIndex($place) ?: ['size' => 0, 'name' => ''];
            $bytes += $file['size'];
            if ($file['size'] > self::MOST_TEXT && ! str_starts_with($file['name'], 'photographs/')) {
                throw new BadArchive("{$file['name']} in this archive is larger than anything that is kept.");
            }
        }
        if ($zip->numFiles > self::MOST_FILES || $bytes > self::MOST_BYTES) {
            throw new BadArchive('This archive is larger than any account.');
        }
    }

    /** PostgreSQL cannot keep the zero character in a text, and nobody types it. */
    private static function text(\ZipArchive $zip, string $file): string
    {
        $text = (string) $zip->getFromName($file);
        if (str_contains($text, "\0") || preg_match('/(?<!\\\\)(\\\\\\\\)*\\\\u0000/', $text) === 1) {
            throw new BadArchive("{$file} in this archive has a zero character in a text; no text may hold one.");
        }

        return $text;
    }

    /** @return array<mixed> */
    private static function json(\ZipArchive $zip, string $file): array
    {
        $data = json_decode(self::text($zip, $file), true, 64);

        return is_array($data) ? $data : throw new BadArchive("{$file} is missing in this archive, or cannot be read.");
    }

    /**
     * @param  array<mixed>  $listed
     * @return array{array<string, string>, int} id of the build here by the one that it had, and how many are new
     */
    private function builds(User $user, \ZipArchive $zip, array $listed): array
    {
        $there = [];
        foreach (Build::whole($user->builds()) as $build) {
            try {
                $there[PlanWriter::toJson(new PlanFile($build->plan(), $this->logs->of($build)))] = $build->id;
            } catch (UnreadablePlan) {
                continue;
            }
        }
        $ids = [];
        $new = 0;
        foreach ($listed as $one) {
            [$id, $file] = is_array($one) ? [$one['id'] ?? null, $one['file'] ?? null] : [null, null];
            $text = is_string($file) ? self::text($zip, $file) : '';
            if (! is_string($id) || $text === '') {
                throw new BadArchive('A build that this archive names is not in it.');
            }
            $read = PlanReader::read($text);
            $same = $there[PlanWriter::toJson($read)] ?? null;
            $ids[$id] = $same ?? $this->plans->create($user, $read, 'Take the build in')->id;
            $new += $same === null ? 1 : 0;
        }

        return [$ids, $new];
    }

    /** @return array{int, int} jars and mixes that are new */
    private function shelf(User $user, \ZipArchive $zip): array
    {
        $file = OwnShelfFile::read(self::text($zip, 'shelf.json'));
        $there = $user->jars()->pluck('code')->all();
        $jars = array_filter($file->jars, static fn (OwnJar $jar) => ! in_array($jar->product->id, $there, true));
        if (count($there) + count($jars) > self::MOST_JARS) {
            throw new BadArchive('A shelf holds at most '.self::MOST_JARS.' jars.');
        }
        foreach ($jars as $jar) {
            Jar::query()->create([
                'user_id' => $user->id,
                'code' => $jar->product->id,
                'product' => $jar->product,
                ...Jar::columns($jar->stock),
            ]);
        }
        $before = $user->mixes()->count();
        SavedMix::take($user, $file->mixes);

        return [count($jars), $user->mixes()->count() - $before];
    }

    private function patterns(User $user, \ZipArchive $zip): int
    {
        $names = $there = [];
        foreach ($user->patterns()->get() as $pattern) {
            $names[] = $pattern->name;
            $there[PlanWriter::toJson(new PlanFile($pattern->document))] = true;
        }
        $new = 0;
        foreach (self::json($zip, 'patterns.json') as $one) {
            $name = is_array($one) && is_string($one['name'] ?? null) ? mb_substr($one['name'], 0, 110) : 'Pattern';
            $read = PlanReader::read((string) json_encode(is_array($one) ? $one['plan'] ?? null : null));
            if (isset($there[PlanWriter::toJson(new PlanFile($read->plan))])) {
                continue;
            }
            $names[] = $name = FreeName::of($name, $names);
            Pattern::query()->create(['user_id' => $user->id, 'name' => $name, 'document' => $read->plan]);
            $new++;
        }

        return $new;
    }

    private function schools(User $user, \ZipArchive $zip): int
    {
        $new = 0;
        $names = $user->schools()->pluck('name')->all();
        foreach (self::json($zip, 'schools.json') as $one) {
            $name = is_array($one) && is_string($one['name'] ?? null) ? mb_substr($one['name'], 0, 120) : null;
            // A school is checked as plans check theirs.
            $choice = PlanReader::read((string) json_encode([
                ...self::EMPTY_PLAN,
                'school' => is_array($one) ? $one['school'] ?? null : null,
            ]))->plan->school;
            if ($name === null || in_array($name, $names, true)) {
                continue;
            }
            OwnSchool::query()->create(['user_id' => $user->id, 'name' => $name, 'choice' => $choice]);
            $new++;
        }

        return $new;
    }

    /** Week, room and own numbers, where the account has none of its own yet. */
    private function bench(User $user, \ZipArchive $zip): void
    {
        $kept = self::json($zip, 'bench.json');
        if ($user->bench !== null) {
            return;
        }
        $of = static fn (string $key): ?array => is_array($kept[$key] ?? null) ? $kept[$key] : null;
        try {
            $user->keepBench(['document' => $of('week'), 'room' => $of('room'), 'own' => $of('ownNumbers')]);
            BenchSettings::of($user);
            BenchSettings::roomOf($user);
        } catch (\Throwable $broken) {
            throw new BadArchive('The week or the room in this archive cannot be read.', previous: $broken);
        }
    }

    /** @param  array<string, string>  $builds  id of a build here by the one that it had */
    private function pictures(User $user, \ZipArchive $zip, array $builds): int
    {
        $there = [];
        foreach ($this->photos->under($user, '') as $photos) {
            array_push($there, ...array_column($photos, 'id'));
        }
        $new = 0;
        foreach (self::json($zip, 'photographs.json') as $one) {
            $file = is_array($one) && is_string($one['file'] ?? null) ? $one['file'] : '';
            $id = Str::lower(basename($file, '.jpg'));
            $subject = is_array($one) && is_string($one['of'] ?? null) ? self::here($one['of'], $builds, $user) : null;
            if ($subject === null || ! Str::isUuid($id)) {
                continue;
            }
            // Where its id is somebody else's, it has another here, and the same one each time.
            $own = Uuid::uuid5(Uuid::NAMESPACE_OID, "{$user->id} {$id}")->toString();
            if (array_intersect([$id, $own], $there) !== []) {
                continue;
            }
            try {
                $picture = Developer::develop((string) $zip->getFromName($file));
            } catch (NoPicture) {
                throw new BadArchive("{$file} in this archive is no picture.");
            }
            $this->photos->keep($user, $subject, $picture, $this->photos->isFree($id) ? $id : $own);
            $new++;
        }

        return $new;
    }

    /**
     * @param  array<string, string>  $builds
     * @return string|null what a photograph shows, as it is called here; null: that is not here
     */
    private static function here(string $subject, array $builds, User $user): ?string
    {
        [$kind, $id, $rest] = explode(':', mb_substr($subject, 0, 200), 3) + [1 => '', 2 => ''];
        if ($kind === 'build') {
            return isset($builds[$id]) ? mb_substr(Build::PHOTOS."{$builds[$id]}:{$rest}", 0, 160) : null;
        }
        $isMix = $kind === 'mix' && Str::isUuid($id) && $user->mixes()->where('code', $id)->exists();

        return $isMix ? SavedMix::subjectOf($id) : null;
    }
}
