<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\RegulatorFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\CatalogueName;
use YardCask\Core\Words\Phrase;

/** Fixes that change the line with parts from the catalogue; none if the catalogue has no suitable part. */
final readonly class LineFixes
{
    private const MOST_SWAPS = 3;

    private function __construct(
        private Workings $workings,
        private LineDraft $draft,
    ) {
    }

    public static function over(Workings $workings): self
    {
        return new self($workings, LineDraft::of($workings->plan));
    }

    /** @return list<Fix> */
    public function takeOut(PlannedPart $part): array
    {
        return [new Fix(new Phrase('line.fix.remove', ['part' => $part->spoken()]), $this->draft->without($part)->patch())];
    }

    /** @return list<Fix> */
    public function turn(PlannedPart $part): array
    {
        return [new Fix(new Phrase('line.fix.turn', ['part' => $part->spoken()]), $this->draft->turned($part)->patch())];
    }

    /**
     * @param float|null $zM where it sits; null where it usually does
     *
     * @return list<Fix> the part that is usual for this, put into a pipe
     */
    public function into(?PlannedPipe $pipe, UsualFor $use, Phrase $label, ?float $zM = null): array
    {
        $stock = $this->workings->stock->usual($use, $pipe?->tube);

        return null === $pipe || null === $stock ? [] : [new Fix($label, $this->draft->into($pipe, $stock, $zM)->patch())];
    }

    /** @return list<Fix> */
    public function moved(PlannedPart $part, ?PlannedPipe $pipe, Phrase $label): array
    {
        return null === $pipe ? [] : [new Fix($label, $this->draft->moved($part, $pipe)->patch())];
    }

    /** @return list<Fix> none where the catalogue has no such part, or of another kind */
    public function asInCatalogue(PlannedPart $part): array
    {
        $stock = null === $part->stock ? null : $this->workings->stock->part($part->stock);

        return $stock?->kind === $part->kind
            ? [new Fix(new Phrase('line.fix.as-in-catalogue', ['part' => $part->spoken()]), $this->draft->swapped($part, $stock)->patch())]
            : [];
    }

    /**
     * Others of its kind, the cheapest first; for a pump those that run on the same battery.
     *
     * @param \Closure(StockPart): bool $does which of them would do
     *
     * @return list<Fix>
     */
    public function swaps(PlannedPart $part, \Closure $does, ?PartKind $kind = null): array
    {
        $all = array_values(
            array_filter(
                $this->workings->stock->parts($kind ?? $part->kind),
                static fn (StockPart $stock): bool => $stock->id !== $part->stock && self::runsLike($stock, $part) && $does($stock),
            ),
        );
        usort($all, static fn (StockPart $a, StockPart $b): int => $a->make->price <=> $b->make->price);

        return array_map(fn (StockPart $stock): Fix => new Fix(
            new Phrase('line.fix.replace', ['stock' => new CatalogueName($stock->name), 'parts' => [$part->spoken()]]),
            $this->draft->swapped($part, $stock)->patch(),
        ), \array_slice($all, 0, self::MOST_SWAPS));
    }

    private static function runsLike(StockPart $stock, PlannedPart $part): bool
    {
        [$one, $other] = [$stock->figures, $part->figures];

        return !$one instanceof PumpFigures
            || !$other instanceof PumpFigures
            || null === $one->volts
            || null === $other->volts
            || $one->volts === $other->volts;
    }

    /**
     * The cheapest pipe that would do, in the place of all these.
     *
     * @param list<PlannedPipe> $pipes
     * @param \Closure(StockPipe): bool $does
     * @param string $label its key; the name of the pipe fills {stock}
     * @param array<string, string|Phrase> $with what else fills the label
     *
     * @return list<Fix>
     */
    public function otherPipe(array $pipes, \Closure $does, string $label, array $with = []): array
    {
        $all = array_values(array_filter($this->workings->stock->pipes(), $does));
        usort($all, static fn (StockPipe $a, StockPipe $b): int => $a->tube->make->price <=> $b->tube->make->price);
        if ([] === $all || [] === $pipes) {
            return [];
        }
        $draft = $this->draft;
        foreach ($pipes as $pipe) {
            $draft = $draft->withBore($pipe, $all[0]);
        }

        return [new Fix(new Phrase($label, ['stock' => $all[0]->name] + $with), $draft->patch())];
    }

    /** @return list<Fix> a regulator behind each mains inlet that has none */
    public function regulators(): array
    {
        $graph = $this->workings->of(LineWorkings::class)->graph;
        $fixes = [];
        foreach ($graph->parts(PartKind::MainsInlet) as $inlet) {
            $next = $graph->beyond($inlet, PartPort::Out)?->owner;
            if (!$next instanceof PlannedPart || PartKind::Regulator !== $next->kind) {
                $label = new Phrase('line.fix.regulator', ['inlet' => $inlet->spoken()]);
                array_push($fixes, ...$this->into($graph->pipeAt($inlet, PartPort::Out)?->pipe, UsualFor::MainsRegulator, $label));
                array_push($fixes, ...$this->atTheSite($inlet));
            }
        }

        return $fixes;
    }

    /** @return list<Fix> a regulator at the site’s tap, which keeps the strong mains out of the hose as well */
    private function atTheSite(PlannedPart $inlet): array
    {
        $set = $this->workings->stock->usual(UsualFor::MainsRegulator, null)?->figures;
        if (!$set instanceof RegulatorFigures || !$inlet->figures instanceof InletFigures || $inlet->figures->mostKpa <= $set->setKpa) {
            return [];
        }
        $label = new Phrase('line.fix.site-regulator', ['pressure' => Amount::pressure($set->setKpa)]);
        $changed = PartFields::changed($inlet->figures, ['mostKpa' => $set->setKpa]);

        return [new Fix($label, $this->draft->changed($inlet, ['figures' => $changed])->patch())];
    }
}
