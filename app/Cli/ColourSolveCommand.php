<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\MixProblemFile;

/** Solves a neutral mixing problem. */
final class ColourSolveCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('colour:solve')
            ->setDescription('Finds the closest mix for each colour of a mixing problem; exit 2 if it cannot be read')
            ->addArgument('file', InputArgument::REQUIRED, 'a mixing problem, version 1; "-" reads standard input')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print mix and deltaE of every target as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $file = $file === '-' ? 'php://stdin' : $file;
        $isThere = is_string($file) && ($file === 'php://stdin' || is_file($file));
        try {
            $problem = MixProblemFile::read($isThere ? (string) file_get_contents($file) : '');
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $answers = [];
        foreach ($problem->targets as $target) {
            foreach ($problem->solver->closest($target) as $mix) {
                $answers[] = [
                    'mix' => array_map(
                        static fn (int $paint, int $parts) => [$paint, $parts],
                        array_keys($mix->parts),
                        array_values($mix->parts),
                    ),
                    'deltaE' => round($mix->difference, 6),
                ];
            }
        }
        if ($input->getOption('json') === true) {
            $output->writeln(json_encode($answers, JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        foreach ($answers as $answer) {
            $parts = array_map(static fn (array $of) => "{$of[1]} of paint {$of[0]}", $answer['mix']);
            $output->writeln(
                sprintf('%8.4f  %s', $answer['deltaE'], implode(', ', $parts)),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return self::SUCCESS;
    }
}
