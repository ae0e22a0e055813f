<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\StockRequest;
use App\Models\Jar;
use App\Shelf\ShelfCsv;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\PlanFile\PlanWriter;

/** One's own shelf: the jars with what is left of them, since when they are open, and where they are used. */
final class ShelfController
{
    public function index(Request $request): JsonResponse
    {
        $user = CurrentUser::of($request);
        $usedIn = [];
        foreach ($user->builds()->with('head')->get() as $build) {
            foreach (array_keys($build->head->document->products) as $jar) {
                $usedIn[$jar][] = $build->head->document->build->name;
            }
        }
        $jars = $user->jars()
            ->get()
            ->sortBy(static fn (Jar $jar) => $jar->product->name, SORT_NATURAL | SORT_FLAG_CASE)
            ->map(static fn (Jar $jar) => [...self::standing($jar), 'usedIn' => $usedIn[$jar->code] ?? []]);

        return new JsonResponse(['jars' => array_values($jars->all())]);
    }

    public function keep(StockRequest $request, string $jar): JsonResponse
    {
        $own = CurrentUser::of($request)->jars()->where('code', $jar)->first() ??
            throw new NotFoundHttpException('There is no such jar on your shelf.');
        $own->update($request->columns());

        return new JsonResponse([...self::standing($own), 'usedIn' => []]);
    }

    public function export(Request $request): Response
    {
        $jars = CurrentUser::of($request)->jars()->get()->all();

        return new Response(ShelfCsv::write(array_values($jars)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shelf.csv"',
        ]);
    }

    /** @return array<string, mixed> */
    private static function standing(Jar $jar): array
    {
        $goesOff = $jar->opened_on === null || $jar->keeps_months === null
            ? null
            : $jar->opened_on->copy()->addMonthsNoOverflow($jar->keeps_months);

        return [
            'jar' => PlanWriter::product($jar->product),
            'leftMl' => $jar->left_ml,
            'price' => $jar->price,
            'openedOn' => $jar->opened_on?->format('Y-m-d'),
            'keepsMonths' => $jar->keeps_months,
            'goesOffOn' => $goesOff?->format('Y-m-d'),
            'isOff' => $goesOff !== null && $goesOff->isPast(),
            'note' => $jar->note,
        ];
    }
}
