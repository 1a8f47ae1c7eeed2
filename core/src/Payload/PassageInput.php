<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;

/** A vehicle or trailer while its tanks are drawn down from full to used up and the waste tanks fill. */
final readonly class PassageInput
{
    /**
     * @param RoadRig|TrailerRig $rig without its tanks
     * @param list<PassageTank> $tanks
     * @param list<WasteTank> $waste whose shares together are at most 1
     */
    public function __construct(
        public RoadRig|TrailerRig $rig,
        public array $tanks,
        public array $waste,
        public Draw $draw = Draw::Together,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $kind = $in->choice('kind', [RigKind::Road, RigKind::Trailer]);
        $in->throwIfFailed();
        $rig = RigKind::Road === $kind ? RoadRig::readOpen($in, []) : TrailerRig::readOpen($in, []);
        $input = new self(
            $rig,
            array_map(PassageTank::read(...), $in->objects('tanks', 1000)),
            array_map(WasteTank::read(...), $in->objects('waste', 1000)),
            $in->choice('draw', Draw::cases(), Draw::Together),
        );
        if (!$in->failed() && array_sum(array_map(static fn (WasteTank $tank): float => $tank->share, $input->waste)) > 1 + 1e-9) {
            $in->fail('waste', 'The shares of the waste tanks add up to more than 1: more would come to them than is used.');
        }
        $names = array_map(static fn (WasteTank $tank): string => $tank->name, $input->waste);
        if (!$in->failed() && $names !== array_unique($names)) {
            $in->fail('waste', 'Two waste tanks have the same name; the answer goes by their names.');
        }
        $in->finish();

        return $input;
    }
}
