<?php

declare(strict_types=1);

namespace Ulvrach\Vehicle;

/** How heavy a line on a face is drawn. */
enum Stroke: string
{
    case Detail = 'detail';
    case Slot = 'slot';
    case Weld = 'weld';
    case Fold = 'fold';
}
