<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\ImportShelfRequest;
use App\Http\Requests\StockRequest;
use App\Models\Jar;
use App\Models\PaintUse;
use App\Models\SavedMix;
use App\Models\User;
use App\Plans\OwnPlans;
use App\Supply\Supplies;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\ShelfFile\Column;
use Ulvrach\Stuff\ShelfFile\PaletteFile;
use Ulvrach\Stuff\ShelfFile\ShelfRow;
use Ulvrach\Stuff\ShelfFile\ShelfTable;

/** One's own shelf: the jars with what is left of them, since when they are open, and where they are used. */
final readonly class ShelfController
{
    /** ml that have to be gone before their measure says anything. */
    private const LEAST_SEEN = 0.5;

    /** ml by which what is shown may be rounded. */
    private const SHOWN = 0.06;

    public function __construct(
        private ConnectionInterface $database,
        private Supplies $supplies,
        private OwnPlans $plans,
    ) {
    }

    public function index(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $used = $this->supplies->used($user);
        $usedIn = [];
        foreach ($this->plans->of($user) as [, $plan]) {
            foreach (array_keys($plan->products) as $jar) {
                $usedIn[$jar][] = $plan->build->name;
            }
        }
        $jars = $user->jars
            ->sortBy(static fn (Jar $jar) => $jar->product->name, SORT_NATURAL | SORT_FLAG_CASE)
            ->map(static fn (Jar $jar) => [
                ...self::standing($jar, $used),
                'usedIn' => $usedIn[$jar->code] ?? [],
            ]);

        return new JsonResponse(['jars' => array_values($jars->all())]);
    }

    public function keep(StockRequest $request, string $jar): JsonResponse
    {
        $user = CurrentUser::of($request);
        $own = $user->jars()->where('code', $jar)->first() ??
            throw new NotFoundHttpException('There is no such jar on your shelf.');
        $expected = $this->supplies->used($user, 1.0)[$jar] ?? 0.0;
        $shown = Supplies::left($own, $this->supplies->used($user));
        $was = $own->left_ml;
        $own->update(Jar::columns($request->stock()));
        // Who changes the price sends along what was shown, and has not looked into the jar.
        if ($shown === null || $own->left_ml === null || abs($own->left_ml - $shown) > self::SHOWN) {
            $this->noteUse($own, $was, $expected);
        }

        // What was just typed is what is left.
        return new JsonResponse([...self::standing($own, []), 'usedIn' => []]);
    }

    /** What the jar has lost since it was last looked at is an observation of how much paint its owner takes. */
    private function noteUse(Jar $jar, ?float $was, float $expected): void
    {
        // One that holds more than it did was filled up, and a drop or two is less than anybody can read off.
        if ($was !== null && $jar->left_ml !== null && $jar->left_ml < $was && $expected >= self::LEAST_SEEN) {
            PaintUse::query()->create([
                'user_id' => $jar->user_id,
                'jar' => $jar->code,
                'name' => $jar->product->name,
                'expected_ml' => $expected,
                'taken_ml' => $was - $jar->left_ml,
            ]);
        }
    }

    public function export(Request $request): Response
    {
        $user = CurrentUser::of($request);
        $used = $this->supplies->used($user);
        $rows = $user
            ->jars
            ->map(static fn (Jar $jar) => new ShelfRow(
                $jar->product->name,
                $jar->product->material,
                $jar->stock()->with(leftMl: Supplies::left($jar, $used)),
            ));

        return new Response(ShelfTable::write(array_values($rows->all())), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shelf.csv"',
        ]);
    }

    /** The colours alone, as drawing programs read them. */
    public function palette(Request $request): Response
    {
        $jars = CurrentUser::of($request)
            ->jars
            ->map(static fn (Jar $jar) => $jar->product)
            ->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE);

        return new Response(PaletteFile::write('Shelf', array_values($jars->all())), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shelf.gpl"',
        ]);
    }

    /** Jars and mixes with all that is known of them, to be kept or taken elsewhere. */
    public function write(Request $request): Response
    {
        $user = CurrentUser::of($request);
        $used = $this->supplies->used($user);
        $jars = $mixes = [];
        foreach ($user->jars->sortBy('code') as $jar) {
            $jars[] = new OwnJar($jar->product, $jar->stock()->with(leftMl: Supplies::left($jar, $used)));
        }
        foreach ($user->mixes()->get()->sortBy('created_at') as $mix) {
            $mixes[] = $mix->kept();
        }

        return new Response((new OwnShelfFile($jars, $mixes))->toJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="shelf.json"',
        ]);
    }

    /**
     * Takes all of such a file, or nothing: a jar that is there already becomes what the file says, a mix that is there
     * already stays once.
     */
    public function read(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $file = OwnShelfFile::read($request->getContent());
        $codes = array_map(static fn (OwnJar $jar) => $jar->product->id, $file->jars);
        if ($user->jars()->whereNotIn('code', $codes)->count() + count($codes) > JarController::MOST) {
            throw ValidationException::withMessages(['file' => 'A shelf holds at most '.JarController::MOST.' jars.']);
        }
        $this->database->transaction(function () use ($user, $file): void {
            foreach ($file->jars as $jar) {
                Jar::query()->updateOrCreate(
                    ['user_id' => $user->id, 'code' => $jar->product->id],
                    ['product' => $jar->product, ...Jar::columns($jar->stock)],
                );
            }
            SavedMix::take($user, $file->mixes);
        });

        return new JsonResponse(['jars' => count($file->jars), 'mixes' => count($file->mixes)]);
    }

    /** Reads a table: says what would come of it, or takes all of it, or nothing if one row cannot be read. */
    public function import(ImportShelfRequest $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $table = ShelfTable::read($request->table(), $request->map());
        $names = [];
        foreach ($user->jars()->get() as $jar) {
            $names[mb_strtolower($jar->product->name)] = $jar->code;
        }
        $isTaken = $request->boolean('take') && $table->faults === [];
        if ($isTaken && count($names) + count($table->rows) > JarController::MOST) {
            throw ValidationException::withMessages(['table' => 'A shelf holds at most '.JarController::MOST.' jars.']);
        }
        if ($isTaken) {
            $this->database->transaction(fn () => $this->take($user, $table, $names));
        }

        return new JsonResponse([
            'headings' => $table->headings,
            'map' => (object) $table->map,
            'columns' => array_map(static fn (Column $column) => $column->value, Column::cases()),
            'jars' => array_map(
                static fn (ShelfRow $row) => [
                    'name' => $row->name,
                    'colour' => $row->material->colour?->toHex(),
                    'family' => $row->material->family->label(),
                    'leftMl' => $row->stock->leftMl,
                    'isKnown' => isset($names[mb_strtolower($row->name)]),
                ],
                $table->rows,
            ),
            'faults' => $table->faults,
            'isTaken' => $isTaken,
        ]);
    }

    /**
     * A row of a name that stands on the shelf changes what its columns say of that jar.
     *
     * @param  array<string, string>  $names  code by name in small letters
     */
    private function take(User $user, ShelfTable $table, array $names): void
    {
        $known = $user->jars()->get()->keyBy('code');
        foreach ($table->rows as $row) {
            $name = mb_strtolower($row->name);
            $code = $names[$name] ??= 'jar-'.Str::lower(Str::random(12));
            $jar = $known->get($code);
            $row = $jar === null ? $row : $row->onto($jar->product->material, $jar->stock(), $table->map);
            Jar::query()->updateOrCreate(
                ['user_id' => $user->id, 'code' => $code],
                ['product' => new Product($code, $row->name, $row->material), ...Jar::columns($row->stock)],
            );
        }
    }

    /** What the plans of all builds still take, and whether the jars do for it. */
    public function supplies(Request $request): JsonResponse
    {
        $request->validate(
            ['build' => ['string', 'max:40'], 'sets' => ['integer', 'min:1', 'max:50']],
            ['sets' => 'From 1 to 50.'],
        );
        $sets = [$request->string('build')->toString() => $request->integer('sets', 1)];

        return new JsonResponse($this->supplies->of(CurrentUser::of($request), $sets));
    }

    /**
     * @param  array<string, float>  $used  ml taken since somebody looked, by jar
     * @return array<string, mixed>
     */
    private static function standing(Jar $jar, array $used): array
    {
        $own = new OwnJar($jar->product, $jar->stock()->with(leftMl: Supplies::left($jar, $used)));
        $goesOff = $own->stock->goesOffOn($jar->product->material);

        return [
            ...OwnShelfFile::writeJar($own),
            'isFor' => ($own->stock->role ?? JarRole::of($jar->product->material))->value,
            'goesOffOn' => $goesOff,
            'isOff' => $goesOff !== null && $goesOff < now()->format('Y-m-d'),
        ];
    }
}
