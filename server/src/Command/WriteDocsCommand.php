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
use YardCask\Core\Joint\EndForm;
use YardCask\Core\Output\Schema;
use YardCask\Core\Plan\PlanSchema;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\RecordPage;
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
            $this->schemaDir.'/finding-fixes.schema.json' => self::schema('What was proven to clear a finding', FindingFixes::class),
            $this->schemaDir.'/stage-drawing.schema.json' => Json::encode(AssessmentSchema::drawn(), true)."\n",
            $this->schemaDir.'/book-page.schema.json' => Json::encode(AssessmentSchema::page(), true)."\n",
            $this->schemaDir.'/readings.schema.json' => self::schema('Measured fields of a plan as they read', Readings::class),
            $this->schemaDir.'/sum.schema.json' => self::schema('What a figure was worked out of', Sum::class),
            $this->schemaDir.'/shelf-note.schema.json' => self::schema('What the shelf says of a plan', ShelfNote::class),
            $this->schemaDir.'/stock-offer.schema.json' => self::schema('Tanks that could be put into a plan', StockOffer::class),
            $this->schemaDir.'/system-offer.schema.json' => self::schema('A system as it would be in a plan', SystemOffer::class),
            $this->schemaDir.'/sizing-offer.schema.json' => self::schema('What size of each part of a line would do', SizingOffer::class),
            $this->schemaDir.'/turned-line.schema.json' => self::schema('What flows in a line, and how its valves stand', TurnedLine::class),
            $this->schemaDir.'/outlet-extremes.schema.json' => self::schema('What an outlet gives at its worst and at its best', OutletExtremes::class),
            $this->schemaDir.'/pair-table.schema.json' => self::schema('Every two outlets of a line, open at the same time', PairTable::class),
            $this->schemaDir.'/end-form.schema.json' => self::schema('What has to be said of an end', EndForm::class),
            $this->schemaDir.'/record.schema.json' => self::schema('What a device has recorded about a plan', Record::class),
            $this->schemaDir.'/kept-record.schema.json' => self::schema('A record that was received', KeptRecord::class),
            $this->schemaDir.'/record-page.schema.json' => self::schema('Some of the records of a plan', RecordPage::class),
            $this->schemaDir.'/purchased.schema.json' => self::schema('What somebody says of buying an item', Purchased::class),
            $this->schemaDir.'/openapi.json' => self::openApi(),
            \dirname($this->schemaDir).'/docs/findings.md' => self::findings(),
            \dirname($this->schemaDir).'/docs/sentences.md' => Sentences::page(),
        ];
    }

    /** @param class-string $class of what is sent */
    private static function schema(string $title, string $class): string
    {
        return Json::encode(['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => $title] + Schema::of($class), true)."\n";
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
