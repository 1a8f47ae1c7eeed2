<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A use is drawn from an outlet that is not in the line any more. */
final class OutletMissing implements Rule
{
    public function check(Workings $workings): array
    {
        $outlets = $workings->plan->line->outlets();
        $known = array_column($outlets, 'id');
        $findings = [];
        foreach ($workings->plan->use->uses as $index => $use) {
            if (null !== $use->outlet && !\in_array($use->outlet, $known, true)) {
                $findings[] = self::finding($index, $use, $outlets);
            }
        }

        return $findings;
    }

    /** @param list<PlannedPart> $outlets */
    private static function finding(int $index, PlannedUse $use, array $outlets): Finding
    {
        $pointer = '/use/uses/'.$index.'/outlet';

        return new Finding(
            UseFinding::OutletMissing,
            [$use->id],
            new Measure(0.0, 1.0, ''),
            new SnagText('use.outlet-missing.title', 'use.outlet-missing.why', ['use' => $use->name, 'counted' => self::counted($use)]),
            static fn (): array => [
                ...array_map(
                    static fn (PlannedPart $outlet): Fix => new Fix(
                        new Phrase('use.fix.draw-from', ['outlet' => $outlet->spoken()]),
                        PlanPatch::replace($pointer, $outlet->id),
                    ),
                    $outlets,
                ),
                new Fix(new Phrase('use.fix.any-outlet'), PlanPatch::remove($pointer)),
            ],
        );
    }

    private static function counted(PlannedUse $use): Amount
    {
        return null === $use->litres ? Amount::flow($use->flowLpm ?? 0.0) : Amount::litres($use->litres);
    }
}
