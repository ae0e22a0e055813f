<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\File\StoryFile;
use Ulvrach\Report\BenchSheet;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Measure\Measurer;
use Ulvrach\Vehicle\ZoneTemplates;

/** Drafts a plan from a story without a database or a server. */
final class PlanDraftCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('plan:draft')
            ->setDescription('Drafts a plan from a story and prints it as a plan file; exit 2 if it cannot be read')
            ->addArgument('file', InputArgument::REQUIRED, 'a story file; "-" reads standard input')
            ->addOption('sheet', null, InputOption::VALUE_NONE, 'print it as a sheet to be read at the bench');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $file = $file === '-' ? 'php://stdin' : $file;
        $isThere = is_string($file) && ($file === 'php://stdin' || is_file($file));
        try {
            $story = StoryFile::read($isThere ? (string) file_get_contents($file) : '');
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $kind = $story->build->kind;
        $measured = Measurer::measure(Catalogue::build($kind, Catalogue::formOf($kind, $story->build->form ?? [])));
        $plan = $story->plan(ZoneTemplates::for($kind, $story->build->scale, $measured));
        $draft = (new Drafter())->draft($plan, $story->story, $story->shelf);
        $text = $input->getOption('sheet') === true
            ? BenchSheet::ofDraft($draft, $story->shelf !== null)
            : PlanWriter::toJson(new PlanFile($draft->verdict->plan));
        $output->write($text, false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
