<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** A calculator by name: JSON in, JSON out; exit 2 with pointers for bad input. */
#[AsCommand('yardcask:calc', 'Run one calculator')]
final class CalcCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'The calculator')
            ->addArgument('file', InputArgument::OPTIONAL, 'A JSON file, or - for standard input', '-')
            ->addOption('list', null, InputOption::VALUE_NONE, 'Print the names, one a line');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('list')) {
            $output->writeln(array_column(CalculatorName::cases(), 'value'));

            return 0;
        }
        $name = $input->getArgument('name');
        $calculator = \is_string($name) ? CalculatorName::tryFrom($name) : null;
        $file = $input->getArgument('file');
        try {
            if (null === $calculator) {
                throw InvalidInput::at(
                    '',
                    \sprintf(
                        'There is no calculator “%s”. There are: %s.',
                        \is_string($name) ? $name : '',
                        implode(', ', array_column(CalculatorName::cases(), 'value')),
                    ),
                );
            }
            $output->write(
                Json::encode($calculator->calculate(Json::decode(InputFile::read(\is_string($file) ? $file : '-'))), true)."\n",
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
