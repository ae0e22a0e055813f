<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Variety\PanelMixes;

/** Mixes for panels as plain data, with the edits that put them into the plan. */
final class PanelMixesReport
{
    /**
     * @param  int  $index  of the step whose place they take
     * @return array<string, mixed>
     */
    public static function of(PanelMixes $mixes, int $index): array
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
                'jars' => $tints->jars[$mix],
                'panels' => $used[$mix] ?? [],
            ];
        }

        return [
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
