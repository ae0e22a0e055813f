<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\ImportShelfRequest;
use App\Models\Jar;
use App\Models\SavedMix;
use App\Models\User;
use App\Supply\Supplies;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ulvrach\Plan\File\OwnJar;
use Ulvrach\Plan\File\OwnShelfFile;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\ShelfFile\Column;
use Ulvrach\Stuff\ShelfFile\PaletteFile;
use Ulvrach\Stuff\ShelfFile\ShelfRow;
use Ulvrach\Stuff\ShelfFile\ShelfTable;

/** A shelf as a file: a table, a palette, or jars and mixes with all that is known of them. */
final readonly class ShelfFileController
{
    public function __construct(private ConnectionInterface $database, private Supplies $supplies)
    {
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
}
