<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\Issued;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Units;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Migration\PlanMigrations;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\UsePlan;
use YardCask\Core\Quantity\UnitPreferences;

/** The plan document: immutable, in SI units, the same bytes for the same plan. */
final readonly class Plan implements PlanPart
{
    public const MOST_BAYS = 12;
    public const MOST_TANKS = 12;
    public const MOST_RUNS = 40;
    public const LONGEST_NAME = 80;

    /**
     * @param list<PlannedBay> $bays
     * @param list<PlannedTank> $tanks
     * @param list<PlannedRun> $runs
     */
    public function __construct(
        #[Text('the plan’s name', self::LONGEST_NAME)]
        public string $name,
        #[Units]
        public UnitPreferences $units,
        #[Part]
        public UsePlan $use,
        #[Part]
        public LoadPlan $load,
        #[Parts(PlannedBay::class, self::MOST_BAYS)]
        public array $bays,
        #[Parts(PlannedTank::class, self::MOST_TANKS)]
        public array $tanks,
        /** From the tanks' ports to where they end. */
        #[Parts(PlannedRun::class, self::MOST_RUNS)]
        public array $runs,
        #[Part]
        public LinePlan $line,
        #[Issued]
        public IssuedNumbers $issued = new IssuedNumbers(),
    ) {
    }

    /** Whether the rig moves on with its waste tanks empty. */
    public function emptiesWaste(): bool
    {
        return $this->load->wasteEmptied ?? $this->use->stay->hasDrainOnLeaving();
    }

    /** @throws InvalidInput with every error of the document */
    public static function fromJson(string $json): self
    {
        return self::read(Json::decode($json));
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass, of this or an earlier version
     *
     * @throws InvalidInput with every error of the document
     */
    public static function read(mixed $document): self
    {
        $in = InputReader::of(PlanMigrations::all()->toCurrent($document));
        $in->text('format', 60);
        $in->number('version', Range::positive());
        $plan = (new PartReader())->read(self::class, $in);
        $in->throwIfInvalid();

        return $plan;
    }

    /** The plan file: indented, with a newline at its end. */
    public function toJson(): string
    {
        return Json::encode($this, true)."\n";
    }

    /** The name of its file, without control characters, direction marks or characters that separate paths. */
    public function fileName(): string
    {
        $name = trim((string) preg_replace(['/[\p{Cc}\p{Cf}]/u', '#[\\\\/:*?"<>|]#u'], ['', '-'], $this->name));

        return ('' === $name ? 'plan' : $name).'.yardcask.json';
    }

    /** One section of the decoded document; null when there is none of that name. */
    public function section(string $name): mixed
    {
        return self::plain(array_intersect_key($this->jsonSerialize(), [$name => true]))[$name] ?? null;
    }

    /**
     * This plan with some of its sections (name, use, load, bays, tanks, runs, line) read anew; ids are not compared across sections.
     *
     * @throws InvalidInput with every error of those sections
     */
    public function withSections(\stdClass $sections): self
    {
        $in = InputReader::of($sections);
        $reader = new PartReader();
        $plan = new self(
            name: $in->has('name') ? $in->text('name', self::LONGEST_NAME) : $this->name,
            units: $this->units,
            use: $in->has('use') ? $reader->read(UsePlan::class, $in->object('use')) : $this->use,
            load: $in->has('load') ? $reader->read(LoadPlan::class, $in->object('load')) : $this->load,
            bays: $in->has('bays') ? $reader->readAll(PlannedBay::class, 'bays', self::MOST_BAYS, $in) : $this->bays,
            tanks: $in->has('tanks') ? $reader->readAll(PlannedTank::class, 'tanks', self::MOST_TANKS, $in) : $this->tanks,
            runs: $in->has('runs') ? $reader->readAll(PlannedRun::class, 'runs', self::MOST_RUNS, $in) : $this->runs,
            line: $in->has('line') ? $reader->read(LinePlan::class, $in->object('line')) : $this->line,
            issued: $this->issued,
        );
        $in->finish();
        $in->throwIfInvalid();

        return $plan;
    }

    /**
     * The same plan under a name that is not taken: “Fellside, copy”, “Fellside, copy 2” ….
     *
     * @param list<string> $taken
     */
    public function copied(array $taken): self
    {
        $base = mb_substr((string) preg_replace('/, copy( \d+)?$/', '', $this->name), 0, self::LONGEST_NAME - 12).', copy';

        return PartFields::changed($this, ['name' => FreeName::of($base, $taken, self::LONGEST_NAME)]);
    }

    /** The document, decoded: objects as stdClass. */
    public function document(): \stdClass
    {
        return (object) self::plain($this->jsonSerialize());
    }

    /** How full a tank travels, from 0 to 1: drinking always full, waste and toilet empty. */
    public function travelFillOf(PlannedTank $tank): float
    {
        return match ($tank->holds) {
            WaterKind::Fresh => $tank->travelFill ?? $this->load->travelFill,
            WaterKind::Drinking => 1.0,
            WaterKind::Waste, WaterKind::Toilet => 0.0,
        };
    }

    /** The bay in which a tank stands, if it stands in one of the plan's. */
    public function bayOf(PlannedTank $tank): ?PlannedBay
    {
        foreach ($this->bays as $bay) {
            if ($bay->id === $tank->bay) {
                return $bay;
            }
        }

        return null;
    }

    /** The run that begins at a port. */
    public function runFrom(PlannedPort $port): ?PlannedRun
    {
        foreach ($this->runs as $run) {
            if ($run->from === $port->id) {
                return $run;
            }
        }

        return null;
    }

    /** @return list<PlannedTank> */
    public function tanksThatHold(WaterKind $holds): array
    {
        return array_values(array_filter($this->tanks, static fn (PlannedTank $tank): bool => $holds === $tank->holds));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $isNoPart = ['units' => get_object_vars($this->units), 'issued' => (object) $this->issued->highest];

        return ['format' => PlanFormat::NAME, 'version' => PlanFormat::VERSION, ...PartFields::written($this), ...$isNoPart];
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed> with parts as stdClass and choices as their values
     */
    private static function plain(array $values): array
    {
        foreach ($values as $key => $value) {
            $values[$key] = match (true) {
                $value instanceof \JsonSerializable => (object) self::plain((array) $value->jsonSerialize()),
                $value instanceof \BackedEnum => $value->value,
                \is_array($value) => array_is_list($value) ? self::plain($value) : (object) self::plain($value),
                default => $value,
            };
        }

        return $values;
    }
}
