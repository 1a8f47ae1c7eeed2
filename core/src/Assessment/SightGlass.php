<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Supply;

/** The few figures that trade against each other, for the top of every screen. */
final class SightGlass
{
    /**
     * @param list<Finding> $findings
     *
     * @return list<array<string, mixed>> cells: the figure's id, what stands beside it, and a level of 0 to 1 with a mark where there is one
     */
    public static function cells(Workings $workings, FigureSheet $figures, array $findings): array
    {
        $severity = static function (string $prefix) use ($findings): array {
            $of = array_values(array_filter($findings, static fn (Finding $finding): bool => str_starts_with($finding->code->value, $prefix) && Severity::Watch !== $finding->code->severity()));

            return [] === $of ? [] : ['severity' => $of[0]->code->severity()];
        };
        $say = $workings->say;
        $needL = $workings->need(Supply::Main)->carryL;
        $usableL = $workings->usableL(Supply::Main);
        $scaleL = max($needL, $usableL, 1.0);
        $cells = [self::cell($figures->get('tanks.usable'), Stage::Tanks, 'Carried against needed', 'of '.$say->litres($needL), ['level' => $usableL / $scaleL, 'mark' => $needL / $scaleL] + $severity('use.short'))];
        if ($figures->has('use.lasts')) {
            $cells[] = self::cell($figures->get('use.lasts'), Stage::Use, 'Lasts', 'of '.$say->days($workings->plan->use->days), $severity('use.short'));
        }
        $drinkingL = $workings->need(Supply::Drinking)->carryL;
        if ($drinkingL > 0) {
            $cells[] = self::cell($figures->get('tanks.drinking'), Stage::Use, 'Drinking', 'of '.$say->litres($drinkingL), $severity('use.drinking'));
        }
        $worst = $workings->worstLimit();
        $share = max(0.0, $worst->kgAt(Filling::Travelling) / $worst->limitKg);
        $over = $worst->isOverAt(Filling::Travelling);
        $cells[] = self::cell($figures->get('load.'.$worst->name->value.'.spare'), Stage::Load, 'Payload left, '.$workings->underway(), LimitWords::name($worst->name, $workings->plan), ['level' => min(1.0, $share), 'mark' => min(1.0, 1 / max($share, 1e-9))] + ($over ? ['severity' => Severity::Stop] : []));
        foreach (['load.side' => 'Left against right', 'load.nose_share' => 'Nose share', 'load.heel' => 'Heel'] as $id => $label) {
            if ($figures->has($id)) {
                $cells[] = self::balance($id, $label, $figures);
            }
        }

        return $cells;
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function cell(Figure $figure, Stage $stage, string $label, string $beside, array $more = []): array
    {
        return ['figure_id' => $figure->id, 'stage' => $stage, 'label' => $label, 'figure' => $figure->figure, 'symbol' => $figure->symbol, 'beside' => $beside] + $more;
    }

    /** @return array<string, mixed> a difference without its sign, and the side that it is on */
    private static function balance(string $id, string $label, FigureSheet $figures): array
    {
        $figure = $figures->get($id);
        $sides = 'load.heel' === $id ? ['to port', 'to starboard'] : ['more left', 'more right'];
        $beside = 'load.nose_share' === $id ? 'of the trailer' : (abs($figure->value) < 0.05 ? 'even' : $sides[$figure->value < 0 ? 0 : 1]);

        return ['figure' => ltrim($figure->figure, '−')] + self::cell($figure, Stage::Load, $label, $beside);
    }
}
