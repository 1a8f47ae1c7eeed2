<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\ToolFigures;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Line\JoiningMethod;

/** The ways in which a plan's joints are held, and the tool that each of them needs. */
final class UsedMethods
{
    /** @return array<string, int> how many joints each holds, by its value, in the order of the methods */
    public static function counted(Workings $workings): array
    {
        $counts = [];
        foreach ($workings->of(PlanJoints::class)->all as $joint) {
            foreach ($joint->methods() as $method) {
                $counts[$method->value] = ($counts[$method->value] ?? 0) + 1;
            }
        }
        $order = array_flip(array_column(JoiningMethod::cases(), 'value'));
        uksort($counts, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);

        return $counts;
    }

    /** The cheapest tool for it; null where the catalogue has none. */
    public static function tool(JoiningMethod $method, PartStock $stock): ?StockFitting
    {
        $isFor = static fn (StockFitting $one): bool => $one->figures instanceof ToolFigures && $one->figures->for === $method;
        $tools = array_filter($stock->fittings(), $isFor);
        usort($tools, static fn (StockFitting $a, StockFitting $b): int => $a->price <=> $b->price);

        return $tools[0] ?? null;
    }
}
