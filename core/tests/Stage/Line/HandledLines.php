<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\Edit\LineEdit;
use YardCask\Core\Stage\Line\Edit\LineEditKind;

/** Lines of every system that a careless hand has been at: up to a dozen edits, none of which asks whether it is wise. */
final class HandledLines
{
    private const MOST_EDITS = 12;
    /** Of all shapes: one tank, several, cans, a boat’s, the largest. */
    private const PLANS = ['bothy', 'van', 'bus', 'boat', 'fellside', 'prompt-side'];

    /** The same for the same seed; null where the plan has not the tanks of the system. */
    public static function seeded(int $seed): ?Plan
    {
        mt_srand($seed);
        $system = self::one(SystemType::cases());
        $name = self::one(self::PLANS);
        try {
            $plan = SampleLines::of($system, $name)->plan;
        } catch (\LogicException) {
            return null;
        }
        for ($left = mt_rand(1, self::MOST_EDITS); $left > 0 && [] !== $plan->line->parts && [] !== $plan->line->pipes; --$left) {
            $plan = self::handled($plan);
        }

        return $plan;
    }

    /** What is refused changes nothing. */
    private static function handled(Plan $plan): Plan
    {
        $part = self::one(array_column($plan->line->parts, 'id'));
        $pipe = self::one(array_column($plan->line->pipes, 'id'));
        $ports = [...array_column($plan->line->pipes, 'from'), ...array_column($plan->line->pipes, 'to')];
        $stock = self::one(SampleLines::stock()->parts())->id;
        $hose = self::one(SampleLines::stock()->pipes())->id;
        $do = self::one(LineEditKind::cases());
        $with = match ($do) {
            LineEditKind::Into, LineEditKind::Branch => ['pipe' => $pipe, 'part' => $stock],
            LineEditKind::After => ['port' => self::one($ports), 'part' => $stock],
            LineEditKind::Join => ['from' => self::one($ports), 'to' => self::one($ports), 'hose' => $hose],
            LineEditKind::TakeOut, LineEditKind::Turn => ['part' => $part],
            LineEditKind::Swap => ['part' => $part, 'stock' => $stock],
            LineEditKind::Move => ['part' => $part, 'pipe' => $pipe],
            LineEditKind::Hose => ['pipe' => $pipe, 'hose' => $hose],
            LineEditKind::TakePipe => ['pipe' => $pipe],
        };
        try {
            return LineEdit::patch((object) ['do' => $do->value, ...$with], $plan, SampleLines::stock())->applyTo($plan);
        } catch (InvalidInput) {
            return $plan;
        }
    }

    /**
     * @template T
     *
     * @param array<array-key, T> $of
     *
     * @return T
     */
    private static function one(array $of): mixed
    {
        $of = array_values($of);

        return $of[mt_rand(0, \count($of) - 1)] ?? throw new \LogicException('There is nothing to choose from.');
    }
}
