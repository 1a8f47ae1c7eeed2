<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\PumpStarts;

/** A pump with another accumulator, charged for its cut-in: it replaces the present one, or is added. */
final class VesselDraft
{
    /** @return LineDraft|null null where no pipe leads from the pump */
    public static function with(StockPart $vessel, PumpStarts $now, Workings $workings): ?LineDraft
    {
        $charged = PartFields::changed(
            $vessel,
            ['figures' => PartFields::changed($vessel->figures, ['prechargeKpa' => $now->result->recommendedPrechargeKpa])],
        );
        $draft = LineDraft::of($workings->plan);
        if (null !== $now->vessel) {
            return $draft->swapped($now->vessel, $charged);
        }
        $pipe = $workings->of(LineWorkings::class)->graph->pipeAt($now->pump, $now->pump->leavesAt());

        return null === $pipe ? null : $draft->into($pipe->pipe, $charged);
    }
}
