<?php

declare(strict_types=1);

// Deliberate breaks, each of which a test must notice: file under core/, tests under tests/Core/, what is there, what
// is put in its place. What is there must be there once. `tests/breaks/run` tries them all.

return [
    // Quantity, Colour
    ['Quantity/Minutes.php', 'Rules', '$minutes % self::HOUR, \'min\'', '$minutes % self::DAY, \'min\''],
    ['Quantity/Moment.php', 'PlanFile', 'intdiv(', '1 + intdiv('],
    ['Colour/Lab.php', 'Colour', '0.2126', '0.2136'],
    // Chemistry
    ['Chemistry/AttackTable.php', 'Chemistry', 'max($proof, $young - 1)', '$young - 1'],
    ['Chemistry/AttackTable.php', 'Chemistry', '$level === 0 ? 0 : max(0', 'max(0'],
    // Technique, Material, Plan
    ['Technique/Pace.php', 'Schedule', '$this->cleaning', '$this->applying'],
    ['Material/Shelves.php', 'Material', 'new ProductShelf($planned),', 'new ProductShelf([]),'],
    ['Material/Need.php', 'Material', '\'sheen\' => $sheen, \'sheenMatters\' => true', '\'sheen\' => $sheen'],
    ['Plan/StepMaker.php', 'Plan', '\'thinner\' => null,', ''],
    ['Plan/StepMaker.php', 'Plan', 'INTO_THE_WINDOW = 10', 'INTO_THE_WINDOW = 0'],
    ['Plan/Edit/MoveStep.php', 'Plan', 'array_splice($steps, $this->to, 0', 'array_splice($steps, $this->to + 1, 0'],
    ['Plan/Edit/RemoveZone.php', 'Plan', 'zones: array_diff_key($plan->zones, [$this->id => true]),', ''],
    // Log
    ['Log/Log.php', 'Log', '! isset($corrected[$entry->id])', 'true'],
    ['Log/Log.php', 'Log', '$begun > $finished ? null', '$begun < $finished ? null'],
    ['Log/Past.php', 'Log', '$before->steps[$was] != $after->steps[$is] ||', ''],
    ['Log/Contradiction.php', 'Log', '$was->coats !== $is->coats', 'false'],
    // PlanFile
    ['PlanFile/PlanWriter.php', 'PlanFile', '\'sheltered\' => $zone->sheltered', '\'sheltered\' => false'],
    ['PlanFile/PlanWriter.php', 'PlanFile', '\'opacity\' => $material->opacity', '\'opacity\' => null'],
    ['PlanFile/PlanWriter.php', 'PlanFile', '\'rubbed\' => $pass->rubbed', '\'rubbed\' => false'],
    ['PlanFile/LogCodec.php', 'PlanFile', '\'corrects\' => $entry->corrects', '\'corrects\' => null'],
    ['PlanFile/SchemaCheck.php', 'PlanFile', '\'required\' => self::names($error, \'missing\')[0] ?? null,', ''],
    ['PlanFile/Upgrade/FromVersion1.php', 'PlanFile', '$a[\'at\'] <=> $b[\'at\']', '$b[\'at\'] <=> $a[\'at\']'],
    // Evaluation
    ['Evaluation/Walker.php', 'Evaluation Rules', '{$zone->sheltered}', ''],
    ['Evaluation/Walker.php', 'Evaluation Rules', '$end = $finished - $clockZero;', '$end = $planned + $span;'],
    ['Evaluation/Walker.php', 'Evaluation Rules', '($step->coats - 1) * $this', '$step->coats * $this'],
    ['Evaluation/Windows.php', 'Evaluation Rules', 'min($closes ?? $here, $here)', 'max($closes ?? $here, $here)'],
    ['Evaluation/Strata.php', 'Evaluation Rules', 'TechniqueKind::Unmask => [null, null],', ''],
    ['Evaluation/Strata.php', 'Evaluation Rules', '$broken += $this->brokenByRubbing();', ''],
    // Rules and remedies
    ['Rules/Judgement.php', 'Rules', '$trial?->passed === false =>', 'false =>'],
    ['Rules/Cure/TooEarly.php', 'Rules', '$situation->kind !== TechniqueKind::Mask', 'true'],
    ['Rules/Remedy/Workbench.php', 'Rules', '$from < $to ? $to - 1 : $to, "Move it before', '$to, "Move it before'],
    ['Rules/Remedy/Workbench.php', 'Rules', '$from < $to ? $to : $to + 1, "Move it to', '$to, "Move it to'],
    ['Rules/Remedy/Workbench.php', 'Rules', '$next !== null && $next->waitMinutes !== null', 'false'],
    ['Rules/Remedy/Workbench.php', 'Rules', '$step->onZones($rounds[0])', '$step->with([\'accepted\' => []])->onZones($rounds[0])'],
    ['Rules/Remedy/Workbench.php', 'Rules', '$pass->afterMinutes + $later', '$minutes'],
    ['Rules/Remedy/Workbench.php', 'Rules', '! in_array($carrier, $family->ownThinners(), true)', 'false'],
    ['Rules/Remedy/RemedyAdvisor.php', 'Rules', 'return Past::isKept($before->plan, $plan, $before->walk->log)', 'return true'],
    ['Rules/Remedy/RemedyAdvisor.php', 'Rules', '$this->stops($after, $before) !== []) {'."\n                continue;", 'false) {'."\n                continue;"],
    // Undo, Scratch, Safety, Sections, Repair
    ['Undo/UndoAdvisor.php', 'Undo', '\'until\' => $until];', '\'until\' => null];'],
    ['Scratch/Scratch.php', 'Undo', '$layer->sheen !== Sheen::Matte || $layer->coats > 1', 'true'],
    ['Safety/Safety.php', 'Safety', 'array_push($hazards, ...self::ofCarrier($step->thinner));', ''],
    ['Sections/Sectioner.php', 'Sections', '(int) ceil($area / $limit - self::HAIR)', '(int) floor($area / $limit)'],
    ['Repair/Repairer.php', 'Repair', 'count($state->stops) < count($best->stops) ? $state : $best', '$state'],
    // Drying, Schedule
    ['Drying/DryingModel.php', 'Drying', 'max(1.0, $relative)', '$relative'],
    ['Drying/DryingModel.php', 'Drying', '$done += $lasts * $pace;', '$done += $lasts;'],
    ['Schedule/Internal/Sweep.php', 'Schedule', 'if (! $activity->split) {', 'if (true) {'],
    ['Schedule/Internal/Sweep.php', 'Schedule', '$found[0] > $activities[$index]->notAfter', 'false'],
    ['Schedule/Internal/Sweep.php', 'Schedule', '($toEnd ? $free : $found[0])', '$found[0]'],
    ['Schedule/Calendar.php', 'Schedule', '$minute < $session[0] || $minute >= $session[1]', '$minute < $session[0]'],
    ['Schedule/Week.php', 'Schedule', 'max($apart[$last][1], $to)', '$to'],
];
