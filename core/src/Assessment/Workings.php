<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\RigWords;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Record\Records;
use YardCask\Core\Words\Phrasebook;
use YardCask\Core\Words\Wording;

/** A plan with the workings of every stage over it, each made when it is first asked for. */
final class Workings
{
    /** What says how long a pipe is and where it runs. */
    private const LENGTHS = ['lengthM' => true, 'bends' => true, 'points' => true];

    /** @var array<class-string<StageWorkings>, StageWorkings> */
    private array $made = [];
    /** @var array<string, string> hashes of sections, by their names */
    private array $hashes;
    public readonly Wording $wording;
    public readonly RigWords $rigWords;

    private function __construct(
        public readonly Plan $plan,
        /** The parts that can be had, to be proposed. */
        public readonly PartStock $stock,
        /** What was recorded of the plan in use. */
        public readonly Records $records,
        /** Now; null where that is not to matter. */
        public readonly ?\DateTimeImmutable $at,
        private readonly Memory $memory = new NoMemory(),
        private readonly ?self $before = null,
    ) {
        $this->wording = new Wording($plan->units);
        $this->rigWords = RigWords::of($plan->load->rig);
        $this->hashes = null !== $before && $before->plan->line === $plan->line ? array_intersect_key($before->hashes, ['line_joints' => true]) : [];
    }

    /** @param Memory $memory of what was worked out over other plans with the same stock; what is worked out over this one is kept by remember() */
    public static function over(
        Plan $plan,
        ?PartStock $stock = null,
        ?Records $records = null,
        ?\DateTimeImmutable $at = null,
        Memory $memory = new NoMemory(),
    ): self {
        $workings = new self($plan, $stock ?? PartStock::none(), $records ?? Records::none(), $at, $memory);
        /** @var array<string, string>|null $texts */
        $texts = $workings->recalled(Phrasebook::class, []);
        if (null !== $texts) {
            Phrasebook::english()->recall($texts);
        }

        return $workings;
    }

    /** The workings of a plan that differs from this one in some sections; what does not depend on those is not computed again. */
    public function with(Plan $plan): self
    {
        return new self($plan, $this->stock, $this->records, $this->at, before: $this);
    }

    /**
     * @template T of StageWorkings
     *
     * @param class-string<T> $class
     *
     * @return T|null those of the plan that this one was changed from; null where it was not
     */
    public function before(string $class): ?StageWorkings
    {
        return $this->before?->of($class);
    }

    /** Whether anything is kept from one plan to the next. */
    private function remembers(): bool
    {
        return !$this->memory instanceof NoMemory;
    }

    /**
     * @param list<string> $sections on which it depends
     *
     * @return array<array-key, mixed>|null what was kept by that name of a plan with the same sections
     */
    public function recalled(string $name, array $sections): ?array
    {
        return $this->remembers() ? $this->memory->recall($this->key($name, $sections)) : null;
    }

    /**
     * Keeps something for plans with the same sections.
     *
     * @param list<string> $sections on which it depends
     * @param \Closure(): (array<array-key, mixed>|null) $values scalars and arrays of them only; null where there is nothing to keep
     */
    public function keep(string $name, array $sections, \Closure $values): void
    {
        if ($this->remembers()) {
            $this->memory->keep($this->key($name, $sections), $values);
        }
    }

    /** Keeps what was worked out for plans with the same sections. */
    public function remember(): void
    {
        $this->keep(Phrasebook::class, [], Phrasebook::english()->lasting(...));
        foreach ($this->remembers() ? $this->made : [] as $class => $made) {
            if ($made instanceof KeptWorkings) {
                $this->keep($class, $class::sections(), $made->toKeep(...));
            }
        }
    }

    /** @param list<string> $sections */
    private function key(string $name, array $sections): string
    {
        return $name.' '.implode('', array_map($this->hash(...), $sections));
    }

    private function hash(string $section): string
    {
        return $this->hashes[$section] ??= match ($section) {
            'line' => $this->hash('line_joints').$this->hash('line_lengths'),
            'line_joints' => self::hashed($this->lineJoints()),
            default => self::hashed($this->section($section)),
        };
    }

    private static function hashed(mixed $values): string
    {
        return hash('xxh128', serialize($values), true);
    }

