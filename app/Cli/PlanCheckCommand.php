<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\RemedyAdvisor;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Report\VerdictReport;

/** Checks a plan file without a database or a server. */
final class PlanCheckCommand extends Command
{
    private const NO_STOP = 0;

    private const HAS_STOP = 1;

    private const UNREADABLE = 2;

    protected function configure(): void
    {
        $this->setName('plan:check')
            ->setDescription('Checks a plan file: exit 0 without a stop, 1 with one, 2 if the file cannot be read')
            ->addArgument('file', InputArgument::REQUIRED, 'a plan file; "-" reads standard input')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print findings, remedies and times as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $asJson = $input->getOption('json') === true;
        try {
            $planFile = PlanReader::read($this->contents(is_string($file) ? $file : ''));
        } catch (BadPlanFile $bad) {
            $this->refuse($bad, $asJson, $output);

            return self::UNREADABLE;
        }
        $verdict = (new Evaluator())->evaluate($planFile->plan, $planFile->log);
        if ($asJson) {
            $output->writeln($this->json($verdict));
        } else {
            $this->print($verdict, $output);
        }

        return $verdict->count(Severity::Stop) > 0 ? self::HAS_STOP : self::NO_STOP;
    }

    /** @throws BadPlanFile if there is nothing to read */
    private function contents(string $file): string
    {
        if ($file !== '-' && ! is_file($file)) {
            throw new BadPlanFile([new Fault('', "There is no file “{$file}”.")]);
        }
        $contents = @file_get_contents($file === '-' ? 'php://stdin' : $file);

        return $contents === false
            ? throw new BadPlanFile([new Fault('', "The file “{$file}” cannot be read.")])
            : $contents;
    }

    private function refuse(BadPlanFile $bad, bool $asJson, OutputInterface $output): void
    {
        if ($asJson) {
            $faults = array_map(
                static fn (Fault $fault) => ['path' => $fault->path, 'message' => $fault->message],
                $bad->faults,
            );
            $output->writeln(
                json_encode(
                    ['faults' => $faults],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return;
        }
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        foreach ($bad->faults as $fault) {
            $errors->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
        }
    }

    private function json(Verdict $verdict): string
    {
        $advisor = new RemedyAdvisor();
        $findings = array_map(
            static fn (Finding $finding) => [
                ...VerdictReport::finding($finding),
                'remedies' => VerdictReport::remedies($finding, $verdict, $advisor),
            ],
            $verdict->findings,
        );

        return json_encode(
            [
                ...VerdictReport::of($verdict),
                'findings' => $findings,
                'times' => VerdictReport::cureTimes($verdict->walk),
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }

    private function print(Verdict $verdict, OutputInterface $output): void
    {
        $plan = $verdict->plan;
        foreach ($verdict->findings as $finding) {
            $number = (int) $plan->indexOf($finding->stepId) + 1;
            $zones = implode(', ', array_map(static fn (string $id) => $plan->zones[$id]->name, $finding->zones));
            $lines = [
                strtoupper($finding->severity->value).
                "  step {$number}, {$finding->stepId}  [{$finding->code}]  {$zones}",
                "      {$finding->happens}",
                "      {$finding->why}",
                '',
            ];
            $output->writeln($lines, OutputInterface::OUTPUT_RAW);
        }
        $summary = VerdictReport::summary($verdict);
        $steps = count($plan->steps);
        $output->writeln(
            "{$plan->build->name}: {$steps} steps, ".
                Minutes::inWords($summary['lastsMinutes']).
                " from the first to the last; {$summary['stops']} stops, {$summary['risks']} risks, "
                    ."{$summary['notes']} notes.",
            OutputInterface::OUTPUT_RAW,
        );
    }
}
