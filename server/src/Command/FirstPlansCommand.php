<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidOptionException;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Start\StartingChoices;
use YardCask\Server\Catalogue\CatalogueFiles;

/** What every combination of first answers makes, a row each, for a fitter to read through. It takes a while. */
#[AsCommand('yardcask:first-plans', 'List the plan that each combination of first answers makes')]
final class FirstPlansCommand extends Command
{
    private const CREWS = ['1', '2', '4', '8'];
    private const DAYS = [1, 3, 7];

    public function __construct(private readonly CatalogueFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $several = InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY;
        $this->addOption('rig', null, $several, 'Only of this rig, such as small-van', []);
        $this->addOption('system', null, $several, 'Only with this system, such as can_foot', []);
        $this->addOption('stay', null, $several, 'Only for this way to stay, such as wild', []);
        $this->addOption('people', null, $several, 'Only for so many people', self::CREWS);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $choices = $this->files->startingChoices();
        $rigs = self::asked('rig', array_column($choices->rigs, null, 'id'), $input);
        $stays = self::asked('stay', array_column(StayStyle::cases(), null, 'value'), $input);
        $systems = self::asked('system', array_column(SystemType::cases(), null, 'value'), $input);
        foreach ($rigs as $rig) {
            $table = (new Table($output))->setHeaders([$rig->label, 'Stay', 'People', 'Days', ...FirstPlanRow::HEADS]);
            foreach ($systems as $system) {
                foreach ($stays as $stay) {
                    foreach (self::named('people', $input) as $crew) {
                        foreach (self::DAYS as $days) {
                            $answers = ['rig' => $rig->id, 'system' => $system->value, 'stay' => $stay->value, 'crew' => $crew, 'days' => $days];
                            $table->addRow([$system->word(), $stay->word(), $crew, $days, ...$this->row($answers + ['habit' => 'ordinary'], $choices)]);
                        }
                    }
                }
            }
            $table->render();
        }

        return 0;
    }

    /**
     * @template T of object
     *
     * @param array<string, T> $all by id
     *
     * @return array<string, T> those that an option names; all where it names none
     */
    private static function asked(string $option, array $all, InputInterface $input): array
    {
        $ids = self::named($option, $input);
        foreach (array_diff($ids, array_keys($all)) as $unknown) {
            throw new InvalidOptionException(\sprintf('There is no %s “%s”. There are: %s.', $option, $unknown, implode(', ', array_keys($all))));
        }

        return [] === $ids ? $all : array_intersect_key($all, array_flip($ids));
    }

    /** @return list<string> */
    private static function named(string $option, InputInterface $input): array
    {
        return array_values(array_filter((array) $input->getOption($option), \is_string(...)));
    }

    /**
     * @param array<string, mixed> $answers
     *
     * @return list<string|int>
     */
    private function row(array $answers, StartingChoices $choices): array
    {
        $stock = $this->files->partStock();
        try {
            $plan = PlanStarter::start(FirstAnswers::read((object) $answers, $choices), $choices, $this->files->systems(), $stock);
        } catch (InvalidInput $e) {
            return [...array_fill(0, \count(FirstPlanRow::HEADS) - 1, ''), $e->errors[0]->message];
        }

        return FirstPlanRow::of($plan, $stock);
    }
}
