<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Drawing\ByHand;

/** Strokes and kettles are told by what the header tank holds. */
final class ByHandTest extends TestCase
{
    /** @return list<string> */
    private static function words(Plan $plan): array
    {
        return array_map(static fn (string $one): string => str_replace("\u{A0}", ' ', $one), ByHand::words(Workings::over($plan)));
    }

    private static function gravity(): Plan
    {
        return SampleLines::of(SystemType::Gravity)->plan;
    }

    public function testAHandPumpFillsTheHeaderAndNoMore(): void
    {
        $plan = self::gravity();
        $strokeL = 0.0;
        foreach ($plan->line->parts as $part) {
            $strokeL = $part->figures instanceof PumpFigures ? (float) $part->figures->strokeL : $strokeL;
        }
        $fullL = $plan->tanks[0]->inside()->litresBelow($plan->tanks[0]->overflowMm()) * (1 - $plan->tanks[0]->baffledFraction());
        self::assertStringContainsString((int) ceil($fullL / $strokeL).' strokes to fill Header tank with', self::words($plan)[0]);
        $half = PlanPatch::replace('/tanks/0/length_mm', $plan->tanks[0]->lengthMm / 2)->applyTo($plan);
        self::assertStringContainsString((int) ceil($fullL / 2 / $strokeL).' strokes to fill', self::words($half)[0]);
    }

    public function testAKettleMakesNoMoreWarmWaterThanTheHeaderHolds(): void
    {
        $plan = self::gravity();
        foreach ($plan->line->parts as $part) {
            if (PartKind::Kettle === $part->kind && $part->figures instanceof HeaterFigures) {
                // From 15 °C to 38 °C.
                $mixedL = $part->figures->litres * ($part->figures->hotC - 15) / (38 - 15);
                $said = \sprintf(': full, at %d °C, with %.1f L of cold it makes %.1f L at 38 °C', $part->figures->hotC, $mixedL - $part->figures->litres, $mixedL);
                self::assertStringContainsString($said, self::words($plan)[1]);
                $tank = $plan->tanks[0];
                $fullL = $tank->inside()->litresBelow($tank->overflowMm()) * (1 - $tank->baffledFraction());
                $small = PlanPatch::replace('/tanks/0/length_mm', round($tank->lengthMm * 5 / $fullL, 3))->applyTo($plan);
                self::assertStringContainsString('it makes 5.0 L at 38 °C, as much as the header tank holds', self::words($small)[1]);
                self::assertStringContainsString(\sprintf('with %.1f L in it', 5 * $part->figures->litres / $mixedL), self::words($small)[1]);
            }
        }
    }
}
