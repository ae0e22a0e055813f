<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Report\PatchPage;

/** Prints plain work on three grounds as patches and numbers, without a database or a server. */
final class ForecastPageCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('forecast:page')
            ->setDescription('Prints plain work on three grounds as patches and numbers: an SVG');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(PatchPage::svg(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
