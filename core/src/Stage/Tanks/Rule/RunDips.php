<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A fill, vent or drain hose sags, and water stays in it. */
final class RunDips implements RuleWithThresholds
{
    /** A film on the wall is no pocket. */
    public const HARMLESS_L = 0.02;

    public static function thresholds(): array
    {
        return ['dip_litres' => Amount::little(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Fill, PortRole::Vent, PortRole::Drain) as $run) {
            $litres = $run->trapped()?->litres() ?? 0.0;
            if ($litres > self::HARMLESS_L && null !== $run->run) {
                $findings[] = new Finding(
                    TanksFinding::RunDips,
                    [$run->tank->tank->id, $run->run->id],
                    new Measure(1000 * $litres, 1000 * self::HARMLESS_L, 'mL'),
                    new SnagText(
                        'tanks.run-dips.title',
                        'tanks.run-dips.why',
                        ['litres' => Amount::little($litres), 'hose' => $run->run->name, 'role' => $run->port->role],
                    ),
                    static fn (): array => [self::straightened($run)],
                );
            }
        }

        return $findings;
    }

    /** Every point moved onto the straight line from the port to the end, so that the hose rises or falls all the way. */
    private static function straightened(TankRun $run): Fix
    {
        $points = $run->points();
        $lengthM = 0.0;
        $alongM = [0.0];
        foreach (\array_slice($points, 1) as $index => $point) {
            $alongM[] = $lengthM += hypot($point->xM - $points[$index]->xM, $point->yM - $points[$index]->yM);
        }
        $last = \count($points) - 1;
        $patches = [];
        for ($index = 1; $index < $last; ++$index) {
            $share = $lengthM > 0 ? $alongM[$index] / $lengthM : $index / $last;
            $patches[] = PlanPatch::replace($run->pointPointer($index - 1).'/z_m', round($points[0]->zM + $share * ($points[$last]->zM - $points[0]->zM), 3));
        }

        return new Fix(new Phrase('tanks.fix.straighten', ['hose' => $run->run?->name]), PlanPatch::all($patches));
    }
}
