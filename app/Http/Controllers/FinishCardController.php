<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\BenchSettings;
use App\Http\CurrentUser;
use App\Models\Build;
use App\Plans\Judge;
use App\Plans\LogStore;
use App\Supply\Supplies;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Ulvrach\Plan\Plan;
use Ulvrach\Report\FinishCard;
use Ulvrach\Report\FinishReport;

/** What the finish of a build came to, on a card and as a file. */
final readonly class FinishCardController
{
    public function __construct(private Judge $judge, private LogStore $logs)
    {
    }

    public function show(Request $request, Build $build): JsonResponse
    {
        $plan = $build->head->document;
        $walk = $this->judge->walk($build, $this->logs->of($build));
        $facts = $plan->build;

        return new JsonResponse([
            ...FinishCard::of($walk, self::mixes($request, $plan)),
            'picture' => [
                'kind' => $facts->kind->value,
                'scale' => $facts->scale,
                'form' => $facts->form,
                'finish' => FinishReport::present($walk),
            ],
        ]);
    }

    public function text(Request $request, Build $build): Response
    {
        $plan = $build->head->document;
        $zone = new \DateTimeZone(BenchSettings::of(CurrentUser::of($request))->timeZone);
        $walk = $this->judge->walk($build, $this->logs->of($build));

        return new Response(FinishCard::text($walk, self::mixes($request, $plan), $zone), 200, [
            'Content-Type' => 'text/markdown; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="finish-card.md"',
        ]);
    }

    /** @return list<array{jar: string, parts: list<array{name: string, parts: int}>}> */
    private static function mixes(Request $request, Plan $plan): array
    {
        return Supplies::mixes(CurrentUser::of($request), array_keys($plan->products));
    }
}
