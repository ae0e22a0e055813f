<?php

declare(strict_types=1);

namespace Ulvrach\Evaluation;

/** What a liquid will do to a layer, ordered by how bad it is. */
enum Harm: int
{
    case None = 0;
    case Unknown = 1;
    case MayFail = 2;
    case WillFail = 3;
}
