<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\SystemBook;
use YardCask\Core\Catalogue\SystemPage;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrasebook;

/** A system as it would be in a plan: what it is good for, what it asks for, how it fails, and the patch that lays it. */
final readonly class SystemOffer implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public SystemType $system,
        public string $title,
        public string $goodFor,
        /** “11 parts, 22 joints, 4.8 A, 212”. */
        public string $costs,
        public string $care,
        public string $fails,
        /** What comes out where least of what is wanted does; or why it cannot be laid here. */
        public string $gives,
        /** What of the present line has no place in it; empty where nothing is lost. */
        public string $dropped,
        /** None where the plan has not the tanks that it begins at. */
        public ?PlanPatch $patch,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan, SystemBook $book, PartStock $stock): array
    {
        return array_map(static fn (SystemPage $page): self => self::one($plan, $page, $stock), array_values($book->pages));
    }

    private static function one(Plan $plan, SystemPage $page, PartStock $stock): self
    {
        $laid = SystemLine::lay($plan, $page, $stock);
        if (null === $laid) {
            $why = Phrasebook::english()->fill('line.system.no-tanks', []);

            return new self(
                system: $page->system,
                title: ucfirst($page->system->word()),
                goodFor: $page->goodFor,
                costs: '',
                care: $page->care,
                fails: $page->fails,
                gives: $why,
                dropped: '',
                patch: null,
            );
        }
        $workings = Workings::over($laid->plan);
        $worst = $workings->of(LineWorkings::class)->worst();
        $amps = max(
            [
                0.0,
                ...array_map(
                    static fn (PlannedPart $part): float => $part->figures instanceof PumpFigures ? $part->figures->amps ?? 0.0 : 0.0,
                    $laid->plan->line->parts,
                ),
            ],
        );
        $price = array_sum(array_map(static fn (PlannedPart $part): float => $part->make->price, $laid->plan->line->parts));
        $wording = $workings->wording;
        $dropped = [] === $laid->dropped ? '' : $wording->text('line.system.dropped', ['parts' => $laid->dropped, 'count' => \count($laid->dropped)]);

        return new self(
            system: $page->system,
            title: ucfirst($page->system->word()),
            goodFor: $page->goodFor,
            costs: $wording->text('line.system.costs', [
                'parts' => \count($laid->plan->line->parts),
                'joints' => 2 * \count($laid->plan->line->pipes),
                'powered' => $amps > 0 ? 'yes' : 'no',
                'amps' => number_format($amps, 1),
                'price' => (string) round($price),
            ]),
            care: $page->care,
            fails: $page->fails,
            gives: null === $worst ? '' : $wording->text('line.system.gives', ['outlet' => $worst->part->name, 'flow' => Amount::flow($worst->lpm)]),
            dropped: $dropped,
            patch: $laid->patch($plan),
        );
    }
}
