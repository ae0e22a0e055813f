<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\ProblemFile;
use Ulvrach\Schedule\Scheduler;

/** Solves a neutral schedule problem. */
final class ScheduleSolveCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('schedule:solve')
            ->setDescription(
                'Lays the work of a schedule file into its hours: exit 0 with an answer, 1 if there is none, 2 if the '
                    .'file cannot be read',
            )
            ->addArgument('file', InputArgument::REQUIRED, 'a schedule problem, version 1')
            ->addOption(
                'json',
                null,
                InputOption::VALUE_NONE,
                'print starts, makespan, setups, sessions, lowerBound and optimal as JSON',
            )
            ->addOption('seconds', null, InputOption::VALUE_REQUIRED, 'how long to look for a better answer', '10')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed and time give a like answer', '1');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $seconds = $input->getOption('seconds');
        $seed = $input->getOption('seed');
        $contents = is_string($file) && is_file($file) ? (string) file_get_contents($file) : '';
        try {
            $problem = ProblemFile::read($contents);
            $until = hrtime(true) + (int) (1e9 * (is_numeric($seconds) ? (float) $seconds : 10));
            $solution = (new Scheduler())->solve(
                $problem,
                static fn (): bool => hrtime(true) < $until,
                is_numeric($seed) ? (int) $seed : 1,
            );
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return 2;
        } catch (NoSchedule $none) {
            $output->writeln($none->getMessage(), OutputInterface::OUTPUT_RAW);

            return 1;
        }
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode(
                    [
                        'starts' => $solution->starts,
                        'makespan' => $solution->makespan,
                        'setups' => $solution->setups,
                        'sessions' => $solution->sessions,
                        'lowerBound' => $solution->lowerBound,
                        'optimal' => $solution->optimal,
                    ],
                    JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        foreach ($problem->activities as $index => $activity) {
            $output->writeln(
                sprintf('%7d  %7d  %s', $solution->starts[$index], $solution->ends[$index], $activity->name),
                OutputInterface::OUTPUT_RAW,
            );
        }
        $output->writeln(
            "ends at {$solution->makespan}, {$solution->setups} airbrush changes, {$solution->sessions} sessions".
                ($solution->optimal ? '; no earlier end is possible' : ''),
            OutputInterface::OUTPUT_RAW,
        );

        return 0;
    }
}
