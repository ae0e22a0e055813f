<?php

declare(strict_types=1);

namespace App\Room;

/**
 * Something at the bench that knows how warm and damp it is. Bound in AppServiceProvider; another device is another
 * class.
 */
interface Thermometer
{
    /** Null: there is no reading, or it is too old to count. */
    public function read(): ?Reading;

    /**
     * @return list<Reading> one or two an hour, as far back as is known, oldest first; the present one last if there is
     *   one
     */
    public function log(): array;
}
