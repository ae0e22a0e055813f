<?php

declare(strict_types=1);

/*
 * Functions of a newer PHP that the framework calls, for the PHP of Debian 12. The usual polyfill package is
 * not in the registries this project installs from; docs/architecture.md, "Dependencies", has the story.
 */

if (! function_exists('array_first')) {
    /** @param  array<mixed>  $array */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (! function_exists('array_last')) {
    /** @param  array<mixed>  $array */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $current = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $current;
    }
}

if (! function_exists('get_exception_handler')) {
    function get_exception_handler(): ?callable
    {
        $current = set_exception_handler(null);
        restore_exception_handler();

        return $current;
    }
}
