<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\MapOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** Everything that can be said about a plan. The same plan gives the same bytes. */
final readonly class Assessment implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const FORMAT = 'yard-cask-assessment';
    public const VERSION = 7;

    public string $format;
    public int $version;
    /** What the plan's file is called. */
    public string $fileName;
    /** @var array<string, StageSheet> by the stage's name, in the order of the work */
    #[MapOf(StageSheet::class)]
    public array $stages;
    /** @var list<GlassCell> */
    #[ListOf(GlassCell::class)]
    public array $glass;
    public SnagCount $snags;
    /** @var list<SentFinding> worst first */
    #[ListOf(SentFinding::class)]
    public array $findings;
    /** @var array<string, Figure> by id */
    #[MapOf(Figure::class)]
    public array $figures;
    /** @var array<string, Sum>|null behind every figure, by its id; none where one stage is looked at */
    #[MapOf(Sum::class)]
    public ?array $sums;
    /** @var array<string, Reading> by JSON Pointer; where one stage is looked at, of the line only those of what is opened */
    #[MapOf(Reading::class)]
    public array $readings;
    /** @var list<FieldWords> what is said beside the readings, by their number */
    #[ListOf(FieldWords::class)]
    public array $fields;

    /**
     * @param string $fileName what the plan's file is called
     * @param array<string, StageSheet> $stages
     * @param list<GlassCell> $glass
     * @param list<SentFinding> $findings
     * @param array<string, Figure> $figures
     * @param array<string, Sum>|null $sums
     */
    public function __construct(
        string $fileName,
        array $stages,
        array $glass,
        array $findings,
        array $figures,
        ?array $sums,
        Readings $readings,
        SnagCount $snags,
    ) {
        $this->format = self::FORMAT;
        $this->version = self::VERSION;
        $this->fileName = $fileName;
        $this->stages = $stages;
        $this->glass = $glass;
        $this->findings = $findings;
        $this->snags = $snags;
        $this->figures = $figures;
        $this->sums = $sums;
        $this->readings = $readings->readings;
        $this->fields = $readings->fields;
    }

    /** Whether something could hurt someone or break something. */
    public function hasStop(): bool
    {
        return [] !== $this->findings && Severity::Stop === $this->findings[0]->severity;
    }
}
