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
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Server\Catalogue\CatalogueFiles;

/** The plan that answers to the first questions make: exit 0, or 2 with pointers for bad answers. */
#[AsCommand('yardcask:begin', 'Write the plan that the first answers make')]
final class BeginCommand extends Command
{
    public function __construct(private readonly CatalogueFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A file with the answers, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $choices = $this->files->startingChoices();
            $answers = FirstAnswers::read(Json::decode(InputFile::read(\is_string($file) ? $file : '-')), $choices);
            $output->write(
                PlanStarter::start($answers, $choices, $this->files->systems(), $this->files->partStock())->toJson(),
                false,
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        } catch (InvalidInput $e) {
            $output->write(Json::encode($e, true)."\n", false, OutputInterface::OUTPUT_RAW);

            return 2;
        }
    }
}
