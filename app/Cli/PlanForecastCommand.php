<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Report\ForecastReport;

/** Predicts the colours of a plan without a database or a server. */
final class PlanForecastCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('plan:forecast')
            ->setDescription('Predicts the colours of every zone, step by step; exit 2 if the file cannot be read')
            ->addArgument('file', InputArgument::REQUIRED, 'a plan file; "-" reads standard input')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print all places after every step as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $file = $file === '-' ? 'php://stdin' : $file;
        $isThere = is_string($file) && ($file === 'php://stdin' || is_file($file));
        try {
            $planFile = PlanReader::read($isThere ? (string) file_get_contents($file) : '');
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $walk = (new Walker())->walk($planFile->plan, $planFile->log);
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode(
                    ForecastReport::of($walk),
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        $forecast = Forecast::of($walk);
        $last = count($walk->plan->steps) - 1;
        foreach ($walk->plan->zones as $zone) {
            $end = $forecast->after($last, $zone->id);
            $said = [];
            foreach (Spot::cases() as $spot) {
                if ($end->has($spot)) {
                    $said[] = "{$spot->value} {$end->of($spot)->toHex()}";
                }
            }
            $output->writeln(sprintf('%-22s %s', $zone->name, implode('  ', $said)), OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
