<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentUser;
use App\Http\Requests\JarRequest;
use App\Models\Jar;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Palette\Palette;

/** The jars that a person owns. */
final class JarController
{
    public const MOST = 1000;

    public function __construct(private ConnectionInterface $database)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $jars = array_values(
            CurrentUser::of($request)->jars
                ->map(static fn (Jar $jar) => $jar->product)
                ->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)
                ->all(),
        );

        return new JsonResponse([
            'jars' => array_map(PlanWriter::product(...), $jars),
            'mixed' => self::idsOf($jars, Palette::isMixed(...)),
            'poured' => self::idsOf($jars, Palette::isPoured(...)),
        ]);
    }

    /**
     * @param  list<Product>  $jars
     * @param  \Closure(Material): bool  $which
     * @return list<string>
     */
    private static function idsOf(array $jars, \Closure $which): array
    {
        $those = array_filter($jars, static fn (Product $jar): bool => $which($jar->material));

        return array_values(array_map(static fn (Product $jar) => $jar->id, $those));
    }

    /** Adds it, or changes the one of that id. */
    public function put(JarRequest $request, string $jar): JsonResponse
    {
        $user = CurrentUser::of($request);
        $product = $request->product($jar);
        $isNew = ! $user->jars()->where('code', $jar)->exists();
        if ($isNew && $user->jars()->count() >= self::MOST) {
            throw ValidationException::withMessages(['jar' => 'A shelf holds at most '.self::MOST.' jars.']);
        }
        Jar::query()->updateOrCreate(['user_id' => $user->id, 'code' => $jar], ['product' => $product]);

        return new JsonResponse(PlanWriter::product($product), $isNew ? 201 : 200);
    }

    /** Plain jars of the starter shelf, all of them or none; those that are there already stay as they are. */
    public function fill(Request $request): JsonResponse
    {
        $starters = array_column(StarterShelf::all(), null, 'id');
        $request->validate([
            'jars' => ['required', 'array', 'list', 'max:200'],
            'jars.*' => ['string', 'distinct', Rule::in(array_keys($starters))],
        ]);
        $user = CurrentUser::of($request);
        /** @var list<string> $wanted */
        $wanted = array_values($request->array('jars'));
        $this->database->transaction(static function () use ($user, $wanted, $starters): void {
            $there = [];
            foreach ($user->jars()->get() as $jar) {
                $there[] = $jar->code;
            }
            $new = array_values(array_diff($wanted, $there));
            if (count($there) + count($new) > self::MOST) {
                throw ValidationException::withMessages(['jars' => 'A shelf holds at most '.self::MOST.' jars.']);
            }
            foreach ($new as $code) {
                Jar::query()->create(['user_id' => $user->id, 'code' => $code, 'product' => $starters[$code]]);
            }
        });

        return new JsonResponse(null, 204);
    }

    public function destroy(Request $request, string $jar): JsonResponse
    {
        CurrentUser::of($request)->jars()->where('code', $jar)->delete();

        return new JsonResponse(null, 204);
    }
}
