<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clock\BenchSettings;
use App\Models\Jar;
use App\Models\SavedMix;
use App\Models\User;
use App\Photos\Developer;
use App\Photos\PhotoStore;
use App\Plans\PlanStore;
use App\Vehicles\Measurements;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Quantity\Moment;
use Ulvrach\Schedule\Week;
use Ulvrach\Stuff\Drying\RoomProfile;
use Ulvrach\Stuff\Drying\Season;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\ZoneTemplates;

/** Makes the demo account with its four builds and a trial, once: what a visitor changed there stays. */
final class LoadDemo extends Command
{
    private const WRITTEN = '2026-11-20T20:00:00Z';

    /** By plan and step; none is of a real model: our own drawings, rendered. */
    private const PHOTOS = [
        'wash-card' => ['s11-enamel-wash' => 'wash-on-gloss', 's11-enamel-wash-2' => 'wash-on-matte'],
        'harnvik-carrier' => ['s02-spray-colour' => 'carrier-slate', 's08-spray-colour' => 'carrier-green'],
    ];

    protected $signature = 'ulvrach:demo
        {--for= : the address of another account than the demo, for tests that change what they find}
        {--password= : its password; without one nobody signs in by it}';

    protected $description = 'Load the demo account of the Tarsholm scenario, if it is not there yet';

    public function handle(PlanStore $store, Measurements $measurements, PhotoStore $photos): int
    {
        $email = self::said($this->option('for')) ?? config()->string('ulvrach.demo_email');
        if (User::query()->where('email', $email)->exists()) {
            return self::SUCCESS;
        }
        $user = User::query()->create([
            'name' => 'Tova Ketterling',
            'email' => $email,
            'password' => self::said($this->option('password')) ?? Str::password(40),
        ]);
        foreach (['brae-lorry', 'ostrel-tank', 'harnvik-carrier'] as $name) {
            $this->load($store, $photos, $user, $name);
        }
        $store->create($user, self::unplanned($measurements), 'Load the demo');
        $this->load($store, $photos, $user, 'wash-card');
        self::fillShelf($user);
        BenchSettings::keep($user, self::week());
        BenchSettings::keepRoom($user, self::room(), counts: true);
        $this->line('The demo account of Tarsholm is loaded.');

        return self::SUCCESS;
    }

    private static function said(mixed $option): ?string
    {
        return is_string($option) && $option !== '' ? $option : null;
    }

    /** A plan of the scenario, with what was done and photographed of it. */
    private function load(PlanStore $store, PhotoStore $photos, User $user, string $name): void
    {
        $file = PlanReader::read((string) file_get_contents(database_path("demo/{$name}.ulvrach.json")));
        $build = $store->create($user, $this->moved($file), 'Load the demo');
        foreach (self::PHOTOS[$name] ?? [] as $step => $photo) {
            $picture = Developer::develop((string) file_get_contents(database_path("demo/photos/{$photo}.jpg")));
            $photos->keep($user, $build->photosOf('step', $step), $picture);
        }
    }

    /** A car that nobody has planned yet: a visitor drafts its finish from its story. */
    private static function unplanned(Measurements $measurements): PlanFile
    {
        $kind = VehicleKind::ScoutCar;
        $measured = $measurements->of($kind, Catalogue::formOf($kind, []));
        $air = self::room()->byDay(Season::Autumn);

        return new PlanFile(new Plan(
            build: new Build(
                name: 'Pell, dispatch section at Vell Bay',
                vehicle: 'Pell scout car',
                kind: $kind,
                scale: 35,
                story: 'Coast road and gravel, eight months with the dispatch riders; it stands out in all weather.',
                serviceMonths: 8,
                terrain: Terrain::DryEarth,
            ),
            school: new SchoolChoice(PlanReader::DEFAULT_SCHOOL),
            bench: new BenchConditions($air->temperatureC, $air->humidityPercent),
            zones: array_column(ZoneTemplates::for($kind, 35, $measured), null, 'id'),
            products: [],
            steps: [],
        ));
    }

