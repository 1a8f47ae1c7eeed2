<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\Seating;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** More people travel than there are seats: where the others sit is a guess. */
final class SeatMissing implements Rule
{
    public function check(Workings $workings): array
    {
        $people = $workings->of(LoadWorkings::class)->people;
        if (0 === $people->standing) {
            return [];
        }

        return [new Finding(
            LoadFinding::SeatMissing,
            [],
            new Measure((float) \count($people->taken), (float) $people->count(), ''),
            new SnagText('load.seat-missing.title', 'load.seat-missing.why', [
                'standing' => $people->standing,
                'people' => $people->count(),
                'each' => Amount::kg(PlannedSeat::PERSON_KG),
            ]),
            static fn (): array => self::proposals($workings, $people->standing),
            new LookAt('/use/crew', new Phrase('load.seat-missing.look')),
        )];
    }

    /** @return list<Fix> */
    private static function proposals(Workings $workings, int $missing): array
    {
        $seats = Seating::more($workings->plan, $missing);

        return \count($workings->plan->load->seats) + $missing > LoadPlan::MOST_SEATS ? [] : [
            new Fix(
                new Phrase('load.fix.add-seats', ['seats' => $missing]),
                PlanPatch::all(array_map(static fn (PlannedSeat $seat): PlanPatch => PlanPatch::append('/load/seats', $seat), $seats)),
            ),
        ];
    }
}
