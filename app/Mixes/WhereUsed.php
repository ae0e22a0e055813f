<?php

declare(strict_types=1);

namespace App\Mixes;

use App\Models\User;
use App\Plans\OwnPlans;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Which steps of which builds are done with which mix, and which of them are still to do. */
final readonly class WhereUsed
{
    public function __construct(private OwnPlans $plans)
    {
    }

    /** @return array<string, list<array<string, mixed>>> by the id of the mix, in the order of work */
    public function of(User $user): array
    {
        $uses = [];
        foreach ($this->plans->of($user) as [$build, $plan, $log]) {
            foreach ($plan->steps as $index => $step) {
                $mix = KeptMix::idIn($step->product ?? '');
                if ($mix !== null) {
                    $uses[$mix][] = [
                        'build' => $build->id,
                        'buildName' => $plan->build->name,
                        'step' => $step->id,
                        'number' => $index + 1,
                        'technique' => TechniqueLibrary::get($step->technique)->name,
                        'zones' => array_map(static fn (string $zone) => $plan->zones[$zone]->name, $step->zones),
                        'isDone' => $log->isFinished($step->id),
                    ];
                }
            }
        }

        return $uses;
    }
}
