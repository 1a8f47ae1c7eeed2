<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use YardCask\Core\Input\InvalidInput;
use YardCask\Server\Access\Passphrases;

/** Sets the passphrase of the workshop, as typed in the terminal. */
#[AsCommand('yardcask:passphrase', 'Set the passphrase with which other devices sign in')]
final class PassphraseCommand extends Command
{
    public function __construct(private readonly Passphrases $passphrases)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('is-set', null, InputOption::VALUE_NONE, 'Only tell whether there is one: exit 0 if there is');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('is-set')) {
            return $this->passphrases->isSet() ? self::SUCCESS : self::FAILURE;
        }
        $terminal = new SymfonyStyle($input, $output);
        $passphrase = self::hidden($terminal, 'The new passphrase (it is not shown)');
        if ($passphrase !== self::hidden($terminal, 'Once more')) {
            return self::refuse($output, 'The two do not match. Nothing was changed.');
        }
        try {
            $this->passphrases->set($passphrase);
        } catch (InvalidInput $e) {
            return self::refuse($output, $e->errors[0]->message.' Nothing was changed.');
        }
        $output->writeln('The passphrase is set. Every device has to sign in or pair again.');

        return self::SUCCESS;
    }

    private static function hidden(SymfonyStyle $terminal, string $question): string
    {
        $answer = $terminal->askHidden($question, static fn (mixed $given): mixed => $given ?? '');

        return \is_string($answer) ? $answer : '';
    }

    private static function refuse(OutputInterface $output, string $why): int
    {
        $output->writeln($why);

        return self::FAILURE;
    }
}
