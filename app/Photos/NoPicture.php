<?php

declare(strict_types=1);

namespace App\Photos;

/** What was sent cannot be kept as a photograph; the message says why, for whoever sent it. */
final class NoPicture extends \RuntimeException
{
}
