<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** Names of what is added to a plan beside what has the same. */
final class FreeName
{
    /** So that a number still fits into the forty letters that an id may have. */
    private const LONGEST_STEM = 34;

    /**
     * @param  list<string>  $taken
     * @return string what is wanted where nothing has it, else the next of its kind: "prime", "prime-1", "prime-2"
     */
    public static function of(string $wanted, array $taken): string
    {
        $has = array_fill_keys($taken, true);
        $stem = mb_substr((string) preg_replace('/-\d+$/', '', $wanted), 0, self::LONGEST_STEM);
        for ($id = $wanted, $number = 1; isset($has[$id]); $number++) {
            $id = "{$stem}-{$number}";
        }

        return $id;
    }
}
