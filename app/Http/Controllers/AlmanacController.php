<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Ulvrach\Report\AlmanacReport;

/** Techniques, materials, rules and schools, to be read. The same for everybody. */
final class AlmanacController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(AlmanacReport::whole());
    }
}
