<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Vehicle\Catalogue;

/** The shape of a vehicle of some measures: the same for everybody, and for a long time. */
final class VehicleController
{
    /** Seconds until a browser asks whether the shape is still the same. */
    private const KEPT = 86_400;

    public function __invoke(Request $request, VehicleKind $kind): JsonResponse
    {
        $chosen = [];
        foreach ((array) $request->query('form') as $code => $value) {
            // What cannot be built is built as nearly as can be: a picture has no field to say it at.
            if (is_string($code) && is_string($value) && preg_match('/^\d{1,6}$/', $value) === 1) {
                $chosen[$code] = (int) $value;
            }
        }
        $mesh = Catalogue::build($kind, Catalogue::formOf($kind, $chosen));
        $answer = new JsonResponse(VehicleReport::of($mesh));
        $answer->setEtag(sha1((string) $answer->getContent()))->setPublic()->setMaxAge(self::KEPT);
        $answer->isNotModified($request);

        return $answer;
    }
}
