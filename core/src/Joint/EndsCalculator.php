<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What an end is that somebody holds in the hand: every thread, tube and barb whose dimensions come near what was measured. */
final class EndsCalculator
{
    private const THREAD_MM = 0.7;
    private const THREAD_TPI = 0.6;
    private const TUBE_MM = 0.3;
    private const NOTHING = 1e-9;
    /** Tubes that are sold, in mm over all: metric, then 1/4 to 1 1/8 inch. */
    private const TUBES = [6.0, 8.0, 10.0, 12.0, 15.0, 16.0, 18.0, 20.0, 22.0, 25.0, 26.0, 28.0, 32.0, 6.35, 9.525, 12.7, 15.875, 22.225, 28.575];
    /** Hoses that are sold, by their bore in mm: metric, then 1/4 to 1 1/2 inch. */
    private const HOSES = [6.0, 8.0, 10.0, 12.0, 13.0, 15.0, 16.0, 19.0, 20.0, 25.0, 30.0, 32.0, 35.0, 38.0, 40.0, 6.35, 9.525, 12.7, 19.05, 25.4, 38.1];

    public static function calculate(EndsInput $measured): EndCandidates
    {
        $all = self::threads($measured);
        // What was found to have a pitch, to narrow, or to be hollow, is neither tube nor barb.
        if (Sex::Male === $measured->sex && null === $measured->tpi && null === $measured->isTapered) {
            array_push($all, ...self::tubes($measured->mm), ...self::barbs($measured->mm));
        }
        usort($all, static fn (EndCandidate $a, EndCandidate $b): int => [abs($a->offTpi ?? 0.0), abs($a->offMm)] <=> [abs($b->offTpi ?? 0.0), abs($b->offMm)]);

        return new EndCandidates($all);
    }

    /** @return list<EndCandidate> */
    private static function threads(EndsInput $measured): array
    {
        $found = [];
        foreach (ThreadStandard::cases() as $standard) {
            if (null !== $measured->isTapered && $measured->isTapered !== $standard->isTapered()) {
                continue;
            }
            foreach ($standard->sizes() as $size) {
                $offMm = $measured->mm - $standard->crestMm($size, $measured->sex);
                $offTpi = null === $measured->tpi ? null : $measured->tpi - $standard->tpi($size);
                if (abs($offMm) <= self::THREAD_MM + self::NOTHING && abs($offTpi ?? 0.0) <= self::THREAD_TPI + self::NOTHING) {
                    $found[] = new EndCandidate(End::thread($standard, $size, $measured->sex), $offMm, $offTpi);
                }
            }
        }

        return $found;
    }

    /** @return list<EndCandidate> */
    private static function tubes(float $mm): array
    {
        $near = array_filter(self::TUBES, static fn (float $one): bool => abs($mm - $one) <= self::TUBE_MM + self::NOTHING);

        return array_map(static fn (float $one): EndCandidate => new EndCandidate(End::tube($one), $mm - $one), array_values($near));
    }

    /** @return list<EndCandidate> for each hose that a clamp would hold on it */
    private static function barbs(float $mm): array
    {
        $barb = End::barb($mm);
        $holds = static fn (float $bore): bool => Fit::Sealed === JointCalculator::calculate(new JointInput($barb, End::hose($bore, HoseWall::Braided)))->fit;

        return array_map(
            static fn (float $bore): EndCandidate => new EndCandidate($barb, $mm - $bore, hoseMm: $bore),
            array_values(array_filter(self::HOSES, $holds)),
        );
    }
}
