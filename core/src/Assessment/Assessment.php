<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Everything that can be said about a plan. The same plan gives the same bytes. */
final readonly class Assessment implements \JsonSerializable
{
    /**
     * @param list<StageSheet> $stages
     * @param list<Finding> $findings worst first
     * @param list<list<Fix>> $fixes those that hold, for each finding
     * @param list<array<string, mixed>> $glass
     * @param array<string, array{text: string, symbol: string}> $readings
     */
    public function __construct(
        public FigureSheet $figures,
        public array $stages,
        public array $findings,
        public array $fixes,
        private array $glass,
        private array $readings,
    ) {
    }

    /** Whether something could hurt someone or break something. */
    public function hasStop(): bool
    {
        return [] !== $this->findings && Severity::Stop === $this->findings[0]->code->severity();
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $stages = [];
        foreach ($this->stages as $sheet) {
            $stages[$sheet->stage->value] = $sheet->toJson(array_values(array_filter($this->findings, static fn (Finding $finding): bool => $sheet->stage === $finding->code->stage())));
        }

        return [
            'format' => 'yard-cask-assessment', 'version' => 1,
            'glass' => $this->glass,
            'stages' => $stages,
            'findings' => array_map(static fn (Finding $finding, array $fixes): array => $finding->toJson($fixes), $this->findings, $this->fixes),
            'figures' => $this->figures->all(),
            'readings' => (object) $this->readings,
        ];
    }
}
