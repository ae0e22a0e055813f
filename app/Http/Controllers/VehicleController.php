<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Build;
use App\Vehicles\Measurements;
use App\Vehicles\Remeasured;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Ulvrach\Plan\Build as Facts;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Form;

/** A vehicle of some measures, its shape and its plates: the same for everybody, and for a long time. */
final readonly class VehicleController
{
    /** Seconds until a browser asks whether the shape is still the same. */
    private const KEPT = 86_400;

    public function __construct(private Measurements $measurements)
    {
    }

    public function show(Request $request, VehicleKind $kind): JsonResponse
    {
        return self::kept($request, VehicleReport::of(Catalogue::build($kind, self::form($request, $kind))));
    }

    /** The flat faces that may have a tint of their own: what measuring finds takes seconds, once for each shape. */
    public function plates(Request $request, VehicleKind $kind): JsonResponse
    {
        $measured = $this->measurements->of($kind, self::form($request, $kind));

        return self::kept($request, array_map(VehicleReport::plate(...), $measured->plates));
    }

    /** What the areas of a build's zones become with other measures; nothing is changed. */
    public function areas(Request $request, Build $build, Remeasured $remeasured): JsonResponse
    {
        $request->validate([
            'kind' => ['required', 'string', Rule::enum(VehicleKind::class)],
            'scale' => ['required', 'integer:strict', 'min:4', 'max:200'],
            'form' => ['present', 'nullable', 'array', 'max:40'],
            'form.*' => ['integer:strict'],
        ]);
        $plan = $build->head->document;
        /** @var array<string, int>|null $form */
        $form = $request->input('form');
        $is = $plan->build;
        $edits = $remeasured->edits($plan, new Facts(
            $is->name,
            $is->vehicle,
            VehicleKind::from($request->string('kind')->toString()),
            $request->integer('scale'),
            form: $form,
        ));

        return new JsonResponse([
            'zones' => array_map(
                static fn (PutZone $edit): array => [
                    'name' => $edit->zone->name,
                    'was' => $plan->zones[$edit->zone->id]->areaCm2,
                    'is' => $edit->zone->areaCm2,
                ],
                $edits,
            ),
            'edits' => EditCodec::write($edits),
        ]);
    }

    private static function form(Request $request, VehicleKind $kind): Form
    {
        $chosen = [];
        foreach ((array) $request->query('form') as $code => $value) {
            // What cannot be built is built as nearly as can be: a picture has no field to say it at.
            if (is_string($code) && is_string($value) && preg_match('/^\d{1,6}$/', $value) === 1) {
                $chosen[$code] = (int) $value;
            }
        }

        return Catalogue::formOf($kind, $chosen);
    }

    /** @param  array<mixed>  $said */
    private static function kept(Request $request, array $said): JsonResponse
    {
        $answer = new JsonResponse($said);
        $answer->setEtag(sha1((string) $answer->getContent()))->setPublic()->setMaxAge(self::KEPT);
        $answer->isNotModified($request);

        return $answer;
    }
}
