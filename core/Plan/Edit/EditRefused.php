<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\CoreError;
use Ulvrach\Plan\Fault;

final class EditRefused extends \DomainException implements CoreError
{
    /** @param  non-empty-list<Fault>  $faults paths are relative to the edit */
    private function __construct(public readonly array $faults)
    {
        parent::__construct($faults[0]->message);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function at(string $path, string $message): self
    {
        return new self([new Fault($path, $message)]);
    }

    public static function noSuchStep(string $id): self
    {
        return self::at('/id', "There is no step “{$id}” in this plan.");
    }
}
