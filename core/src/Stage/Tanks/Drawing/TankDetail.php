<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\LevelsText;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Movement\Restraint;
use YardCask\Core\Stage\Tanks\Movement\Slosh;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** What only the Tanks stage shows of a tank, and what can be made of it there. */
final readonly class TankDetail implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<string> $handling
     * @param list<TiltSketch> $tilts
     * @param list<BayOption> $bays
     * @param list<ShapeOption> $shapes
     * @param list<SentFix> $fittings
     */
    private function __construct(
        /** How it is filled, drained and read. */
        #[ListOf('string')]
        public array $handling,
        /** Null on a boat. */
        public ?RestraintFigures $restraint,
        /** Null where there is nothing to slosh. */
        public ?string $sloshFigureId,
        /** Each tilt of its water; none if its shape is unknown or it travels empty. */
        #[ListOf(TiltSketch::class)]
        public array $tilts,
        #[ListOf(BayOption::class)]
        public array $bays,
        /** Each shape, with what it takes to be of it. */
        #[ListOf(ShapeOption::class)]
        public array $shapes,
        /** What can be added to it. */
        #[ListOf(SentFix::class)]
        public array $fittings,
        /** Its table as text, where it has one. */
        public ?string $table,
        /** A line more in that table. */
        public ?SentFix $addLevel,
        /** Turns it a quarter. */
        public PlanPatch $turn,
    ) {
    }

    public static function of(TankWorking $working, Workings $workings): self
    {
        $tank = $working->tank;
        $fittings = array_map(static fn (PortRole $role): ?Fix => PortProposal::addition($role, $working, $workings), PortRole::cases());
        $addLevel = LevelOffer::line($working->index, $workings->plan);

        return new self(
            handling: Handling::words($working, $workings),
            restraint: Restraint::of($working, $workings)?->figures(),
            sloshFigureId: null === Slosh::periodS($working, $workings) ? null : Slosh::figureId($working),
            tilts: TiltSketches::of($working, $workings),
            bays: self::bays($working, $workings->plan),
            shapes: array_map(static fn (PlannedShape $shape): ShapeOption => ShapeOption::of($shape, $working, $workings->plan), PlannedShape::cases()),
            fittings: SentFix::all(array_values(array_filter($fittings, static fn (?Fix $fix): bool => null !== $fix)), $workings->wording),
            table: PlannedShape::Profile === $tank->shape ? LevelsText::write($tank, $workings->plan->units) : null,
            addLevel: null === $addLevel ? null : SentFix::of($addLevel, $workings->wording),
            turn: FreePlace::place($working, $tank->turned()),
        );
    }

    /** @return list<BayOption> each bay in which it can stand: at the nearest place that is free in it, or else in its corner */
    private static function bays(TankWorking $working, Plan $plan): array
    {
        $tank = $working->tank;
        $own = $plan->bayOf($tank);
        $options = [];
        foreach ($plan->bays as $bay) {
            $there = $own === $bay ? $tank : PlaceInBay::nearest($tank, $bay, $plan) ?? PlaceInBay::cornered($tank, $bay, $plan);
            if (PlaceInBay::isSayable($there)) {
                $options[] = new BayOption($bay->id, $bay->name, FreePlace::place($working, $there));
            }
        }

        return $options;
    }
}
