<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;

/** A part of which the catalogue knows other figures by now, or nothing. */
final class StockChanged implements Rule
{
    public function check(Workings $workings): array
    {
        if ([] === $workings->plan->line->parts || $workings->stock->isEmpty()) {
            return [];
        }
        $findings = [];
        foreach ($workings->plan->line->parts as $part) {
            if (null === $part->stock) {
                continue;
            }
            $stock = $workings->stock->part($part->stock);
            $settings = ['prechargeKpa', 'setKpa', 'setC', 'leastLpm', 'mostLpm', 'leastKpa', 'mostKpa', 'cutInKpa', 'cutOutKpa', 'hotC', 'wireM'];
            if (null === $stock) {
                $findings[] = new Finding(LineFinding::StockChanged, [$part->id], new Measure(1.0, 0.0, ''), \sprintf('The catalogue does not know %s', $part->name), \sprintf('The plan calls it “%s”. It is computed with the figures that stand in the plan.', $part->stock), static fn (): array => [new Fix('Count it as your own part', LineDraft::of($workings->plan)->changed($part, ['stock' => null])->patch())]);
            } elseif ($stock->kind === $part->kind && self::without($stock->figures, $settings) !== self::without($part->figures, $settings)) {
                $findings[] = new Finding(LineFinding::StockChanged, [$part->id], new Measure(1.0, 0.0, ''), \sprintf('The catalogue has other figures of %s', $part->name), 'The plan goes on with those that it was computed with.', static fn (): array => [...LineFixes::over($workings)->asInCatalogue($part), new Fix('Count it as your own part', LineDraft::of($workings->plan)->changed($part, ['stock' => null])->patch())]);
            }
        }

        return $findings;
    }

    /**
     * @param list<string> $settings what is set in the rig and not made so
     *
     * @return array<array-key, mixed>
     */
    private static function without(PartFigures $figures, array $settings): array
    {
        return array_map(static fn (mixed $value): mixed => \is_array($value) ? Json::encode($value) : $value, array_diff_key(get_object_vars($figures), array_flip($settings)));
    }
}
