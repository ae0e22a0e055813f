<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Counsel\Rescue\Mishap;
use Ulvrach\Counsel\Rescue\Mishaps;
use Ulvrach\Counsel\Rescue\Rescuer;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Physics\Sitting\Sittings;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Report\RescueReport;

/** Says what can still be done about a mishap, without a database or a server. */
final class PlanRescueCommand extends Command
{
    private const WHILE_READABLE = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES |
        JSON_THROW_ON_ERROR;

    protected function configure(): void
    {
        $this->setName('plan:rescue')
            ->setDescription('Says what can still be done about a mishap: exit 0, 1 if nothing can, 2 if unreadable')
            ->addArgument('file', InputArgument::OPTIONAL, 'a plan file; "-" reads standard input')
            ->addOption('step', null, InputOption::VALUE_REQUIRED, 'id of the step at which it is seen')
            ->addOption('mishap', null, InputOption::VALUE_REQUIRED, 'what has gone wrong, by its code')
            ->addOption('after', null, InputOption::VALUE_REQUIRED, 'minutes since the last stroke of that step', '0')
            ->addOption('zone', null, InputOption::VALUE_REQUIRED, 'id of the zone; the first of the step if left out')
            ->addOption('whole', null, InputOption::VALUE_NONE, 'on all that is laid in the same sitting')
            ->addOption('mishaps', null, InputOption::VALUE_NONE, 'list what can go wrong')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $isJson = $input->getOption('json') === true;
        if ($input->getOption('mishaps') === true) {
            $known = array_values(array_map(
                static fn (Mishap $one) => ['code' => $one->code, 'seen' => $one->seen],
                Mishaps::all(),
            ));
            $output->writeln($isJson
                ? json_encode(['mishaps' => $known], self::WHILE_READABLE)
                : array_map(static fn (array $one) => sprintf('%-20s %s', $one['code'], $one['seen']), $known));

            return self::SUCCESS;
        }
        $file = $input->getArgument('file');
        $file = $file === '-' ? 'php://stdin' : $file;
        $isThere = is_string($file) && ($file === 'php://stdin' || is_file($file));
        try {
            $read = PlanReader::read($isThere ? (string) file_get_contents($file) : '');
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        [$step, $code, $after] = [$input->getOption('step'), $input->getOption('mishap'), $input->getOption('after')];
        $at = is_string($step) ? $read->plan->indexOf($step) : null;
        $mishap = is_string($code) ? Mishaps::all()[$code] ?? null : null;
        $zone = $input->getOption('zone') ?? ($at === null ? null : $read->plan->steps[$at]->zones[0] ?? null);
        if ($at === null) {
            return self::refused($output, '--step: there is no such step in this plan.');
        }
        if ($mishap === null) {
            return self::refused($output, '--mishap: there is none of that code; --mishaps lists them.');
        }
        if (! is_string($after) || preg_match('/^\d{1,7}$/', $after) !== 1) {
            return self::refused($output, '--after: a whole number of minutes.');
        }
        if (! is_string($zone) || ! isset($read->plan->zones[$zone])) {
            return self::refused($output, '--zone: there is no such zone in this plan.');
        }
        $verdict = (new Evaluator())->evaluate($read->plan, $read->log);
        $laid = $verdict->walk->layers[$at]->laidAt ?? $verdict->walk->times[$at]->end;
        $minute = $laid + (int) $after;
        $whole = $input->getOption('whole') === true ? Sittings::zonesUpTo($verdict->walk, $at) : [];
        $ways = (new Rescuer())->waysOn($verdict, $at, $whole === [] ? [$zone] : $whole, $minute, $mishap);
        $told = RescueReport::inMinutes($ways, $laid, $minute);
        if ($isJson) {
            $output->writeln(json_encode([
                'mishap' => $mishap->code,
                'step' => $step,
                'zone' => $zone,
                'zones' => $whole === [] ? [$zone] : $whole,
                'after' => (int) $after,
                'ways' => $told,
            ], self::WHILE_READABLE), OutputInterface::OUTPUT_RAW);
        } else {
            foreach ($told as $number => $way) {
                $output->writeln(self::line($number + 1, $way), OutputInterface::OUTPUT_RAW);
            }
        }

        return $ways === [] ? self::FAILURE : self::SUCCESS;
    }

    private static function refused(OutputInterface $output, string $why): int
    {
        $output->writeln($why, OutputInterface::OUTPUT_RAW);

        return self::INVALID;
    }

    /**
     * @param  array{
     *   says: string,
     *   liquid: string|null,
     *   tool: string,
     *   opens: int,
     *   gone: int|null,
     *   cost: string|null,
     * }  $way
     */
    private static function line(int $number, array $way): string
    {
        $with = implode(', ', array_filter([$way['liquid'], $way['tool']]));

        return "{$number}. {$way['says']}".($with === '' ? '' : " ({$with})")
            .' From '.Minutes::inWords($way['opens']).' after the last stroke'
            .($way['gone'] === null ? '.' : ' until '.Minutes::inWords($way['gone']).'.')
            .($way['cost'] === null ? '' : " {$way['cost']}");
    }
}
