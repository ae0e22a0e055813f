<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File\Upgrade;

/**
 * From version 1 to version 2: what was done leaves the steps for the log, trials leave what is accepted for the log, a
 * clean-up becomes a list of passes, and ids of digits only get a letter.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class FromVersion1
{
    /**
     * @param  Row  $document  that fits the schema of version 1
     * @return Row that fits the schema of version 2
     */
    public static function upgrade(array $document): array
    {
        $zones = self::rows($document['zones'] ?? []);
        $products = self::rows($document['products'] ?? []);
        $names = ['zones' => array_column($zones, 'name', 'id'), 'products' => array_column($products, 'name', 'id')];
        $steps = $entries = [];
        foreach (self::rows($document['steps'] ?? []) as $step) {
            [$steps[], $ofStep] = self::step($step, $names);
            array_push($entries, ...$ofStep);
        }
        usort($entries, static fn (array $a, array $b) => $a['at'] <=> $b['at']);
        $withId = static fn (array $row): array => ['id' => self::id($row['id'])] + $row;

        return [
            ...$document,
            'version' => 2,
            'zones' => array_map($withId, $zones),
            'products' => array_map($withId, $products),
            'steps' => $steps,
            'log' => $entries,
        ];
    }

    /**
     * @param  Row  $step
     * @param  array{zones: array<string|int, mixed>, products: array<string|int, mixed>}  $names
     * @return array{Row, list<Row>} the step, and what its log says of it
     */
    private static function step(array $step, array $names): array
    {
        $id = self::id($step['id'] ?? '');
        $zones = self::texts($step['zones'] ?? []);
        $cleanUp = $step['cleanUp'] ?? null;
        $product = is_string($step['product'] ?? null) ? $step['product'] : null;
        $technique = is_string($step['technique'] ?? null) ? $step['technique'] : '';
        $asItWas = [
            'technique' => $technique,
            'words' => Words::ofTechnique($technique),
            'product' => $product === null ? null : $names['products'][$product] ?? null,
            'zones' => array_combine(
                array_map(self::id(...), $zones),
                array_map(static fn (string $zone) => $names['zones'][$zone] ?? $zone, $zones),
            ),
            'coats' => $step['coats'] ?? Words::coatsOf($technique),
        ];
        $entry = static fn (string $kind, string $at, string $what): array => [
            'id' => self::uuid("{$id} {$kind} {$at} {$what}"),
            'kind' => $kind,
            'at' => $at,
            'step' => $id,
            'asItWas' => $asItWas,
        ];
        $entries = $accepted = [];
        foreach (self::rows($step['accepted'] ?? []) as $acceptance) {
            $trial = $acceptance['trial'] ?? null;
            $rule = is_string($acceptance['rule'] ?? null) ? $acceptance['rule'] : '';
            if (is_array($trial) && is_string($trial['date'] ?? null)) {
                $entries[] = [
                    // Of a trial only the day was kept.
                    ...$entry('trial', "{$trial['date']}T12:00:00Z", $rule),
                    'trial' => ['rule' => $rule, ...array_diff_key($trial, ['date' => null])],
                ];
            }
            $reason = $acceptance['reason'] ?? '';
            if ($reason !== '' || ! is_array($trial)) {
                $accepted[] = ['rule' => $rule, 'reason' => $reason];
            }
        }
        if (is_string($step['done'] ?? null)) {
            $entries[] = $entry('finished', $step['done'], '');
        }
        unset($step['done']);

        return [
            [
                ...$step,
                'id' => $id,
                'product' => $product === null ? null : self::id($product),
                'zones' => array_map(self::id(...), $zones),
                'cleanUp' => ! is_array($cleanUp)
                    ? []
                    : [
                        [
                            'carrier' => $cleanUp['carrier'] ?? null,
                            'rubbed' => $cleanUp['scrubbed'] ?? false,
                            'afterMinutes' => $cleanUp['afterMinutes'] ?? 0,
                        ],
                    ],
                'accepted' => $accepted,
            ],
            $entries,
        ];
    }

    /** An id with at least one letter: one of digits only was allowed, and is mistaken for a number in many places. */
    private static function id(mixed $id): string
    {
        $id = is_string($id) || is_int($id) ? (string) $id : '';

        return preg_match('/[a-z]/', $id) === 1 ? $id : 'n'.substr($id, 0, 39);
    }

    /** The same words always give the same id, so that a file that is read twice has the same log. */
    private static function uuid(string $words): string
    {
        return preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', hash('xxh128', $words)) ?? '';
    }

    /** @return list<Row> */
    private static function rows(mixed $value): array
    {
        /** @var list<Row> $rows */
        $rows = is_array($value) ? array_values(array_filter($value, is_array(...))) : [];

        return $rows;
    }

    /** @return list<string> */
    private static function texts(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }
}
