<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\HeldBack;
use Ulvrach\Schedule\NoSchedule;
use Ulvrach\Schedule\Timetabler;
use Ulvrach\Schedule\Week;
use Ulvrach\Schedule\WeekFile;
use Ulvrach\Schedule\Workload;

/** Lays plan files into a week without a database or a server. */
final class PlanTimetableCommand extends Command
{
    /** Days that it looks ahead. */
    private const DAYS = 150;

    protected function configure(): void
    {
        $this->setName('plan:timetable')
            ->setDescription(
                'Lays plan files into a week: exit 0 with a timetable, 1 if there is none, 2 if a file cannot be read',
            )
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'plan files')
            ->addOption('week', null, InputOption::VALUE_REQUIRED, 'a week file; without one: five evenings, weekends')
            ->addOption('from', null, InputOption::VALUE_REQUIRED, 'a moment, as in 2026-12-01T18:00; without one: now')
            ->addOption('seconds', null, InputOption::VALUE_REQUIRED, 'how long to look for an earlier end', '5')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print sittings, pieces and dates as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asJson = $input->getOption('json') === true;
        try {
            $week = self::week($input->getOption('week'));
            $from = self::from($input->getOption('from'), $week);
            /** @var list<string> $paths */
            $paths = $input->getArgument('files');
            $files = self::files($paths);
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $seconds = $input->getOption('seconds');
        $until = hrtime(true) + (int) (1e9 * (is_numeric($seconds) ? (float) $seconds : 5));
        try {
            $report = self::laid($files, $week, $from, static fn (): bool => hrtime(true) < $until);
        } catch (NoSchedule $none) {
            $said = ['cause' => $none->cause->value, 'isProved' => $none->cause->isProved()];
            $said += ['message' => $none->getMessage()];
            $output->writeln($asJson ? self::json($said) : $none->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::FAILURE;
        }
        if ($asJson) {
            $output->writeln(self::json($report), OutputInterface::OUTPUT_RAW);
        } else {
            $this->print($report, $week, $output);
        }

        return self::SUCCESS;
    }

    /**
     * @param  array<string, PlanFile>  $files
     * @param  \Closure(): bool  $keepGoing
     * @return array<string, mixed>
     *
     * @throws NoSchedule if there is no session at all
     */
    private static function laid(array $files, Week $week, int $from, \Closure $keepGoing): array
    {
        $calendar = $week->calendar($from, self::DAYS);
        $work = new Workload(
            now: $from,
            pace: $week->pace,
            hasLight: $calendar->hasLight(),
            evening: $calendar->evening(),
        );
        $verdicts = $held = [];
        foreach ($files as $name => $file) {
            $verdicts[$name] = (new Evaluator())->evaluate($file->plan, $file->log);
            $held[$name] = HeldBack::of($verdicts[$name]);
            $due = $file->plan->build->due;
            $work->add($name, $verdicts[$name]->walk, $due === null ? null : $week->endOfDay($due), $held[$name]);
        }
        $timetable = (new Timetabler())->lay($work, $calendar, $week->setup, $keepGoing);

        return TimetableReport::of($timetable, $verdicts, $week, Forecast::asPlanned(), $held);
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, PlanFile> by the name of the file, without what is the same in all
     *
     * @throws BadPlanFile with the paths of all faults of the first file that cannot be read
     */
    private static function files(array $paths): array
    {
        $files = [];
        foreach ($paths as $path) {
            $name = basename($path, '.json');
            for ($number = 2; isset($files[$name]); $number++) {
                $name = basename($path, '.json')." {$number}";
            }
            try {
                $files[$name] = PlanReader::read(is_file($path) ? (string) file_get_contents($path) : '');
            } catch (BadPlanFile $bad) {
                throw new BadPlanFile(
                    array_map(
                        static fn (Fault $fault) => new Fault("{$path} {$fault->path}", $fault->message),
                        $bad->faults,
                    ),
                );
            }
        }

        return $files;
    }

    /** @throws BadPlanFile */
    private static function week(mixed $path): Week
    {
        return $path === null
            ? Week::usual()
            : WeekFile::read(is_string($path) && is_file($path) ? (string) file_get_contents($path) : '');
    }

    /**
     * @return int Unix minute
     *
     * @throws BadPlanFile
     */
    private static function from(mixed $moment, Week $week): int
    {
        try {
            $at = new \DateTimeImmutable(is_string($moment) ? $moment : 'now', new \DateTimeZone($week->timeZone));
        } catch (\Exception) {
            throw new BadPlanFile([new Fault('--from', 'It is no moment: write it as in 2026-12-01T18:00.')]);
        }

        return intdiv($at->getTimestamp(), 60);
    }

    /** @param  array<string, mixed>  $said */
    private static function json(array $said): string
    {
        return json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @param  array<string, mixed>  $report */
    private function print(array $report, Week $week, OutputInterface $output): void
    {
        /** @var list<array{from: string, to: string, says: string|null, reason: string, items: list<int>}> $sittings */
        $sittings = $report['sittings'];
        /**
         * @var list<array{
         *   build: string,
         *   number: int,
         *   technique: string,
         *   part: string|null,
         *   where: string,
         *   from: string,
         * }> $items
         */
        $items = $report['items'];
        /** @var list<array{message: string}> $conflicts */
        $conflicts = $report['conflicts'];
        $day = '';
        $time = static fn (string $moment, string $as): string => (new \DateTimeImmutable($moment))
            ->setTimezone(new \DateTimeZone($week->timeZone))
            ->format($as);
        $say = static fn (string $line) => $output->writeln($line, OutputInterface::OUTPUT_RAW);
        foreach ($sittings as $sitting) {
            $today = $time($sitting['from'], 'D j M');
            $say($today === $day ? '' : "\n{$today}");
            $day = $today;
            $say("{$time($sitting['from'], 'H:i')}–{$time($sitting['to'], 'H:i')}  {$sitting['reason']}");
            foreach ($sitting['items'] as $place) {
                $item = $items[$place];
                $part = $item['part'] === null ? '' : ", {$item['part']}";
                $say(
                    "    {$time($item['from'], 'H:i')} {$item['build']} {$item['number']} {$item['technique']}{$part}: "
                        .$item['where'],
                );
            }
            if ($sitting['says'] !== null) {
                $say("    {$sitting['says']}");
            }
        }
        foreach ($conflicts as $conflict) {
            $say($conflict['message']);
        }
    }
}
