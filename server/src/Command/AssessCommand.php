<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Records;
use YardCask\Core\Stage\Assessor;
use YardCask\Server\Archive\Archive;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Clock;

/** The assessment of a plan file: exit 0, 1 when something is dangerous, 2 with pointers for a bad plan. */
#[AsCommand('yardcask:assess', 'Assess a plan file')]
final class AssessCommand extends Command
{
    public function __construct(private readonly CatalogueFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A plan file, an archive with its records (.zip), or - for a plan on standard input');
        $this->addOption('at', null, InputOption::VALUE_REQUIRED, 'The time for which it is assessed, for example 2026-11-30T09:15:00Z; now without it');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            [$plan, $records] = self::planAndRecords(\is_string($file) ? $file : '-');
            $assessment = Assessor::assess($plan, null, $this->files->partStock(), null, $records, self::at($input->getOption('at')));
            $output->write(Json::encode($assessment, true, Json::WORKED_OUT)."\n", false, OutputInterface::OUTPUT_RAW);

            return $assessment->hasStop() ? 1 : 0;
        } catch (InvalidInput $e) {
            $output->write(Json::encode($e, true)."\n", false, OutputInterface::OUTPUT_RAW);

            return 2;
        }
    }

    /** @return array{Plan, Records} */
    private static function planAndRecords(string $file): array
    {
        if (!str_ends_with(strtolower($file), '.zip')) {
            return [Plan::fromJson(InputFile::read($file)), Records::none()];
        }
        $archive = Archive::open($file);

        return [$archive->plan(), Records::of($archive->records())];
    }

    private static function at(mixed $given): \DateTimeImmutable
    {
        if (!\is_string($given)) {
            return Clock::now();
        }
        $time = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:s\Z', $given, new \DateTimeZone('UTC'));

        return false === $time ? throw InvalidInput::at('/at', 'This must be a time in UTC, for example 2026-11-30T09:15:00Z.') : $time;
    }
}
