<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\SealantFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Joint\End;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\Meeting;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Words\Phrase;

/** The adapters, and what makes each meeting tight: clamps and rings, inserts, washers, tape and cement. */
final readonly class JointItems
{
    /** Tape goes as far as a pack says; a washer for each thread with a flat seat. */
    private const WASHERS = ['3/8' => 'washer-3-8', '1/2' => 'washer-1-2', '3/4' => 'washer-3-4', '1' => 'washer-1', '1 1/2' => 'washer-1-1-2'];
    private const INSERT_OFF_MM = 0.2;

    private function __construct(
        private Basket $basket,
        private FittingChoice $choice,
    ) {
    }

    public static function addTo(Basket $basket, Workings $workings): void
    {
        $items = new self($basket, FittingChoice::in($workings));
        $places = self::places($workings);
        foreach ($workings->of(PlanJoints::class)->all as $joint) {
            foreach ($joint->adapters as $adapter) {
                // The line is weighed with its adapters.
                $items->add(null === $adapter->stock ? null : $items->choice->called($adapter->stock), 1.0, $joint->at, null);
            }
            foreach ($joint->meetings as $index => $meeting) {
                if (Verdict::Tight === $meeting->verdict && null !== $meeting->a?->end && null !== $meeting->b?->end) {
                    $items->seal($meeting, 0 === $index, $joint, $places[$joint->id]);
                }
            }
        }
    }

    /** @return array<string, FittedAt> where each joint is, by its id */
    private static function places(Workings $workings): array
    {
        $places = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            $places[$ending->jointId()] = FittedAt::ending($ending);
        }
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            if (null !== $run->run) {
                $points = $run->points();
                $places[$run->run->id.'.from'] = FittedAt::hose($run->tank->tank, $points[0]);
                $places[$run->run->id.'.to'] = FittedAt::hose($run->tank->tank, $points[array_key_last($points)]);
            }
        }

        return $places;
    }

    /** @param bool $isTube whether the pipe itself meets something there, and not one of its adapters */
    private function seal(Meeting $meeting, bool $isTube, JudgedJoint $joint, FittedAt $place): void
    {
        [$a, $b] = [$meeting->a?->end, $meeting->b?->end];
        $hose = self::of(EndSystem::Hose, $a, $b);
        $ridgeMm = (self::of(EndSystem::Barb, $a, $b) ?? self::of(EndSystem::Tube, $a, $b))?->outerMm;
        $at = $joint->at;
        if (null !== $hose && null !== $ridgeMm) {
            $kind = JoiningMethod::Crimp === $joint->methodOf($meeting) ? FittingKind::Ring : FittingKind::Clamp;
            $outerMm = $ridgeMm + PipeClips::HOSE_WALLS_MM;
            $this->add($this->choice->band($kind, $outerMm) ?? $this->choice->band(FittingKind::Clamp, $outerMm), 1.0, $at, $place);
        }
        $crimp = self::of(EndSystem::Crimp, $a, $b);
        if (null !== $crimp) {
            $this->add($this->choice->band(FittingKind::CrimpRing, (float) $crimp->nominal), 1.0, $at, $place);
        }
        $push = self::of(EndSystem::Push, $a, $b);
        if (null !== $push && $isTube) {
            $this->add($this->choice->forTube(FittingKind::Insert, (float) $push->outerMm, self::INSERT_OFF_MM), 1.0, $at, $place);
        }
        if (null !== self::of(EndSystem::Solvent, $a, $b)) {
            $this->share($this->choice->any(FittingKind::Cement), $at);
        }
        $thread = self::of(EndSystem::Thread, $a, $b);
        if (null !== $thread && 'a washer' === $meeting->joint?->with) {
            $this->add($this->choice->called(self::WASHERS[$thread->size ?? ''] ?? ''), 1.0, $at, $place);
        } elseif (null !== $thread) {
            $this->share($this->choice->any(FittingKind::Tape), $at);
        }
    }

    /** One of which is enough for several joints. */
    private function share(?StockFitting $fitting, Phrase $at): void
    {
        $this->add($fitting, 1 / ($fitting?->figures instanceof SealantFigures ? $fitting->figures->joints : 1.0), $at, null);
    }

    private function add(?StockFitting $fitting, float $amount, Phrase $at, ?FittedAt $place): void
    {
        if (null !== $fitting) {
            $this->basket->add(Item::fitting($fitting), $amount, $at, $place);
        }
    }

    private static function of(EndSystem $system, ?End ...$ends): ?End
    {
        foreach ($ends as $end) {
            if ($system === $end?->system) {
                return $end;
            }
        }

        return null;
    }
}
