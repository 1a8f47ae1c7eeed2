<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\UseDemand;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\UnjoinedTanks;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** What is aboard when the stay begins is less than it needs with its reserve. */
final class UseShort implements Rule
{
    private const MOST_CANS = 3;

    public function check(Workings $workings): array
    {
        $use = $workings->of(UseWorkings::class);
        $aboard = $workings->of(WaterAboard::class);
        $needL = $use->need(Supply::Main)->carryL;
        $shortL = $needL - $aboard->usableL;
        if ($shortL < 0.05) {
            return [];
        }
        $plan = $workings->plan->use;
        $lasts = $use->lastsDays($aboard->usableL);
        $brimL = $workings->of(TanksWorkings::class)->usableL(WaterKind::Fresh);
        $isThere = [] !== $workings->plan->tanksThatHold(WaterKind::Fresh);
        $isBrim = $aboard->brimmed || $brimL - $aboard->usableL < 0.05;

        return [new Finding(
            UseFinding::UseShort,
            array_map(static fn (PlannedTank $tank): string => $tank->id, $workings->plan->tanksThatHold(WaterKind::Fresh)),
            new Measure($aboard->usableL, $needL, 'L'),
            new SnagText($isThere ? 'use.short.title' : 'use.short.title.no-tank', $isThere ? 'use.short.why' : 'use.short.why.no-tank', [
                'short' => Amount::litres($shortL),
                'stay' => Amount::days($plan->days),
                'litres_needed' => Amount::litres($needL),
                'reserve' => Amount::share($plan->reserve),
                'litres_usable' => Amount::litres($aboard->usableL),
                'when' => $isBrim ? 'brim' : 'travelling',
                'lasts' => null === $lasts ? null : Amount::days(floor($lasts * 10 + 0.05) / 10),
                'known' => null === $lasts ? 'no' : 'yes',
            ]),
            static fn (): array => array_values(array_filter([
                ...UnjoinedTanks::allFixes(WaterKind::Fresh, $workings),
                self::travelFuller($needL, $workings),
                ...self::lessOfWhatRuns($workings),
                TankLength::giving($brimL + $shortL / max(0.05, $brimL > 0 ? min(1.0, $aboard->usableL / $brimL) : 1.0), $workings),
                ...self::bought($shortL, $workings),
                self::addCans($workings, $shortL),
                self::fillSooner($workings),
                self::placeTank($workings, $needL),
            ])),
            new LookAt('/use/days', new Phrase('use.short.look')),
            causes: UnjoinedTanks::causing($shortL, WaterKind::Fresh, $workings),
        )];
    }

    /** Where the tanks would hold enough and nothing fills them up on arrival. */
    private static function travelFuller(float $needL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $fullL = $tanks->fullL(WaterKind::Fresh);
        $belowL = $fullL - $tanks->usableL(WaterKind::Fresh);
        $own = array_filter($tanks->that(WaterKind::Fresh), static fn ($working): bool => null !== $working->tank->travelFill);
        if ($workings->of(WaterAboard::class)->brimmed || [] !== $own || $fullL <= 0 || $needL + $belowL > $fullL || $workings->plan->load->travelFill >= 1) {
            return null;
        }
        $fraction = min(1.0, ceil(($needL + $belowL) / $fullL * 100) / 100);

        return new Fix(
            new Phrase('use.fix.travel-fuller', ['rig' => $workings->plan->load->rig->kind(), 'litres' => Amount::litres($fraction * $fullL)]),
            PlanPatch::replace('/load/travel_fill', $fraction),
        );
    }

