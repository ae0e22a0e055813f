<?php

declare(strict_types=1);

namespace Ulvrach;

/** The core was asked something that it cannot answer. The message is a sentence for the person who asked. */
interface CoreError extends \Throwable
{
}
