<?php

declare(strict_types=1);

namespace Ulvrach;

/** Values whose fields are what their constructor takes are copied here alone, so that no field is lost on the way. */
trait Copies
{
    /** The same but for what is named, as the constructor names it; tests/CopiesRule.php holds calls to its types. */
    public function with(mixed ...$changes): static
    {
        return (new \ReflectionClass($this))->newInstance(...[...get_object_vars($this), ...$changes]);
    }
}
