<?php

declare(strict_types=1);

namespace YardCask\Server\Command;

use OpenApi\Generator;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use YardCask\Core\Assessment\FindingFixes;
use YardCask\Core\Assessment\Readings;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Sum;
use YardCask\Core\Input\Json;
use YardCask\Core\Output\Schema;
use YardCask\Core\Plan\PlanSchema;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\AssessmentSchema;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\OutletExtremes;
use YardCask\Core\Stage\Line\Drawing\PairTable;
use YardCask\Core\Stage\Line\Drawing\TurnedLine;
use YardCask\Core\Stage\Line\Edit\SystemOffer;
use YardCask\Core\Stage\Line\Sizing\SizingOffer;
use YardCask\Core\Stage\ShelfNote;
use YardCask\Core\Stage\Tanks\Stock\StockOffer;
use YardCask\Core\Words\Sentences;
use YardCask\Core\Words\Wording;

/** Writes what is generated from the code: the schemas, schema/openapi.json, docs/findings.md and docs/sentences.md. With --check it only compares. */
#[AsCommand('yardcask:write-docs', 'Write schema/, docs/findings.md and docs/sentences.md from the code')]
final class WriteDocsCommand extends Command
{
    public function __construct(private readonly string $schemaDir)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'Only say whether the files match the code');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $stale = 0;
        foreach ($this->files() as $file => $text) {
            if (true !== $input->getOption('check')) {
                file_put_contents($file, $text);
            } elseif (!is_file($file) || file_get_contents($file) !== $text) {
                $output->writeln(basename($file).' does not match the code; run server/bin/console yardcask:write-docs');
                ++$stale;
            }
        }

        return 0 === $stale ? 0 : 1;
    }

    /** @return array<string, string> each generated file with its text */
    private function files(): array
    {
        return [
            $this->schemaDir.'/plan.schema.json' => Json::encode(PlanSchema::document(), true)."\n",
            $this->schemaDir.'/assessment.schema.json' => Json::encode(AssessmentSchema::document(), true)."\n",
            $this->schemaDir.'/finding-fixes.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What was proven to clear a finding',
                ] + Schema::of(FindingFixes::class),
                true,
            )."\n",
            $this->schemaDir.'/stage-drawing.schema.json' => Json::encode(AssessmentSchema::drawn(), true)."\n",
            $this->schemaDir.'/book-page.schema.json' => Json::encode(AssessmentSchema::page(), true)."\n",
            $this->schemaDir.'/readings.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'Measured fields of a plan as they read',
                ] + Schema::of(Readings::class),
                true,
            )."\n",
            $this->schemaDir.'/sum.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What a figure was worked out of',
                ] + Schema::of(Sum::class),
                true,
            )."\n",
            $this->schemaDir.'/shelf-note.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What the shelf says of a plan',
                ] + Schema::of(ShelfNote::class),
                true,
            )."\n",
            $this->schemaDir.'/stock-offer.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'Tanks that could be put into a plan',
                ] + Schema::of(StockOffer::class),
                true,
            )."\n",
            $this->schemaDir.'/system-offer.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'A system as it would be in a plan',
                ] + Schema::of(SystemOffer::class),
                true,
            )."\n",
            $this->schemaDir.'/sizing-offer.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What size of each part of a line would do',
                ] + Schema::of(SizingOffer::class),
                true,
            )."\n",
            $this->schemaDir.'/turned-line.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What flows in a line, and how its valves stand',
                ] + Schema::of(TurnedLine::class),
                true,
            )."\n",
            $this->schemaDir.'/outlet-extremes.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'What an outlet gives at its worst and at its best',
                ] + Schema::of(OutletExtremes::class),
                true,
            )."\n",
            $this->schemaDir.'/pair-table.schema.json' => Json::encode(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => 'Every two outlets of a line, open at the same time',
                ] + Schema::of(PairTable::class),
                true,
            )."\n",
            $this->schemaDir.'/openapi.json' => self::openApi(),
            \dirname($this->schemaDir).'/docs/findings.md' => self::findings(),
            \dirname($this->schemaDir).'/docs/sentences.md' => Sentences::page(),
        ];
    }

    private static function openApi(): string
    {
        $openApi = (new Generator())->setVersion('3.1.0')->generate([\dirname(__DIR__)], null, true);

        return Json::encode(Json::decode(null === $openApi ? '{}' : $openApi->toJson()), true)."\n";
    }

    private static function findings(): string
    {
        $text = "# Findings\n\nWritten by `server/bin/console yardcask:write-docs` from the stages' enums, "
            .'`core/src/Stage/*/*Finding.php`, and the words files, `core/words/en/`. '
            ."A `stop` can hurt someone or break something, a `fix` will not work, a `watch` is worth knowing.\n\n"
            ."| code | severity | made when |\n|---|---|---|\n";
        foreach (Assessor::stages() as $stage) {
            $text .= self::rows($stage);
        }

        return $text;
    }

    private static function rows(Stage $stage): string
    {
        $wording = new Wording(new UnitPreferences());
        $thresholds = array_merge(
            ...array_map(static fn (Rule $rule): array => $rule instanceof RuleWithThresholds ? $rule::thresholds() : [], $stage->rules()),
        );
        $text = '';
        foreach ($stage->findingCodes()::cases() as $code) {
            $text .= \sprintf("| `%s` | %s | %s |\n", $code->value, $code->severity()->value, $wording->text($code->value.'.meaning', $thresholds));
        }

        return $text;
    }
}
