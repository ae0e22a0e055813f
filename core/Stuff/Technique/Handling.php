<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

use Ulvrach\Stuff\Chemistry\Load;

/** How a tool is held for so much liquid, in a sentence; how an airbrush is set, its technique says. */
final class Handling
{
    public static function of(Application $application, Load $load): ?string
    {
        return match ($application) {
            Application::Airbrush, Application::Dry => null,
            Application::Can => 'From 20 to 30 cm, in short passes that begin and end beside the model.',
            Application::Brush => match ($load) {
                Load::Dab => 'A fine brush, wiped nearly dry; touch and lift.',
                Load::Flood => 'A soft brush, loaded; set it down and let the liquid run.',
                default => 'A soft flat brush, one way, and never back into what has begun to dry.',
            },
            Application::Sponge => 'A torn scrap of sponge, dabbed on paper until it hardly marks; edges first.',
            Application::Scrub => 'A stiff brush, held short; little force, and often a look.',
        };
    }
}
