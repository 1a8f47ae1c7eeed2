<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FixTrial;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\TriedFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\CatalogueName;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** What all tables of sizes need. */
final readonly class SizingWork
{
    public Wording $wording;
    public PartStock $stock;
    public LineWorkings $line;

    public function __construct(
        public Workings $workings,
        public FixTrial $trial,
    ) {
        $this->wording = $workings->wording;
        $this->stock = $workings->stock;
        $this->line = $workings->of(LineWorkings::class);
    }

    /** @return list<string> the outlets that must have enough together; empty if the plan names none, and then each is judged alone */
    public function wanted(): array
    {
        return $this->line->together();
    }

    /**
     * @param list<string> $keys
     * @param array<string, string> $with
     *
     * @return list<string>
     */
    public function columns(array $keys, array $with = []): array
    {
        return array_map(fn (string $key): string => $this->wording->text($key, $with), $keys);
    }

    /** What puts a part of the catalogue in the place of another. */
    public static function replacing(StockPart $stock, PlannedPart $part, LineDraft $draft): Fix
    {
        return new Fix(new Phrase('line.fix.replace', ['stock' => new CatalogueName($stock->name), 'parts' => [$part->spoken()]]), $draft->patch());
    }

    /** With what it costs, where it has been tried. */
    public function sent(Fix $fix, ?TriedFix $tried): SentFix
    {
        return null === $tried ? SentFix::of($fix, $this->wording) : SentFix::proven($fix, $tried, $this->wording);
    }
}