    /** The jars that the builds are painted from and some more, most of them open for a while, and mixes of them. */
    private static function fillShelf(User $user): void
    {
        $products = [];
        foreach (self::demo('shelf') as $standing) {
            /**
             * @var object{
             *   jar: mixed,
             *   leftMl: float,
             *   price: float,
             *   openedDaysAgo: int|null,
             *   keepsMonths: int,
             *   holdsMl?: float,
             *   thinner?: string,
             *   thinnedDaysAgo?: int,
             *   signs?: list<string>,
             *   isWithdrawn?: bool,
             *   role?: string,
             * } $standing
             */
            $product = PlanReader::readProduct($standing->jar);
            $products[$product->id] = $product;
            Jar::query()->create([
                'user_id' => $user->id,
                'code' => $product->id,
                'product' => $product,
                ...Jar::columns(new Stock(
                    leftMl: $standing->leftMl,
                    price: $standing->price,
                    openedOn: self::daysAgo($standing->openedDaysAgo),
                    keepsMonths: $standing->keepsMonths,
                    thinner: $standing->thinner ?? '',
                    thinnedOn: self::daysAgo($standing->thinnedDaysAgo ?? null),
                    signs: array_map(LabelSign::from(...), $standing->signs ?? []),
                    isWithdrawn: $standing->isWithdrawn ?? false,
                    holdsMl: $standing->holdsMl ?? null,
                    role: isset($standing->role) ? JarRole::from($standing->role) : null,
                )),
            ]);
        }
        $kept = [];
        foreach (self::demo('mixes') as $mix) {
            /**
             * @var object{
             *   id?: string,
             *   name: string,
             *   parts: non-empty-list<object{jar?: string, mix?: string, parts: int}>,
             *   share: float,
             *   retarder?: float,
             *   note: string,
             * } $mix
             */
            $cup = new Cup(
                array_map(
                    static fn (object $part) => [
                        isset($part->mix) ? $kept[$part->mix] : $products[$part->jar ?? ''],
                        $part->parts,
                    ],
                    $mix->parts,
                ),
                $mix->share,
                retarder: $mix->retarder ?? 0.0,
            );
            $one = new KeptMix($mix->id ?? (string) Str::uuid(), $mix->name, $cup, $mix->note);
            $kept[$one->id] = $one;
        }
        SavedMix::take($user, array_values($kept));
    }

    private static function daysAgo(?int $days): ?string
    {
        return $days === null ? null : now()->subDays($days)->format('Y-m-d');
    }

    /** @return list<mixed> */
    private static function demo(string $file): array
    {
        /** @var list<mixed> $data */
        $data = json_decode(
            (string) file_get_contents(database_path("demo/{$file}.json")),
            false,
            8,
            JSON_THROW_ON_ERROR,
        );

        return $data;
    }

    /** Evenings and full weekends: three builds share about two weeks. One day of them is taken. */
    private static function week(): Week
    {
        $evening = [[1140, 1350]];
        $taken = now('Atlantic/Faroe')->addDays(5)->format('Y-m-d');

        return new Week(
            timeZone: 'Atlantic/Faroe',
            sessions: [
                1 => $evening,
                $evening,
                $evening,
                $evening,
                $evening,
                [[540, 750], [810, 1080], [1140, 1320]],
                [[540, 750], [840, 1080]],
            ],
            exceptions: [$taken => []],
            compressor: [540, 1290],
            daylight: [540, 1020],
            setup: 15,
        );
    }

    /** A boat-house loft with a stove, which the simulated thermometer fits. */
    private static function room(): RoomProfile
    {
        $air = static fn (float $temperature, float $humidity): array => [
            'temperatureC' => $temperature,
            'humidityPercent' => $humidity,
        ];
        $heated = ['day' => $air(21.0, 46.0), 'night' => $air(18.5, 52.0)];

        return RoomProfile::read([
            'seasons' => [
                'winter' => $heated,
                'spring' => $heated,
                'summer' => ['day' => $air(23.0, 60.0), 'night' => $air(20.0, 66.0)],
                'autumn' => $heated,
            ],
            'night' => [1410, 390],
        ]);
    }

    /**
     * The files were written at a moment of theirs; what is done and what is due moves with it, so that the bench
     * always shows something that is still drying, and dates that lie ahead.
     */
    private function moved(PlanFile $file): PlanFile
    {
        $by = intdiv(now()->getTimestamp(), 60) - Moment::read(self::WRITTEN);
        $build = $file->plan->build;
        $due =
            $build->due === null ? null : substr(Moment::write(Moment::read("{$build->due}T00:00:00Z") + $by), 0, 10);
        $entries = array_map(static fn (Entry $entry) => $entry->movedBy($by), $file->log->entries);

        return new PlanFile($file->plan->with(build: $build->dueOn($due)), new Log($entries));
    }
}
