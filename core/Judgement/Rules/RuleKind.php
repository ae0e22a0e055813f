<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/** Facts are physics and chemistry: no school changes them. Customs have a reason; tastes are a choice. */
enum RuleKind: string
{
    case Fact = 'fact';
    case Custom = 'custom';
    case Taste = 'taste';
}
