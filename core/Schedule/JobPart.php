<?php

declare(strict_types=1);

namespace Ulvrach\Schedule;

enum JobPart: string
{
    case Work = 'work';
    case Coat = 'coat';
    case CleanUp = 'clean-up';
}
