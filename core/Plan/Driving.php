<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** What the vehicle has been doing of late. */
enum Driving: string
{
    case Parked = 'parked';
    case Road = 'road';
    case Field = 'field';
}
