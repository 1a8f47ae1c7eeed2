<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Input\Range;
use YardCask\Core\Quantity\UnitPreferences;

/** The plan document: immutable, in SI units, the same bytes for the same plan. */
final readonly class Plan implements \JsonSerializable
{
    public const FORMAT = 'yard-cask-plan';
    public const VERSION = 1;
    public const MOST_TANKS = 12;

    /** @param list<PlannedTank> $tanks */
    public function __construct(
        public string $name,
        public UnitPreferences $units,
        public UsePlan $use,
        public LoadPlan $load,
        public array $tanks,
    ) {
    }

    /** @throws InvalidInput with every error of the document */
    public static function fromJson(string $json): self
    {
        return self::read(Json::decode($json));
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of the document
     */
    public static function read(mixed $document): self
    {
        $in = InputReader::of((new PlanMigrations())->toCurrent($document));
        $in->text('format', 60);
        $in->number('version', Range::positive());
        $ids = new PlanIds();
        $plan = new self(
            $in->text('name', 80),
            self::readUnits($in->object('units')),
            UsePlan::read($in->object('use'), $ids),
            LoadPlan::read($in->object('load'), $ids),
            array_map(static fn (InputReader $one): PlannedTank => PlannedTank::read($one, $ids), $in->objects('tanks', self::MOST_TANKS)),
        );
        $in->finish();
        $in->throwIfInvalid();

        return $plan;
    }

    /** The plan file: indented, with a newline at its end. */
    public function toJson(): string
    {
        return Json::encode($this, true)."\n";
    }

    /** One section of the decoded document; null when there is none of that name. */
    public function section(string $name): mixed
    {
        return self::plain(array_intersect_key($this->jsonSerialize(), [$name => true]))[$name] ?? null;
    }

    /**
     * This plan with some of its sections (name, use, load, tanks) read anew; ids are not compared across sections.
     *
     * @throws InvalidInput with every error of those sections
     */
    public function withSections(\stdClass $sections): self
    {
        $in = InputReader::of($sections);
        $ids = new PlanIds();
        $plan = new self(
            $in->has('name') ? $in->text('name', 80) : $this->name,
            $this->units,
            $in->has('use') ? UsePlan::read($in->object('use'), $ids) : $this->use,
            $in->has('load') ? LoadPlan::read($in->object('load'), $ids) : $this->load,
            $in->has('tanks') ? array_map(static fn (InputReader $one): PlannedTank => PlannedTank::read($one, $ids), $in->objects('tanks', self::MOST_TANKS)) : $this->tanks,
        );
        $in->finish();
        $in->throwIfInvalid();

        return $plan;
    }

    /** The document, decoded: objects as stdClass. */
    public function document(): \stdClass
    {
        return (object) self::plain($this->jsonSerialize());
    }

    /** How full a tank travels, from 0 to 1; drinking cans always full. */
    public function travelFillOf(PlannedTank $tank): float
    {
        return Supply::Drinking === $tank->supply ? 1.0 : $tank->travelFill ?? $this->load->travelFill;
    }

    /** @return list<PlannedTank> */
    public function tanksOf(Supply $supply): array
    {
        return array_values(array_filter($this->tanks, static fn (PlannedTank $tank): bool => $supply === $tank->supply));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION, 'name' => $this->name,
            'units' => get_object_vars($this->units),
            'use' => $this->use, 'load' => $this->load, 'tanks' => $this->tanks,
        ];
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

    private static function readUnits(InputReader $in): UnitPreferences
    {
        $choices = UnitPreferences::CHOICES;
        $units = new UnitPreferences(
            $in->choice('volume', $choices['volume']),
            $in->choice('length', $choices['length']),
            $in->choice('mass', $choices['mass']),
            $in->choice('pressure', $choices['pressure']),
            $in->choice('temperature', $choices['temperature']),
        );
        $in->finish();

        return $units;
    }
}
