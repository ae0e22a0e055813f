<?php

declare(strict_types=1);

namespace App\Cli;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Report\VehicleReport;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Measure\Measurer;
use Ulvrach\Vehicle\VehicleFile;

/** Measures a vehicle without a database or a server. */
final class VehicleMeasureCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('vehicle:measure')
            ->setDescription(
                'Measures a vehicle: areas, heights, orientation and neighbours of its zones; exit 2 if the file '
                    .'cannot be read',
            )
            ->addArgument('file', InputArgument::OPTIONAL, 'a vehicle file or a plan file; "-" reads standard input')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print all that is measured as JSON')
            ->addOption('kinds', null, InputOption::VALUE_NONE, 'print the kinds and their measures instead');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asJson = $input->getOption('json') === true;
        if ($input->getOption('kinds') === true) {
            $this->kinds($output, $asJson);

            return self::SUCCESS;
        }
        $file = $input->getArgument('file');
        try {
            $vehicle = VehicleFile::read($this->contents(is_string($file) ? $file : ''));
        } catch (BadPlanFile $bad) {
            foreach ($bad->faults as $fault) {
                $output->writeln(ltrim("{$fault->path} {$fault->message}"), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID;
        }
        $mesh = Catalogue::build($vehicle->kind, $vehicle->form);
        $measured = Measurer::measure($mesh);
        if ($asJson) {
            $this->json(
                $output,
                VehicleReport::measured($vehicle->kind, $vehicle->form, $vehicle->scale, $mesh, $measured),
            );

            return self::SUCCESS;
        }
        foreach ($measured->zones as $zone => $measure) {
            $output->writeln(
                sprintf(
                    '%-14s %7.1f cm² seen  %7.1f cm² to paint  %5.0f–%4.0f mm high  up %2.0f %%  overhung %2.0f %%',
                    $zone,
                    $measure->onModel($vehicle->scale),
                    $measured->paintable($zone) * 10_000.0 / $vehicle->scale ** 2,
                    $measure->lowest,
                    $measure->highest,
                    100.0 * $measure->upward,
                    100.0 * $measure->overhung,
                ),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return self::SUCCESS;
    }

    /** Empty if there is nothing to read: then the reader says so. */
    private function contents(string $file): string
    {
        return (string) ($file === '-' || is_file($file)
            ? file_get_contents($file === '-' ? 'php://stdin' : $file)
            : '');
    }

    private function kinds(OutputInterface $output, bool $asJson): void
    {
        if ($asJson) {
            $this->json(
                $output,
                array_map(
                    static fn (VehicleKind $kind) => [
                        'kind' => $kind->value,
                        'label' => $kind->label(),
                        'measures' => array_map(VehicleReport::parameter(...), Catalogue::parametersOf($kind)),
                    ],
                    VehicleKind::cases(),
                ),
            );

            return;
        }
        foreach (VehicleKind::cases() as $kind) {
            $output->writeln("{$kind->value}  {$kind->label()}", OutputInterface::OUTPUT_RAW);
            foreach (Catalogue::parametersOf($kind) as $parameter) {
                $output->writeln(
                    sprintf(
                        '    %-16s %s; usually %d. %s',
                        $parameter->code,
                        $parameter->label,
                        $parameter->usual,
                        $parameter->range(),
                    ),
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }
    }

    /** @param  array<mixed>  $data */
    private function json(OutputInterface $output, array $data): void
    {
        $output->writeln(
            json_encode(
                $data,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
