<?php

declare(strict_types=1);

namespace YardCask\Core\Accumulator;

/**
 * Water in a vessel: V · (1 − (P₀/P)^(1/n)), absolute pressures, nothing below the precharge P₀.
 *
 * Source: Boyle–Mariotte, and polytropic change of an ideal gas.
 */
final class AccumulatorCalculator
{
    public const ATMOSPHERE_KPA = 101.325;
    /** Below the cut-in, so that the vessel is not empty before the pump starts. A rule of pump makers: 2 psi. */
    private const BELOW_CUT_IN_KPA = 14.0;

    public static function calculate(AccumulatorInput $vessel): Accumulator
    {
        [$atCutIn, $atCutOut] = [self::waterL($vessel, $vessel->cutInKpa), self::waterL($vessel, $vessel->cutOutKpa)];
        $drawdown = $atCutOut - $atCutIn + $vessel->stretchLPer100kpa * ($vessel->cutOutKpa - $vessel->cutInKpa) / 100;
        [$off, $on, $cycles] = self::cycle($drawdown, $vessel->pumpLpm, $vessel->tapLpm);

        return new Accumulator(
            waterAtCutInL: $atCutIn,
            waterAtCutOutL: $atCutOut,
            drawdownL: $drawdown,
            stutter: $vessel->prechargeKpa > $vessel->cutInKpa,
            recommendedPrechargeKpa: max(0.0, $vessel->cutInKpa - self::BELOW_CUT_IN_KPA),
            offS: $off,
            onS: $on,
            cyclesPerHour: $cycles,
        );
    }

    private static function waterL(AccumulatorInput $vessel, float $kpa): float
    {
        $ratio = ($vessel->prechargeKpa + self::ATMOSPHERE_KPA) / ($kpa + self::ATMOSPHERE_KPA);

        return $ratio >= 1 ? 0.0 : $vessel->volumeL * (1 - $ratio ** (1 / $vessel->polytropic));
    }

    /** @return array{?float, ?float, ?float} seconds off and on, starts an hour */
    private static function cycle(float $drawdownL, float $pumpLpm, float $tapLpm): array
    {
        if ($drawdownL <= 0) {
            return [null, null, null];
        }
        $off = $tapLpm > 0 ? 60 * $drawdownL / $tapLpm : null;
        $on = $pumpLpm > $tapLpm ? 60 * $drawdownL / ($pumpLpm - $tapLpm) : null;

        return [$off, $on, null === $off || null === $on ? 0.0 : 3600 / ($off + $on)];
    }
}
