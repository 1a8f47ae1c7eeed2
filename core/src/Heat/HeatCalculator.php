<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

/**
 * Heat in water: Q = m · c · ΔT with 1 kg/L and 4.186 kJ/(kg·K).
 *
 * A shower draws stored water unmixed in the best case; in the worst the store mixes as it refills and is drawn until it has fallen to
 * the wanted temperature: V·(Ts − Tm)/(Tm − Tc). Source: conservation of energy.
 */
final class HeatCalculator
{
    public const KJ_PER_L_K = 4.186;
    private const KJ_PER_KWH = 3600.0;

    public static function calculate(HeatInput $heat): Heat
    {
        return new Heat(array_filter([
            'mix' => null === $heat->mix ? null : self::mix($heat->mix),
            'store' => null === $heat->store ? null : self::store($heat->store),
            'instant' => null === $heat->instant ? null : ['outlet_c' => self::outletC($heat->instant->watts, $heat->instant->inletC, $heat->instant->flowLpm)],
            'shower' => null === $heat->shower ? null : self::shower($heat->shower),
            'dead_leg' => null === $heat->deadLeg ? null : self::deadLeg($heat->deadLeg),
        ], static fn (?array $part): bool => null !== $part));
    }

    /** What heating it as it flows makes of it. */
    public static function outletC(float $watts, float $inletC, float $flowLpm): float
    {
        return $inletC + $watts / (1000 * self::KJ_PER_L_K * $flowLpm / 60);
    }

    /**
     * @param list<Portion> $mix
     *
     * @return array{litres: float, mixed_c: float}
     */
    private static function mix(array $mix): array
    {
        $litres = array_sum(array_column($mix, 'litres'));

        return ['litres' => $litres, 'mixed_c' => array_sum(array_map(static fn (Portion $one): float => $one->litres * $one->c, $mix)) / $litres];
    }

    /** @return array{kwh: float, minutes: float, amp_hours: ?float} */
    private static function store(Store $store): array
    {
        $kwh = $store->litres * self::KJ_PER_L_K * ($store->toC - $store->fromC) / self::KJ_PER_KWH / $store->efficiency;

        return ['kwh' => $kwh, 'minutes' => 60000 * $kwh / $store->watts, 'amp_hours' => null === $store->batteryV ? null : 1000 * $kwh / $store->batteryV];
    }

    /** @return array{hot_share: ?float, litres: ?float, minutes: ?float, mixed_litres: ?float, mixed_minutes: ?float} */
    public static function shower(Shower $shower): array
    {
        if (!$shower->canMix()) {
            return ['hot_share' => null, 'litres' => null, 'minutes' => null, 'mixed_litres' => null, 'mixed_minutes' => null];
        }
        $share = ($shower->mixedC - $shower->coldC) / ($shower->storedC - $shower->coldC);
        $litres = $shower->storedL / $share;
        $mixed = $shower->storedL * ($shower->storedC - $shower->mixedC) / ($shower->mixedC - $shower->coldC);

        return [
            'hot_share' => $share,
            'litres' => $litres,
            'minutes' => $litres / $shower->flowLpm,
            'mixed_litres' => $mixed,
            'mixed_minutes' => $mixed / $shower->flowLpm,
        ];
    }

    /** @return array{litres: float, seconds: float} */
    private static function deadLeg(DeadLeg $leg): array
    {
        $litres = \M_PI / 4 * ($leg->boreMm / 1000) ** 2 * $leg->lengthM * 1000;

        return ['litres' => $litres, 'seconds' => 60 * $litres / $leg->flowLpm];
    }
}