    /** @return list<Fix> the largest use that runs from a tap: shorter in steps of half a minute, down to one minute, or less often in steps of a tenth */
    private static function lessOfWhatRuns(Workings $workings): array
    {
        $uses = $workings->plan->use->uses;
        $demands = $workings->of(UseWorkings::class)->demand()->uses;
        $running = array_filter(
            array_keys($uses),
            static fn (int $i): bool => null !== $uses[$i]->minutes && Supply::Main === $uses[$i]->supply && $demands[$i]->stayL > 0,
        );
        usort($running, static fn (int $a, int $b): int => $demands[$b]->stayL <=> $demands[$a]->stayL);
        if ([] === $running) {
            return [];
        }
        $index = $running[0];
        $use = $uses[$index];
        $othersL = array_sum(
            array_map(static fn (UseDemand $demand): float => Supply::Main->value === $demand->use->supply ? $demand->stayL : 0.0, $demands),
        ) - $demands[$index]->stayL;
        $leftL = $workings->of(WaterAboard::class)->usableL / (1 + $workings->plan->use->reserve) - $othersL;
        $share = $leftL / $demands[$index]->stayL;
        $minutes = floor(2 * ($use->minutes ?? 0.0) * $share) / 2;
        $times = floor(10 * $use->times * $share) / 10;
        $shorter = new Phrase(
            'use.fix.shorten',
            ['use' => $use->name, 'minutes' => Amount::minutes($minutes), 'minutes_now' => Amount::minutes($use->minutes ?? 0.0)],
        );
        $fewer = new Phrase('use.fix.fewer', [
            'use' => $use->name, 'times' => Amount::number($times), 'times_now' => Amount::number($use->times), 'per' => $use->per->word()]);

        return array_values(array_filter([
            $minutes >= 1 ? new Fix($shorter, PlanPatch::replace('/use/uses/'.$index.'/minutes', $minutes)) : null,
            $times > 0 ? new Fix($fewer, PlanPatch::replace('/use/uses/'.$index.'/times', $times)) : null,
        ]));
    }

    /** @return list<Fix|null> a larger tank from the catalogue in the place of the largest, one more of it, and more of the cans that are there */
    private static function bought(float $shortL, Workings $workings): array
    {
        $fresh = $workings->of(TanksWorkings::class)->that(WaterKind::Fresh);
        usort($fresh, static fn (TankWorking $a, TankWorking $b): int => $b->fullL() <=> $a->fullL());
        $largest = $fresh[0] ?? null;
        $cans = array_values(array_filter($fresh, static fn (TankWorking $one): bool => TankMounting::Fixed !== $one->tank->form && $one->volume->usableL > 0));

        return [
            ...null === $largest ? [] : OtherTanks::insteadOf($largest, $largest->fullL() + $shortL, \INF, $workings),
            null === $largest ? null : OtherTanks::oneMore($largest, $workings),
            [] === $cans ? null : OtherTanks::moreAlike($cans[0], (int) ceil($shortL / $cans[0]->volume->usableL - 1e-9), $workings),
        ];
    }

    /** Up to three cans in a row on the floor in the middle of the rig. */
    private static function addCans(Workings $workings, float $shortL): ?Fix
    {
        $cans = (int) ceil($shortL / TankProposal::CAN_L - 1e-9);
        $patch = $cans > self::MOST_CANS ? null : FreePlace::addCans($workings->plan, WaterKind::Fresh, $cans);

        return null === $patch ? null : new Fix(new Phrase('use.fix.add-cans', ['cans' => $cans, 'litres' => Amount::litres(TankProposal::CAN_L)]), $patch);
    }

    private static function fillSooner(Workings $workings): ?Fix
    {
        $days = floor($workings->of(UseWorkings::class)->lastsDays($workings->of(WaterAboard::class)->usableL) ?? 0.0);

        return $days >= 1 && $days < $workings->plan->use->days
            ? new Fix(new Phrase('use.fix.fill-every', ['days' => (int) $days]), PlanPatch::replace('/use/days', $days))
            : null;
    }

    private static function placeTank(Workings $workings, float $needL): ?Fix
    {
        $patch = [] === $workings->of(TanksWorkings::class)->that(WaterKind::Fresh) ? FreePlace::addTank($workings->plan, WaterKind::Fresh, $needL) : null;

        return null === $patch ? null : new Fix(new Phrase('use.fix.place-tank', ['litres' => Amount::litres($needL)]), $patch);
    }
}
