<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Models\SavedMix;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\ShelfFile\RecipeTable;

/** The kept mixes as a table that spreadsheets read and write. */
final class RecipeController
{
    public function export(Request $request): Response
    {
        $mixes = CurrentUser::of($request)->mixes()->oldest()->get()->map(static fn (SavedMix $mix) => $mix->kept());

        return new Response(RecipeTable::write(array_values($mixes->all())), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="mixes.csv"',
        ]);
    }

    /** Reads a table: says what would come of it, or takes all of it, or nothing if one row cannot be read. */
    public function import(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $request->validate(
            ['table' => ['required', 'string', 'max:1000000'], 'take' => ['boolean']],
            ['table.required' => 'There is nothing in this file.', 'table.max' => 'At most a million letters.'],
        );
        $jars = $mixes = [];
        foreach ($user->jars()->get() as $jar) {
            $jars[mb_strtolower($jar->product->name)] = $jar->product;
        }
        foreach ($user->mixes()->oldest()->get() as $mix) {
            $mixes[mb_strtolower($mix->name)] = $mix->kept();
        }
        $table = RecipeTable::read($request->string('table')->toString(), $jars, $mixes);
        $isTaken = $request->boolean('take') && $table->faults === [];
        if ($isTaken) {
            SavedMix::take($user, $table->mixes);
        }

        return new JsonResponse([
            'mixes' => array_map(
                static fn (KeptMix $mix) => [
                    'name' => $mix->name,
                    'colour' => $mix->product()->material->colour?->toHex(),
                    'isKnown' => isset($mixes[mb_strtolower($mix->name)]),
                ],
                $table->mixes,
            ),
            'faults' => $table->faults,
            'isTaken' => $isTaken,
        ]);
    }
}
