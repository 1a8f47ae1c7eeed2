<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Start\StartingChoices;
use YardCask\Server\Catalogue\CatalogueFiles;

/** What every combination of first answers makes, a row each, for a fitter to read through. It takes a while. */
#[AsCommand('yardcask:first-plans', 'List the plan that each combination of first answers makes')]
final class FirstPlansCommand extends Command
{
    private const CREWS = [1, 2, 4, 8];
    private const DAYS = [1, 3, 7];
    private const HEADS = ['Stay', 'People', 'Days', 'Fresh, L', 'Waste, L', 'Full, kg', 'Parts', 'Price', 'What gives way'];

    public function __construct(private readonly CatalogueFiles $files)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $choices = $this->files->startingChoices();
        foreach ($choices->rigs as $rig) {
            $table = (new Table($output))->setHeaders([$rig->label, ...self::HEADS]);
            foreach (SystemType::cases() as $system) {
                foreach (StayStyle::cases() as $stay) {
                    foreach (self::CREWS as $crew) {
                        foreach (self::DAYS as $days) {
                            $answers = ['rig' => $rig->id, 'system' => $system->value, 'stay' => $stay->value, 'crew' => $crew, 'days' => $days];
                            $row = $this->row($answers + ['habit' => 'ordinary'], $choices);
                            $table->addRow([$system->word(), $stay->word(), $crew, $days, ...$row]);
                        }
                    }
                }
            }
            $table->render();
        }

        return 0;
    }

    /**
     * @param array<string, mixed> $answers
     *
     * @return list<string|int>
     */
    private function row(array $answers, StartingChoices $choices): array
    {
        try {
            $plan = PlanStarter::start(FirstAnswers::read((object) $answers, $choices), $choices, $this->files->systems(), $this->files->partStock());
        } catch (InvalidInput $e) {
            return ['', '', '', '', '', $e->errors[0]->message];
        }
        $tanks = Workings::over($plan)->of(TanksWorkings::class);
        $findings = array_filter(
            Assessor::assess($plan, '-', $this->files->partStock())->findings,
            static fn (SentFinding $one): bool => Severity::Watch !== $one->severity,
        );

        return [
            (int) round($tanks->fullL(WaterKind::Fresh)),
            (int) round($tanks->fullL(WaterKind::Waste)),
            (int) round(self::fullKg($plan)),
            \count($plan->line->parts),
            (int) round(array_sum(array_map(static fn (PlannedPart $part): float => $part->make->price, $plan->line->parts))),
            implode('; ', array_column($findings, 'title')),
        ];
    }

    private static function fullKg(Plan $plan): float
    {
        $kg = 0.0;
        foreach (Workings::over($plan)->of(TanksWorkings::class)->all() as $working) {
            $kg += $working->tank->allEmptyKg() + ($working->tank->holds->takesWaste() ? 0.0 : $working->fullL());
        }

        return $kg;
    }
}
