<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Load\Trim\BalanceWords;
use YardCask\Core\Tests\SamplePlans;

/** How the weight lies along the rig, in words. */
final class BalanceWordsTest extends TestCase
{
    /** Worked by hand: 100 kg two metres before amidships and 50 kg one metre behind it. */
    public function testABoatIsDownByTheEndWhereTheMomentIs(): void
    {
        $loads = '[{"op":"replace","path":"/tanks","value":[]},{"op":"replace","path":"/load/seats","value":[]},{"op":"replace","path":"/use/crew","value":1},{"op":"replace","path":"/load/loads","value":[{"id":"a","name":"A","kg":100,"x_m":-2,"y_m":0,"z_m":1},{"id":"b","name":"B","kg":50,"x_m":%s,"y_m":0,"z_m":1}]}%s]';
        $words = static fn (float $x, string $more = ''): string => str_replace(
            "\u{A0}",
            ' ',
            (string) BalanceWords::of(Workings::over(Plan::read(SamplePlans::patched(SamplePlans::demos()['petrel'], \sprintf($loads, $x, $more))))),
        );
        self::assertSame('Trim from what is aboard: down by the bow by 150 kg·m under way; down by the bow by 150 kg·m when the water is used up.', $words(1));
        self::assertStringContainsString('down by the stern by 100 kg·m under way', $words(6));
        self::assertStringContainsString(': level under way', $words(4));
        self::assertStringContainsString('by 1083 lb·ft', $words(1, ',{"op":"replace","path":"/units/mass","value":"lb"}'));
    }

    /** The tail tank, 129.2 kg with its water, 1.12 m behind the rear axle; boots, hose and flags, 96 kg, 1.3 m behind it; the wheelbase is 3.3 m. */
    public function testWhatLiesBehindTheRearAxleLightensTheFront(): void
    {
        $plan = SamplePlans::fellside();
        $kg = (9 + 0.95 * 0.37 * 345) * 1.12 / 3.3 + 96 * 1.3 / 3.3;
        self::assertSame(
            \sprintf(
                'Behind the rear axle: Boots, hose, flags and Tail tank. That lifts %d kg off the front axle and puts it on the rear, on top of its own weight.',
                round($kg),
            ),
            str_replace("\u{A0}", ' ', (string) BalanceWords::of(Workings::over($plan))),
        );
        self::assertNull(BalanceWords::of(Workings::over(SamplePlans::demos()['bothy'])));
    }
}
