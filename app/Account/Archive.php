<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Build;
use App\Models\OwnSchool;
use App\Models\Pattern;
use App\Models\SavedMix;
use App\Models\User;
use App\Photos\PhotoStore;
use App\Plans\LogStore;
use App\Plans\OwnPlans;
use App\Plans\UnreadablePlan;
use App\Supply\Supplies;
use Illuminate\Support\Str;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Report\DiaryReport;
use Ulvrach\Stuff\ShelfFile\RecipeTable;
use Ulvrach\Stuff\ShelfFile\ShelfRow;
use Ulvrach\Stuff\ShelfFile\ShelfTable;

/**
 * All that a person keeps here as one archive of open formats, to be taken along: plans with their logs, shelf, mixes
 * with their history, patterns, schools, week, room, own numbers and photographs. docs/archive.md says what is in it.
 */
final readonly class Archive
{
    public const FORMAT = 'ulvrach-account';

    public const VERSION = 1;

    private const READABLE = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public function __construct(
        private LogStore $logs,
        private PhotoStore $photos,
        private Supplies $supplies,
        private OwnPlans $plans,
    ) {
    }

    /**
     * @param  string  $path  of a file that is there and empty
     *
     * @throws \RuntimeException if it cannot be written, for want of room
     */
    public function write(User $user, string $path): void
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException("The archive cannot be written to {$path}.");
        }
        $builds = Build::whole($user->builds()->oldest());
        $names = [];
        foreach ($builds as $build) {
            [$name, $json] = $this->build($build);
            $names[$build->id] = $name;
            $zip->addFromString($name, $json);
        }
        [$jars, $rows] = $this->jars($user);
        $mixes = array_values($user->mixes()->oldest()->get()->map(static fn (SavedMix $mix) => $mix->kept())->all());
        $zip->addFromString('shelf.json', (new OwnShelfFile($jars, $mixes))->toJson());
        $zip->addFromString('shelf.csv', ShelfTable::write($rows));
        $zip->addFromString('mixes.csv', RecipeTable::write($mixes));
        $zip->addFromString('diary.csv', DiaryReport::table($this->plans->walks($user)));
        $kept = $this->kept($user);
        foreach ($kept as $file => $data) {
            $zip->addFromString($file, json_encode($data, self::READABLE)."\n");
        }
        $pictures = $this->pictures($zip, $user);
        $zip->addFromString('photographs.json', json_encode($pictures, self::READABLE)."\n");
        $zip->addFromString('archive.json', json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'of' => $user->name,
            'made' => now()->toIso8601ZuluString(),
            'builds' => array_map(
                static fn (string $id, string $file) => ['id' => $id, 'file' => $file],
                array_keys($names),
                array_values($names),
            ),
            'holds' => [
                'builds' => count($names),
                'jars' => count($jars),
                'mixes' => count($mixes),
                'patterns' => count($kept['patterns.json']),
                'schools' => count($kept['schools.json']),
                'photographs' => count($pictures),
            ],
        ], self::READABLE)."\n");
        if (! $zip->close()) {
            throw new \RuntimeException('The archive could not be written to its end.');
        }
    }

    /** @return array{string, string} the name of its file in the archive, and what is in it */
    private function build(Build $build): array
    {
        try {
            $plan = $build->plan();
            $json = PlanWriter::toJson(new PlanFile($plan, $this->logs->of($build)));
            $name = Str::slug($plan->build->name) ?: 'plan';
        } catch (UnreadablePlan) {
            // What this program cannot read is given back as it is stored.
            $stored = $build->head->getRawOriginal('document');
            [$json, $name] = [is_string($stored) ? $stored : '', 'plan'];
        }

        return ['builds/'.mb_substr($name, 0, 60).'-'.substr($build->id, 0, 8).'.ulvrach.json', $json];
    }

    /** @return array{list<OwnJar>, list<ShelfRow>} */
    private function jars(User $user): array
    {
        $used = $this->supplies->used($user);
        $jars = $rows = [];
        foreach ($user->jars->sortBy('code') as $jar) {
            $stock = $jar->stock()->with(leftMl: Supplies::left($jar, $used));
            $jars[] = new OwnJar($jar->product, $stock);
            $rows[] = new ShelfRow($jar->product->name, $jar->product->material, $stock);
        }

        return [$jars, $rows];
    }

    /** @return array{'patterns.json': list<mixed>, 'schools.json': list<mixed>, 'bench.json': array<string, mixed>} */
    private function kept(User $user): array
    {
        $bench = $user->bench;

        return [
            'patterns.json' => array_map(
                static fn (Pattern $pattern) => [
                    'name' => $pattern->name,
                    'plan' => json_decode(PlanWriter::toJson(new PlanFile($pattern->document)), true),
                ],
                array_values($user->patterns()->oldest()->get()->all()),
            ),
            'schools.json' => array_map(
                static fn (OwnSchool $own) => ['name' => $own->name, 'school' => PlanWriter::school($own->choice)],
                array_values($user->schools()->oldest()->get()->all()),
            ),
            'bench.json' => [
                'week' => $bench?->document,
                'room' => $bench?->room,
                'putOff' => $bench?->put_off,
                'ownNumbers' => $bench?->own,
            ],
        ];
    }

    /** @return list<array{file: string, of: string, width: int, height: int, taken: string}> */
    private function pictures(\ZipArchive $zip, User $user): array
    {
        $told = [];
        foreach ($this->photos->under($user, '') as $subject => $photos) {
            foreach ($photos as $photo) {
                $file = "photographs/{$photo['id']}.jpg";
                $zip->addFromString($file, (string) $this->photos->bytes($user, $photo['id'], false));
                // A JPEG is packed already.
                $zip->setCompressionName($file, \ZipArchive::CM_STORE);
                $told[] = [
                    'file' => $file,
                    'of' => $subject,
                    'width' => $photo['width'],
                    'height' => $photo['height'],
                    'taken' => $photo['taken'],
                ];
            }
        }

        return $told;
    }
}
