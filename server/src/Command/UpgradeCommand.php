<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Server\Storage\UpgradeSign;

/** Brings the database up to date: once, however many servers begin it at the same time, and with no server writing meanwhile. */
#[AsCommand('yardcask:upgrade', 'Bring the database up to date, while nothing is written')]
final class UpgradeCommand extends Command
{
    private const LOCK = 'yardcask.upgrade';
    private const WAIT_S = 600;

    public function __construct(
        private readonly Connection $database,
        private readonly UpgradeSign $sign,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        // The lock goes with the connection, should this be killed.
        if (!\in_array($this->database->fetchOne('SELECT GET_LOCK(?, ?)', [self::LOCK, self::WAIT_S]), [1, '1'], true)) {
            $output->writeln('Another server has been upgrading the database for ten minutes.');

            return self::FAILURE;
        }
        $isUpToDate = self::SUCCESS === $this->doctrine('doctrine:migrations:up-to-date', $output) && !$this->sign->isUp();
        if ($isUpToDate) {
            return self::SUCCESS;
        }
        $this->sign->putUp();
        $result = $this->doctrine('doctrine:migrations:migrate', $output, ['--allow-no-migration' => true]);
        if (self::SUCCESS === $result) {
            $this->sign->takeDown();
        }

        return $result;
    }

    /** @param array<string, bool> $options */
    private function doctrine(string $command, OutputInterface $output, array $options = []): int
    {
        $input = new ArrayInput($options);
        $input->setInteractive(false);
        $application = $this->getApplication() ?? throw new \LogicException('This is a command of the console.');

        return $application->find($command)->run($input, $output);
    }
}
