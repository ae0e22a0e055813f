<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

/** What painters call a technique besides its name, for who searches by the word of the club evening. */
final class PaintersWords
{
    private const BY_CODE = [
        'prime' => ['primer', 'undercoat', 'surfacer', 'ground coat'],
        'prime-repair' => ['primer', 'filler', 'sanding', 'touch up'],
        'spray-colour' => ['base coat', 'basecoat', 'paint', 'airbrush', 'body colour'],
        'brush-colour' => ['base coat', 'basecoat', 'paint', 'hand paint', 'brush paint'],
        'black-base' => ['black basing', 'dark base'],
        'mottle' => ['marbling', 'squiggle', 'basecoat variation'],
        'pre-shade' => ['preshade', 'pre shading', 'preshading'],
        'deep-tone' => ['shadow', 'modulation', 'dark tone'],
        'light-tone' => ['highlight', 'modulation', 'fade', 'fading', 'lighten'],
        'post-shade' => ['postshade', 'post shading', 'postshading'],
        'stipple' => ['stippling', 'sponge paint'],
        'glaze' => ['glazing', 'tint', 'thin layers'],
        'soft-camouflage' => ['camo', 'freehand', 'soft edge', 'pattern', 'second colour'],
        'hard-camouflage' => ['camo', 'hard edge', 'splinter', 'pattern', 'second colour'],
        'mask' => ['masking tape', 'tape', 'stencil'],
        'mask-putty' => ['masking putty', 'silly putty', 'soft mask'],
        'mask-paper' => ['paper mask', 'stencil'],
        'mask-foil' => ['foil', 'tin foil'],
        'unmask' => ['remove tape', 'demask', 'take tape off'],
        'winter-wash' => ['whitewash', 'white wash', 'snow camouflage', 'winter camo'],
        'winter-wash-brushed' => ['whitewash', 'white wash', 'snow camouflage', 'winter camo'],
        'chipping-fluid' => ['chipping', 'worn effects', 'release film', 'chips'],
        'hairspray' => ['chipping', 'release film', 'chips'],
        'salt' => ['salt chipping', 'salt masking', 'chips'],
        'lift-off' => ['chipping', 'chip off', 'scrub chips', 'activate'],
        'salt-off' => ['remove salt', 'brush salt off'],
        'abrade-chips' => ['sanding', 'sandpaper', 'rub down', 'wear'],
        'paint-detail' => ['details', 'brush painting', 'small parts'],
        'paint-wood' => ['tool handles', 'timber', 'planks'],
        'paint-canvas' => ['tarp', 'tarpaulin', 'cloth', 'tilt'],
        'paint-rubber' => ['tyres', 'tires', 'road wheels'],
        'paint-glass' => ['windows', 'lenses', 'periscopes', 'headlamps'],
        'dry-brush' => ['drybrush', 'drybrushing', 'highlight'],
        'metal-paint' => ['metallic', 'steel', 'silver'],
        'decal' => ['transfers', 'decals', 'markings', 'stickers', 'insignia'],
        'decal-softener' => ['setting solution', 'decal solvent', 'softener'],
        'marking-touch-up' => ['touch up', 'repair markings'],
        'clear-coat' => ['varnish', 'lacquer', 'sealer', 'seal', 'gloss coat', 'satin coat', 'barrier'],
        'final-coat' => ['varnish', 'matt', 'flat', 'flat coat', 'dullcoat', 'top coat', 'sealer', 'seal'],
        'wet-spots' => ['puddles', 'wet effects', 'damp', 'gloss'],
        'graphite' => ['pencil', 'graphite powder', 'polish', 'gun metal'],
        'filter' => ['tint', 'filters', 'tone down'],
        'air-filter' => ['tint', 'filters', 'tone down'],
        'oil-dots' => ['dot filter', 'oils', 'oil paint', 'fading', 'oil rendering'],
        'oil-shading' => ['oils', 'oil paint', 'oil rendering', 'blending'],
        'pin-wash' => ['panel line', 'panel liner', 'pin', 'line wash', 'recess wash'],
        'enamel-wash' => ['wash', 'overall wash', 'dark wash'],
        'oil-wash' => ['wash', 'overall wash', 'sludge'],
        'clay-wash' => ['wash', 'water wash', 'sludge', 'removable wash'],
        'acrylic-wash' => ['wash', 'water wash', 'ink', 'shade'],
        'light-chips' => ['chips', 'scratches', 'edge highlight', 'paint chips'],
        'brush-chips' => ['chips', 'scratches', 'paint chips', 'chipping'],
        'sponge-chips' => ['chips', 'sponge chipping', 'paint chips', 'chipping'],
        'pencil-chips' => ['chips', 'graphite', 'edges', 'chipping'],
        'needle-scratches' => ['scratch', 'scribe'],
        'tape-scratches' => ['scratch', 'straight scratches'],
        'rust-wash' => ['rust', 'rusting'],
        'rust-layers' => ['rust', 'rusting'],
        'rust-wet' => ['rust', 'rusting', 'wet blending'],
        'acrylic-rust-wash' => ['rust', 'rusting', 'water rust'],
        'rust-streak' => ['rust', 'streaking', 'rust runs'],
        'acrylic-streak' => ['streaking', 'rain marks', 'grime'],
        'air-streak' => ['streaking', 'rain marks', 'airbrush streaks'],
        'grime-streak' => ['streaking', 'rain marks', 'dirt'],
        'rain-streak' => ['streaking', 'rain marks'],
        'oil-stain' => ['oil', 'grease', 'leak', 'stains'],
        'fuel-stain' => ['fuel', 'petrol', 'diesel', 'spill', 'stains'],
        'exhaust-heat' => ['heat', 'burnt', 'muffler', 'silencer'],
        'exhaust-soot' => ['soot', 'smoke', 'muffler', 'silencer'],
        'muzzle-heat' => ['barrel', 'gun', 'heat', 'burnt'],
        'track-base' => ['tracks', 'links'],
        'track-rust-base' => ['tracks', 'links', 'rust'],
        'track-wash' => ['tracks', 'links'],
        'rubber-pads' => ['tracks', 'track pads'],
        'track-polish' => ['tracks', 'worn metal', 'polish'],
        'dust-mist' => ['dusting', 'airbrush dust'],
        'dust-coat' => ['dusting', 'dust chipping'],
        'oil-dust' => ['dusting', 'oils'],
        'dry-pigment' => ['pigments', 'powder', 'dust', 'weathering powder', 'pastel', 'earth'],
        'pigment-wash' => ['pigments', 'slurry', 'dust'],
        'chalk-stains' => ['salt stains', 'limescale', 'tide marks', 'efflorescence'],
        'rust-pigment' => ['pigments', 'rust', 'powder'],
        'mud-paste' => ['mud', 'dirt', 'earth', 'texture'],
        'mud-fibres' => ['mud', 'grass', 'straw', 'texture'],
        'mud-splash' => ['mud', 'splashes', 'splatter', 'dirt'],
        'speckle' => ['speckling', 'spatter', 'splatter', 'dots'],
        'wet-mud' => ['mud', 'fresh mud', 'wet effects'],
        'fix-pigment' => ['pigment fixer', 'binder', 'fix pigments'],
        'fix-water' => ['pigment fixer', 'fix pigments'],
        'fix-varnish' => ['pigment fixer', 'fix pigments'],
        'test-patch' => ['test', 'trial', 'spoon', 'try'],
        'stowage-paper' => ['tarp', 'bed roll', 'tissue', 'stowage'],
        'stowage-gauze' => ['net', 'camouflage net', 'sacking', 'stowage'],
        'stowage-putty' => ['bags', 'sculpt', 'epoxy', 'stowage'],
        'look-over' => ['check', 'inspect', 'review'],
        'dry-fit' => ['dry fit', 'test fit', 'measure'],
        'join' => ['glue', 'assemble', 'attach'],
        'close-in' => ['glue', 'close', 'assemble'],
    ];

    /** @return list<string> none: it goes by its name alone */
    public static function of(string $code): array
    {
        return self::BY_CODE[$code] ?? [];
    }

    /** @return list<string> codes of the techniques that have words */
    public static function codes(): array
    {
        return array_keys(self::BY_CODE);
    }
}
