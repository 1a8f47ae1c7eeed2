<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Plan\Line\PlannedAdapter;

/** What is counted and measured of the joints of a plan, none of which depends on how long its pipes are. */
final readonly class JointSummary implements KeptWorkings
{
    /**
     * @param array<string, int> $counts of joints, by their verdict
     * @param array<string, float> $deepMm how far each tube goes into or over what it meets first, by the id of the joint
     */
    private function __construct(
        private array $counts,
        public int $adapters,
        public float $adaptersKg,
        private array $deepMm,
        private bool $isRecalled = false,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var array{array<string, int>, int, float, array<string, float>}|null $kept */
        $kept = $workings->recalled(self::class, self::sections());

        return null === $kept ? self::of($workings->of(PlanJoints::class)->all) : new self(...$kept, isRecalled: true);
    }

    /** @param list<JudgedJoint> $joints */
    private static function of(array $joints): self
    {
        $adapters = array_merge(...array_map(static fn (JudgedJoint $one): array => $one->adapters, $joints));

        return new self(
            array_count_values(array_map(static fn (JudgedJoint $one): string => $one->verdict->value, $joints)),
            \count($adapters),
            array_sum(array_map(static fn (PlannedAdapter $one): float => $one->make->weightKg, $adapters)),
            array_map(self::depthMm(...), array_column($joints, null, 'id')),
        );
    }

    private static function depthMm(JudgedJoint $joint): float
    {
        $port = $joint->meetings[0]->b;

        return EndSystem::Thread === $port?->end?->system ? 0.0 : $port->deepMm ?? 0.0;
    }

    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function toKeep(): ?array
    {
        return $this->isRecalled ? null : [$this->counts, $this->adapters, $this->adaptersKg, $this->deepMm];
    }

    public function all(): int
    {
        return array_sum($this->counts);
    }

    public function count(Verdict $verdict): int
    {
        return $this->counts[$verdict->value] ?? 0;
    }

    /** How far the tube goes into or over what it meets first, in mm; 0 where nothing is joined. */
    public function deepMm(string $joint): float
    {
        return $this->deepMm[$joint] ?? 0.0;
    }
}
