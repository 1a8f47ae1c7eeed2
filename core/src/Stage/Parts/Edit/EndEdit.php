<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Joint\End;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Words\Phrasebook;

/** Somebody says what an end of a joint is, as they have measured it. */
final class EndEdit
{
    /**
     * @param mixed $edit decoded JSON, objects as stdClass: {"joint": "pipe-3.from", "side": "port", "end": {"system": "barb", "outer_mm": 13.8}}
     *
     * @throws InvalidInput with what is wrong with it
     */
    public static function patch(mixed $edit, Plan $plan): PlanPatch
    {
        $in = InputReader::of($edit);
        $id = $in->text('joint', 2 * Id::MAX_LENGTH);
        $side = $in->choice('side', EndSide::cases());
        $end = End::read($in->object('end'));
        $in->finish();
        $in->throwIfInvalid();
        foreach (Workings::over($plan)->of(PlanJoints::class)->all as $joint) {
            if ($id === $joint->id) {
                $placed = EndSide::Tube === $side ? $joint->tubeEnd : $joint->portEnd;

                return $placed->changed(PortEnd::of($end))->withTests($plan);
            }
        }
        throw InvalidInput::at('/joint', Phrasebook::english()->fill('parts.input.no-joint', ['id' => $id]));
    }
}
