<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Server\Catalogue\CatalogueFiles;

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
        $this->addArgument('file', InputArgument::REQUIRED, 'A plan file, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $assessment = Assessor::assess(Plan::fromJson(InputFile::read(\is_string($file) ? $file : '-')), null, $this->files->partStock());
            $output->write(Json::encode($assessment, true, Json::WORKED_OUT)."\n", false, OutputInterface::OUTPUT_RAW);

            return $assessment->hasStop() ? 1 : 0;
        } catch (InvalidInput $e) {
            $output->write(Json::encode($e, true)."\n", false, OutputInterface::OUTPUT_RAW);

            return 2;
        }
    }
}
