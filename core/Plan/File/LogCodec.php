<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Measurement;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Quantity\Moment;
use Ulvrach\Stuff\Chemistry\Combination;

/**
 * Log entries as JSON, both ways.
 *
 * @phpstan-type TrialData array{
 *   rule: string|null,
 *   where: string,
 *   rubs: int|float,
 *   passed: bool,
 *   zone?: string|null,
 *   moved?: string|null,
 *   card?: string|null,
 *   tried?: list<string>,
 * }
 * @phpstan-type AirData array{temperatureC: int|float, humidityPercent: int|float}
 * @phpstan-type AsItWasData array{
 *   technique: string,
 *   words: string,
 *   product: string|null,
 *   zones: array<string, string>|\stdClass,
 *   coats: int|float,
 * }
 * @phpstan-type EntryData array{
 *   id: string,
 *   kind: string,
 *   at: string,
 *   step?: string|null,
 *   asItWas?: AsItWasData|null,
 *   corrects?: string|null,
 *   text?: string,
 *   trial?: TrialData|null,
 *   air?: AirData|null,
 * }
 */
final class LogCodec
{
    /**
     * @param  mixed  $data  decoded JSON with objects as stdClass
     * @return list<Entry>
     *
     * @throws BadPlanFile paths start at the list: "/0/at"
     */
    public static function readAll(mixed $data): array
    {
        $faults = SchemaCheck::faults($data, SchemaCheck::ENTRIES);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var list<EntryData> $entries */
        $entries = Json::toArrays($data);

        return array_map(self::read(...), $entries);
    }

    /** @param  EntryData  $data */
    public static function read(array $data): Entry
    {
        $was = $data['asItWas'] ?? null;
        $trial = $data['trial'] ?? null;
        $air = $data['air'] ?? null;

        return new Entry(
            id: $data['id'],
            kind: EntryKind::from($data['kind']),
            at: Moment::read($data['at']),
            stepId: $data['step'] ?? null,
            step: $was === null
                ? null
                : new StepAsItWas(
                    technique: $was['technique'],
                    words: $was['words'],
                    product: $was['product'],
                    zones: is_array($was['zones']) ? $was['zones'] : [],
                    coats: (int) $was['coats'],
                ),
            corrects: $data['corrects'] ?? null,
            text: $data['text'] ?? '',
            trial: $trial === null ? null : self::readTrial($trial),
            air: $air === null
                ? null
                : new Measurement((float) $air['temperatureC'], (float) $air['humidityPercent']),
        );
    }

    /** @return EntryData */
    public static function write(Entry $entry): array
    {
        $was = $entry->step;

        return [
            'id' => $entry->id,
            'kind' => $entry->kind->value,
            'at' => Moment::write($entry->at),
            'step' => $entry->stepId,
            'asItWas' => $was === null
                ? null
                : [
                    'technique' => $was->technique,
                    'words' => $was->words,
                    'product' => $was->product,
                    // An empty map would be written as an empty list.
                    'zones' => $was->zones === [] ? new \stdClass() : $was->zones,
                    'coats' => $was->coats,
                ],
            'corrects' => $entry->corrects,
            'text' => $entry->text,
            'trial' => self::writeTrial($entry->trial),
            'air' => self::writeAir($entry->air),
        ];
    }

    /** @return AirData|null */
    public static function writeAir(?Measurement $air): ?array
    {
        return $air === null
            ? null
            : ['temperatureC' => $air->temperatureC, 'humidityPercent' => $air->humidityPercent];
    }

    /** @param  TrialData  $data */
    private static function readTrial(array $data): Trial
    {
        $tried = array_map(Combination::parse(...), $data['tried'] ?? []);

        return new Trial(
            rule: $data['rule'],
            where: $data['where'],
            rubs: (int) $data['rubs'],
            passed: $data['passed'],
            // Of a liquid or a film that is not known here nothing can be said.
            tried: array_values(array_filter($tried, static fn (?Combination $one) => $one !== null)),
            zone: $data['zone'] ?? null,
            moved: $data['moved'] ?? null,
            card: $data['card'] ?? null,
        );
    }

    /** @return TrialData|null */
    public static function writeTrial(?Trial $trial): ?array
    {
        return $trial === null
            ? null
            : [
                'rule' => $trial->rule,
                'where' => $trial->where,
                'rubs' => $trial->rubs,
                'passed' => $trial->passed,
                'zone' => $trial->zone,
                'moved' => $trial->moved,
                'card' => $trial->card,
                'tried' => array_map(static fn (Combination $one) => $one->written(), $trial->tried),
            ];
    }
}
