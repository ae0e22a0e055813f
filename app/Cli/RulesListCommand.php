<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Judgement\Rules\Catalogue;

/** Prints docs/rules.md. */
final class RulesListCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('rules:list')->setDescription('Prints every rule, prompt and advice as Markdown');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(Catalogue::markdown(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
