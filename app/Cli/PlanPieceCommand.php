<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Report\CloseUpReport;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Vehicle\Catalogue;

/** What there is to draw of a piece seen from close: bin/close-up draws it. No database, no server. */
final class PlanPieceCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('plan:piece')
            ->setDescription('Prints what bin/close-up draws: a piece of a zone after a step, and its vehicle, as JSON')
            ->addArgument('file', InputArgument::REQUIRED, 'a plan file; "-" reads standard input')
            ->addArgument('zone', InputArgument::REQUIRED, 'id of a zone')
            ->addArgument('step', InputArgument::REQUIRED, 'id or number of a step; 0: the bare part; "end": the last')
            ->addOption('finding', null, InputOption::VALUE_REQUIRED, 'code of a rule: as it looks where that happens');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $zone, $step] = array_map(
            static fn (string $name) => is_string($said = $input->getArgument($name)) ? $said : '',
            ['file', 'zone', 'step'],
        );
        $rule = $input->getOption('finding');
        $path = $file === '-' ? 'php://stdin' : $file;
        if ($file !== '-' && ! is_file($file)) {
            return $this->refuse($output, "There is no file “{$file}”.");
        }
        try {
            $planFile = PlanReader::read((string) file_get_contents($path));
        } catch (BadPlanFile $bad) {
            return $this->refuse($output, ltrim("{$bad->faults[0]->path} {$bad->faults[0]->message}"));
        }
        $walk = (new Walker())->walk($planFile->plan, $planFile->log);
        if (! isset($walk->plan->zones[$zone])) {
            $known = implode(', ', array_keys($walk->plan->zones));

            return $this->refuse($output, "There is no zone “{$zone}” in this plan; its zones are {$known}.");
        }
        $after = self::indexOf($walk, $step);
        if ($after === null) {
            $count = count($walk->plan->steps);

            return $this->refuse($output, "There is no step “{$step}” in this plan; it has {$count}.");
        }
        if ($rule !== null && (! is_string($rule) || FaultLook::of($rule) === null)) {
            $hasPicture = static fn (string $code): bool => FaultLook::of($code) !== null;
            $known = array_filter(array_keys(RuleBook::ofAll()->rules), $hasPicture);

            return $this->refuse($output, 'There is no picture of that; there is one of '.implode(', ', $known).'.');
        }
        $build = $walk->plan->build;
        $output->writeln(
            json_encode(
                [
                    'piece' => CloseUpReport::of($walk, Forecast::of($walk), $zone, $after, $rule),
                    'vehicle' => VehicleReport::of(
                        Catalogue::build($build->kind, Catalogue::formOf($build->kind, $build->form ?? [])),
                    ),
                ],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @return int|null index; -1: before all steps; null: there is none such */
    private static function indexOf(Walk $walk, string $step): ?int
    {
        $count = count($walk->plan->steps);

        return match (true) {
            $step === 'end' => $count - 1,
            ctype_digit($step) && (int) $step <= $count => (int) $step - 1,
            default => $walk->plan->indexOf($step),
        };
    }

    private function refuse(OutputInterface $output, string $message): int
    {
        $output->writeln($message, OutputInterface::OUTPUT_RAW);

        return self::INVALID;
    }
}
