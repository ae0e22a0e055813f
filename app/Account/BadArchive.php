<?php

declare(strict_types=1);

namespace App\Account;

/** An archive that cannot be taken in, with the sentence that says why. Nothing of it was kept. */
final class BadArchive extends \RuntimeException
{
}
