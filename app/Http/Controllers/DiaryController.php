<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Clock\OwnNumbers;
use App\Http\CurrentUser;
use App\Models\PaintUse;
use App\Models\User;
use App\Plans\OwnPlans;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ulvrach\Report\DiaryReport;

/** All that was written down at the bench, of all builds of a person. */
final readonly class DiaryController
{
    /** Entries that are shown, the latest first; the table has all of them. */
    private const SHOWN = 1000;

    public function __construct(private OwnPlans $plans)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $walks = $this->plans->walks($user);
        $own = OwnNumbers::of($user);
        $builds = $entries = [];
        foreach ($walks as $id => $walk) {
            $builds[] = DiaryReport::ofBuild($id, $walk);
            array_push($entries, ...DiaryReport::entries($id, $walk));
        }
        usort($entries, static fn (array $one, array $other) => $other['at'] <=> $one['at']);

        return new JsonResponse([
            'timeZone' => BenchSettings::of($user)->timeZone,
            'builds' => $builds,
            'entries' => array_slice($entries, 0, self::SHOWN),
            'paces' => DiaryReport::paces($walks, $own->dropped),
            'dryings' => DiaryReport::dryings($walks, $own->dropped),
            'paint' => ['counted' => $own->paint, ...self::paint($user, $own->dropped)],
        ]);
    }

    public function table(Request $request): Response
    {
        return new Response(DiaryReport::table($this->plans->walks(CurrentUser::of($request))), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="diary.csv"',
        ]);
    }

    /**
     * How much paint the hands take, against the figures.
     *
     * @param  list<string>  $dropped
     * @return array<string, mixed>
     */
    private static function paint(User $user, array $dropped): array
    {
        $observations = [];
        foreach (PaintUse::query()->where('user_id', $user->id)->oldest('id')->get() as $use) {
            $observations[] = [
                'key' => "paint {$use->id}",
                'name' => $use->name,
                'at' => $use->created_at->toIso8601ZuluString(),
                'own' => round($use->taken_ml, 2),
                'usual' => round($use->expected_ml, 2),
            ];
        }

        return DiaryReport::estimate($observations, $dropped);
    }
}
