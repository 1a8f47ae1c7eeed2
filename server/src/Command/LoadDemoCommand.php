<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Entity\RevisionOrigin;
use YardCask\Server\Storage\PlanStore;

/** Loads the demonstration plans into a database that has never held any plan. */
#[AsCommand('yardcask:load-demo', 'Load the demonstration plans into an empty database')]
final class LoadDemoCommand extends Command
{
    public function __construct(
        private readonly PlanStore $plans,
        private readonly CatalogueFiles $files,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->plans->isEmpty()) {
            foreach ($this->files->demoPlans() as $json) {
                $output->writeln($this->plans->create(Plan::fromJson($json), RevisionOrigin::Begun)->plan->name());
            }
        }

        return 0;
    }
}
