<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Fill\DrawOrder;
use YardCask\Core\Tests\SamplePlans;

/** Which tank to draw first, and how many cans to carry. */
final class DrawOrderTest extends TestCase
{
    /**
     * By hand: 60 L at 0.5 m left and 100 L at 0.5 m right on a track of 1.7 m, and nothing else: 20 kg·m to the right, none at the end.
     * Alike it goes straight there; the left first leads over 50, the right first over −30.
     */
    public function testTheSideThatCarriesMoreIsDrawnFirst(): void
    {
        $tank = static fn (string $id, float $litres, float $y): string => \sprintf(
            '{"id":"%s","name":"%s","form":"fixed","shape":"box","holds":"fresh","count":1,"length_mm":%s,"width_mm":500,"height_mm":200,"outlet_height_mm":0,"overflow_height_mm":200,"displaced_fraction":0,"empty_kg":0,"x_m":2,"y_m":%s,"z_m":0.62,"see_through":true,"poured":false,"ports":[],"levels":[]}',
            $id,
            ucfirst($id),
            10 * $litres,
            $y,
        );
        $patch = static fn (string ...$tanks): Plan => Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/tanks","value":['.implode(',', $tanks).']},{"op":"replace","path":"/runs","value":[]},{"op":"replace","path":"/line","value":{"parts":[],"pipes":[]}},{"op":"replace","path":"/load/loads","value":[]},{"op":"replace","path":"/load/seats","value":[]},{"op":"replace","path":"/use/crew","value":1},{"op":"add","path":"/load/seats/-","value":{"id":"middle","name":"Middle","kg":80,"x_m":1,"y_m":0,"z_m":1}}]',
            ),
        );
        $words = str_replace("\u{A0}", ' ', (string) DrawOrder::words(Workings::over($patch($tank('left', 60, -0.5), $tank('right', 100, 0.5)))));
        self::assertSame(
            'If you draw the tanks together, they put 24 kg on one side at most. If you draw one after the other, start with Right: 35 kg; the other way round, up to 59 kg.',
            $words,
        );
        self::assertNull(DrawOrder::words(Workings::over($patch($tank('left', 60, -0.5)))));
        self::assertNull(DrawOrder::words(Workings::over($patch($tank('one', 60, 0.01), $tank('other', 60, -0.01)))));
    }

    public function testCansAreCountedFullAndTheRestInOne(): void
    {
        foreach (['1' => '2 of 2 full, 21 kg each', '0.75' => '1 of 2 full, 21 kg each and one with 10 L', '0.2' => 'one with 8.0 L'] as $fill => $words) {
            $plan = Plan::read(
                SamplePlans::patched(SamplePlans::demos()['bothy'], \sprintf('[{"op":"replace","path":"/load/travel_fill","value":%s}]', $fill)),
            );
            $slip = Assessor::drawn($plan, 'load')->drawing->slip;
            self::assertSame($words, str_replace("\u{A0}", ' ', (string) $slip[1]->cans), (string) $fill);
        }
    }
}
