<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How much boots, hands and stowage rub a zone. */
enum Traffic: string
{
    case None = 'none';
    case Light = 'light';
    case Heavy = 'heavy';
}
