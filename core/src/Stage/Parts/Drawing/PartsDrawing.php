<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Drawing;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Words\Amount;

/** What the Parts stage shows: every joint, the worst first. */
final readonly class PartsDrawing implements Drawing
{
    /**
     * @param list<JointRow> $joints
     * @param list<MethodRow> $methods
     * @param list<ShopCard> $shops
     * @param list<ExtraRow> $extra
     * @param list<CutCard> $cuts
     * @param list<HoleCard> $holes
     * @param list<TemplateCard> $templates
     */
    private function __construct(
        #[ListOf(JointRow::class)]
        public array $joints,
        /** How they are held. */
        #[ListOf(MethodRow::class)]
        public array $methods,
        /** What has to be bought, by the kind of shop. */
        #[ListOf(ShopCard::class)]
        public array $shops,
        /** What was bought and is not needed. */
        #[ListOf(ExtraRow::class)]
        public array $extra,
        /** How much of it is bought, and what all of it costs and weighs. */
        public string $totals,
        /** What has to be cut, by the sort of pipe. */
        #[ListOf(CutCard::class)]
        public array $cuts,
        /** What has to be drilled. */
        #[ListOf(HoleCard::class)]
        public array $holes,
        /** The faces in which something is drilled, at their true size. */
        #[ListOf(TemplateCard::class)]
        public array $templates,
    ) {
    }

    public static function of(Workings $workings, bool $looked): self
    {
        if (!$looked) {
            return new self(joints: [], methods: [], shops: [], extra: [], totals: '', cuts: [], holes: [], templates: []);
        }
        $joints = $workings->of(PlanJoints::class)->all;
        $fixes = new JoinFixes($workings);
        $ranks = array_flip(array_column(Verdict::cases(), 'value'));
        usort($joints, static fn (JudgedJoint $a, JudgedJoint $b): int => $ranks[$a->verdict->value] <=> $ranks[$b->verdict->value]);

        $list = ShoppingList::of($workings);

        return new self(
            joints: array_map(static fn (JudgedJoint $one): JointRow => JointRow::of($one, $fixes, $workings->wording), $joints),
            methods: MethodRow::all($workings),
            shops: ShopCard::all($list, $workings->wording),
            extra: array_map(static fn (Purchased $one): ExtraRow => ExtraRow::of($one, $workings->wording), $list->extra),
            totals: self::totals($list, $workings),
            cuts: CutCard::all($workings),
            holes: HoleCard::all($workings),
            templates: TemplateCard::all($workings),
        );
    }

    /** What of it rests on the limit that has least left. */
    private static function rests(Workings $workings): string
    {
        $load = $workings->of(LoadWorkings::class);
        $worst = $load->worstLimit();
        $kg = $load->builtInKg($worst->name);

        return $workings->wording->text('parts.totals.rests', [
            'off' => $kg < 0 ? 'yes' : 'no',
            'kg' => Amount::kg(abs($kg)),
            'carrier' => LimitWords::carrier($worst->name, $workings->rigWords),
            'over' => $worst->onTheRoad->kg < 0 ? 'yes' : 'no',
            'left' => Amount::kg(abs($worst->onTheRoad->kg)),
        ]);
    }

    private static function totals(ShoppingList $list, Workings $workings): string
    {
        $own = $list->ownPrice();
        $others = $list->price() - $own;
        $currency = $workings->plan->line->currency ?? '';

        return implode(' ', [
            $workings->wording->text('parts.totals', ['bought' => $list->bought(), 'lines' => \count($list->lines), 'kg' => Amount::kg($list->kg())]),
            self::rests($workings),
            $workings->wording->text('parts.totals.price', [
                'own' => match (true) {
                    0.0 === $own => 'none',
                    0.0 === $others => 'all',
                    default => 'some',
                },
                'price_own' => trim(number_format($own, 2).' '.$currency),
                'price' => number_format($others, 0),
            ]),
        ]);
    }
}
