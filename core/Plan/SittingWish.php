<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** What somebody wants of a step and the one before it, where the medium alone would say otherwise. */
enum SittingWish: string
{
    /** In one sitting with it. */
    case Joined = 'joined';
    /** Another time than it. */
    case Apart = 'apart';
}
