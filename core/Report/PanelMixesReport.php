<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Variety\PanelMixes;
use Ulvrach\Stuff\Material\Product;

/** Mixes for panels as plain data, with the edits that put them into the plan. */
final class PanelMixesReport
{
    /**
     * @param  int  $index  of the step whose place they take
     * @param  list<Product>  $jars  of which they are mixed
     * @return array<string, mixed>
     */
    public static function of(PanelMixes $mixes, int $index, array $jars): array
    {
        $tints = $mixes->tints;
        $used = [];
        foreach ($mixes->byMix() as $mix => $panels) {
            $used[$mix] = array_map(static fn (Panel $panel) => ['id' => $panel->id, 'name' => $panel->name], $panels);
        }
        $all = [];
        foreach ($tints->mixes as $mix => $product) {
            $all[] = [
                'mix' => $mix,
                'name' => $product->name,
                'colour' => $tints->colours[$mix]->toHex(),
                'jars' => array_keys($tints->parts[$mix]),
                'parts' => array_values($tints->parts[$mix]),
                'panels' => $used[$mix] ?? [],
            ];
        }

        return [
            'chosen' => array_map(static fn (Product $jar) => $jar->id, $jars),
            'mixes' => $all,
            'toldApart' => $tints->toldApart(),
            'alike' => $mixes->tinting->alike,
            'least' => $mixes->tinting->least === null ? null : round($mixes->tinting->least, 1),
            'mostUsed' => $mixes->tinting->mostUsed,
            'isProved' => $mixes->tinting->isProved,
            'edits' => EditCodec::write($mixes->edits($index)),
        ];
    }
}