    /** Lets go of all that was worked out. Parts of it refer back to this, so that it would stay in memory until PHP searches for such rings. */
    public function forget(): void
    {
        $this->made = [];
    }

    /**
     * @template T of StageWorkings
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function of(string $class): StageWorkings
    {
        $made = $this->made[$class] ?? null;
        if (!$made instanceof $class) {
            $made = $this->same($class) ?? $class::over($this);
            $this->made[$class] = $made;
        }

        return $made;
    }

    /**
     * @template T of StageWorkings
     *
     * @param class-string<T> $class
     *
     * @return T|null those of the plan before, where nothing that they depend on is different
     */
    private function same(string $class): ?StageWorkings
    {
        return $this->isAsBefore($class::sections()) ? $this->before?->of($class) : null;
    }

    /**
     * Whether nothing in some sections differs from the plan that this one was changed from.
     *
     * @param list<string> $sections
     */
    public function isAsBefore(array $sections): bool
    {
        if (null === $this->before) {
            return false;
        }
        foreach ($sections as $section) {
            if ($this->before->section($section) !== $this->section($section)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What a line sees of the tanks: which there are, how high their water stands, and where, if that decides a length.
     *
     * @return list<list<mixed>>
     */
    private function tankEnds(): array
    {
        $isPlaced = [] !== array_filter($this->plan->line->parts, static fn (PlannedPart $part): bool => null !== $part->xM)
            || [] !== array_filter($this->plan->line->pipes, static fn (PlannedPipe $pipe): bool => [] !== $pipe->points);
        $outlet = static fn (PlannedTank $tank, PlannedPort $port): array => [
            $port->id,
            $port->face,
            $tank->drawsFromMm($port),
            ...$isPlaced ? [$port->alongMm, $port->upMm] : [],
        ];

        return array_map(
            static fn (PlannedTank $tank): array => [
                $tank->id,
                $tank->name,
                $tank->holds,
                $tank->form,
                $tank->zM,
                $tank->outletHeightMm,
                array_map(static fn (PlannedPort $port): array => $outlet($tank, $port), $tank->outlets()),
                $tank->overflowMm(),
                $tank->heightMm,
                ...$isPlaced ? [$tank->xM, $tank->yM, $tank->rowMm(), $tank->widthMm] : [],
            ],
            $this->plan->tanks,
        );
    }

    /** @return list<mixed> how full the tanks travel, and what they are filled with */
    private function filling(): array
    {
        $load = $this->plan->load;

        return [$load->travelFill, $load->bucketL, $load->hoseLpm, $load->meterL, $load->wasteEmptied];
    }

    /** @return array<array-key, mixed> the line without how long its pipes are and where they lead along */
    private function lineJoints(): array
    {
        return ['pipes' => array_map(self::joined(...), $this->plan->line->pipes)] + get_object_vars($this->plan->line);
    }

    /** @return array<array-key, mixed> */
    private static function joined(PlannedPipe $pipe): array
    {
        return array_diff_key(get_object_vars($pipe), self::LENGTHS);
    }

    /** @return list<array<array-key, mixed>> how long each pipe of the line is, and where it leads along */
    private function lineLengths(): array
    {
        return array_map(static fn (PlannedPipe $pipe): array => array_intersect_key(get_object_vars($pipe), self::LENGTHS), $this->plan->line->pipes);
    }

    private function section(string $name): mixed
    {
        return match ($name) {
            'units' => $this->plan->units,
            'use' => $this->plan->use,
            'load' => $this->plan->load,
            // As text, so that a rig that was read again still compares as the same.
            'rig' => serialize($this->plan->load->rig),
            'things' => serialize($this->plan->load->things),
            'filling' => $this->filling(),
            'bays' => $this->plan->bays,
            'tanks' => $this->plan->tanks,
            'runs' => $this->plan->runs,
            'line' => $this->plan->line,
            'line_joints' => $this->hash('line_joints'),
            'line_lengths' => $this->lineLengths(),
            'part_names' => array_map(static fn (PlannedPart $part): array => [$part->id, $part->name, $part->kind], $this->plan->line->parts),
            'tank_ends' => $this->tankEnds(),
            default => is_a($name, KeyedWorkings::class, true) ? $this->of($name)->key() : throw new \LogicException('A plan has no section '.$name.'.'),
        };
    }
}
