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

/** A plan file of any version as the present one writes it: exit 0, or 2 with pointers for a bad plan. */
#[AsCommand('yardcask:read', 'Read a plan file and write it as the present version does')]
final class ReadCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A plan file, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $output->write(Plan::fromJson(InputFile::read(\is_string($file) ? $file : '-'))->toJson(), false, OutputInterface::OUTPUT_RAW);

            return 0;
        } catch (InvalidInput $e) {
            $output->write(Json::encode($e, true)."\n", false, OutputInterface::OUTPUT_RAW);

            return 2;
        }
    }
}
