<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Stock;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;

/**
 * Jars and mixes of one person as JSON, to be kept or taken elsewhere: what is written is read again with nothing lost.
 * The schema stands beside this file.
 *
 * @phpstan-import-type ProductData from PlanReader
 *
 * @phpstan-type JarData array{
 *   jar: ProductData,
 *   leftMl: int|float|null,
 *   price: int|float|null,
 *   openedOn: string|null,
 *   keepsMonths: int|null,
 *   note: string,
 *   thinner?: string,
 *   thinnedOn?: string|null,
 *   signs?: list<string>,
 *   isWithdrawn?: bool,
 *   holdsMl?: int|float|null,
 *   role?: string|null,
 * }
 * @phpstan-type CupData array{
 *   share: int|float,
 *   wanted: array{int|float, int|float, int|float}|null,
 *   retarder?: int|float,
 *   flow?: int|float,
 *   parts: non-empty-list<array{jar?: ProductData, mix?: array<string, mixed>, parts: int}>,
 *   ...,
 * }
 * @phpstan-type MixData array{
 *   id?: string,
 *   name: string,
 *   note: string,
 *   share: int|float,
 *   wanted: array{int|float, int|float, int|float}|null,
 *   retarder?: int|float,
 *   flow?: int|float,
 *   parts: non-empty-list<array{jar?: ProductData, mix?: array<string, mixed>, parts: int}>,
 * }
 */
final readonly class OwnShelfFile
{
    /**
     * @param  list<OwnJar>  $jars
     * @param  list<KeptMix>  $mixes
     */
    public function __construct(public array $jars, public array $mixes)
    {
    }

    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): self
    {
        $document = PlanReader::decode($json);
        $faults = SchemaCheck::faults($document, SchemaCheck::OWN_SHELF);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /**
         * @var array{
         *   jars: list<JarData>,
         *   mixes: list<MixData>,
         * } $data
         */
        $data = Json::toArrays($document);

        return new self(
            array_map(self::readJar(...), $data['jars']),
            array_map(self::readMix(...), $data['mixes']),
        );
    }

    public function toJson(): string
    {
        return json_encode(
            [
                'format' => 'ulvrach-shelf',
                'version' => 1,
                'jars' => array_map(self::writeJar(...), $this->jars),
                'mixes' => array_map(self::writeMix(...), $this->mixes),
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @param  JarData  $data  what files did not say at first may be left out */
    private static function readJar(array $data): OwnJar
    {
        return new OwnJar(
            PlanReader::product($data['jar']),
            new Stock(
                leftMl: $data['leftMl'] === null ? null : (float) $data['leftMl'],
                price: $data['price'] === null ? null : (float) $data['price'],
                openedOn: $data['openedOn'],
                keepsMonths: $data['keepsMonths'],
                note: $data['note'],
                thinner: $data['thinner'] ?? '',
                thinnedOn: $data['thinnedOn'] ?? null,
                signs: array_map(LabelSign::from(...), $data['signs'] ?? []),
                isWithdrawn: $data['isWithdrawn'] ?? false,
                holdsMl: isset($data['holdsMl']) ? (float) $data['holdsMl'] : null,
                role: isset($data['role']) ? JarRole::from($data['role']) : null,
            ),
        );
    }

    /** @return array<string, mixed> */
    public static function writeJar(OwnJar $of): array
    {
        return [
            'jar' => PlanWriter::product($of->product),
            'leftMl' => $of->stock->leftMl,
            'price' => $of->stock->price,
            'openedOn' => $of->stock->openedOn,
            'keepsMonths' => $of->stock->keepsMonths,
            'note' => $of->stock->note,
            'thinner' => $of->stock->thinner,
            'thinnedOn' => $of->stock->thinnedOn,
            'signs' => array_map(static fn (LabelSign $sign) => $sign->value, $of->stock->signs),
            'isWithdrawn' => $of->stock->isWithdrawn,
            'holdsMl' => $of->stock->holdsMl,
            'role' => $of->stock->role?->value,
        ];
    }

    /** @param  MixData  $data  files did not name the ids of mixes at first */
    private static function readMix(array $data): KeptMix
    {
        return new KeptMix($data['id'] ?? '', $data['name'], self::readCup($data), $data['note']);
    }

    /** @return array<string, mixed> */
    private static function writeMix(KeptMix $mix): array
    {
        return [
            ...($mix->id === '' ? [] : ['id' => $mix->id]),
            'name' => $mix->name,
            'note' => $mix->note,
            ...self::writeCup($mix->cup),
        ];
    }

    /** @param  CupData  $data  as it was written */
    public static function readCup(array $data): Cup
    {
        $parts = [];
        foreach ($data['parts'] as $of) {
            if (isset($of['mix'])) {
                /** @var MixData $mix */
                $mix = $of['mix'];
                $parts[] = [self::readMix($mix), $of['parts']];
            } elseif (isset($of['jar'])) {
                $parts[] = [PlanReader::product($of['jar']), $of['parts']];
            }
        }
        if ($parts === []) {
            throw new \LogicException('The schema lets no cup pass that holds nothing.');
        }

        return new Cup(
            $parts,
            (float) $data['share'],
            $data['wanted'] === null ? null : new Lab(...array_map(floatval(...), $data['wanted'])),
            (float) ($data['retarder'] ?? 0.0),
            (float) ($data['flow'] ?? 0.0),
        );
    }

    /** @return array<string, mixed> */
    public static function writeCup(Cup $cup): array
    {
        return [
            'parts' => array_map(
                static fn (array $of) => $of[0] instanceof KeptMix
                    ? ['mix' => self::writeMix($of[0]), 'parts' => $of[1]]
                    : ['jar' => PlanWriter::product($of[0]), 'parts' => $of[1]],
                $cup->parts,
            ),
            'share' => $cup->share,
            'retarder' => $cup->retarder,
            'flow' => $cup->flow,
            'wanted' => $cup->wanted === null ? null : [$cup->wanted->l, $cup->wanted->a, $cup->wanted->b],
        ];
    }
}
