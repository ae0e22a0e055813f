<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\OwnNumbers;
use App\Http\CurrentUser;
use App\Models\User;
use App\Plans\OwnPlans;
use App\Plans\PlanStore;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Report\DiaryReport;
use Ulvrach\Stuff\Drying\OwnTimes;

/** What of a person's own numbers counts: nothing does until they say so, and any observation can be left out. */
final readonly class OwnNumberController
{
    public function __construct(
        private OwnPlans $plans,
        private PlanStore $store,
        private ConnectionInterface $database,
    ) {
    }

    public function drop(Request $request): JsonResponse
    {
        $request->validate([
            'observation' => ['required', 'string', 'max:120'],
            'counts' => ['required', 'boolean'],
        ]);
        OwnNumbers::drop(
            CurrentUser::of($request),
            $request->string('observation')->toString(),
            ! $request->boolean('counts'),
        );

        return new JsonResponse(null, 204);
    }

    public function paint(Request $request): JsonResponse
    {
        $request->validate(['ratio' => ['present', 'nullable', 'numeric', 'min:0.01', 'max:100']]);
        $ratio = $request->input('ratio');
        OwnNumbers::countPaint(CurrentUser::of($request), is_numeric($ratio) ? (float) $ratio : null);

        return new JsonResponse(null, 204);
    }

    /** The drying times of a jar, on the shelf and in every plan that has it: the log's, or the table's again. */
    public function drying(Request $request): JsonResponse
    {
        $request->validate(['jar' => ['required', 'string', 'max:60'], 'counts' => ['required', 'boolean']]);
        $user = CurrentUser::of($request);
        $jar = $request->string('jar')->toString();
        $walks = $this->plans->walks($user);
        $all = DiaryReport::dryings($walks, OwnNumbers::of($user)->dropped);
        /** @var array{ratio: float, observations: list<array{build: string, step: string}>} $own */
        $own = array_values(array_filter($all, static fn (array $one) => $one['jar'] === $jar))[0] ??
            throw new NotFoundHttpException('Nothing was observed of such a jar.');
        $times = $request->boolean('counts') ? self::times($walks, $own) : null;
        $this->database->transaction(fn () => $this->keepDrying($user, $jar, $times));

        return new JsonResponse(null, 204);
    }

    /**
     * @param  array<string, Walk>  $walks  by build
     * @param  array{ratio: float, observations: list<array{build: string, step: string}>}  $own
     */
    private static function times(array $walks, array $own): ?OwnTimes
    {
        $seen = $own['observations'][0];
        $walk = $walks[$seen['build']];
        $row = $walk->situations[(int) $walk->plan->indexOf($seen['step'])]->work->dryingRow();

        return $row === null ? null : OwnTimes::scaled($row, $own['ratio'], DiaryReport::OWN_LOG);
    }

    private function keepDrying(User $user, string $jar, ?OwnTimes $times): void
    {
        foreach ($this->plans->of($user) as [$build, $plan]) {
            $product = $plan->products[$jar] ?? null;
            if ($product !== null) {
                $label = mb_substr("Own drying times of {$product->name}", 0, 120);
                $this->store->edit($build, $build->version, [new PutProduct($product->drying($times))], $label);
            }
        }
        $own = $user->jars()->where('code', $jar)->first();
        $own?->update(['product' => $own->product->drying($times)]);
    }
}
