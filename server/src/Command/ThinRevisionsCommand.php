<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Server\Clock;
use YardCask\Server\Storage\RevisionThinner;

/** Run by the launcher now and then. */
#[AsCommand('yardcask:thin-revisions', 'Thin out the revisions that are older than a day')]
final class ThinRevisionsCommand extends Command
{
    public function __construct(private readonly RevisionThinner $thinner)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(\sprintf('%d revisions thinned out.', $this->thinner->thin(Clock::now())));

        return 0;
    }
}
