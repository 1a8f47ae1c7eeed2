<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** Whether two ends go together, and what makes them tight; by their dimensions, never by their names. */
final class JointCalculator
{
    /** Under pressure a hose that is stretched by less slips off. A rule of thumb, as are the greatest stretches. */
    private const LEAST_STRETCH = 0.02;
    /** Of tubes and what takes them, in mm. A rule of thumb: half of what such fittings allow. */
    private const TOLERANCE_MM = 0.15;
    private const LOOSE_MM = 0.6;
    private const NOTHING = 1e-9;
    private const TRADE = 'rule of thumb';
    private const TAPE = 'tape or paste';
    private const CLAMP = 'a clamp or ring';

    public static function calculate(JointInput $input): Joint
    {
        [$a, $b] = [$input->a, $input->b];

        return self::ordered($a, $b, $input->isUnderPressure)
            ?? self::ordered($b, $a, $input->isUnderPressure)
            ?? Joint::no('These two are not made for each other.', self::TRADE);
    }

    /** Null where they are no such pair in this order. */
    private static function ordered(End $a, End $b, bool $isUnderPressure): ?Joint
    {
        return match ([$a->system, $b->system]) {
            [EndSystem::Thread, EndSystem::Thread] => self::threads($a, $b),
            [EndSystem::Barb, EndSystem::Hose] => self::overBarb($a, $b, $isUnderPressure),
            [EndSystem::Tube, EndSystem::Hose] => self::overTube($a, $b, $isUnderPressure),
            [EndSystem::Tube, EndSystem::Push], [EndSystem::Tube, EndSystem::Grommet],
            [EndSystem::Tube, EndSystem::Compression], [EndSystem::Tube, EndSystem::Solvent] => self::tubeIn($a, $b),
            [EndSystem::CrimpTube, EndSystem::Crimp] => $a->nominal === $b->nominal
                ? Joint::sealed('a ring', 'One nominal size, with the ring of its system.', 'nominal sizes')
                : Joint::no('Two nominal sizes: no ring makes one of them the other.', 'nominal sizes'),
            [EndSystem::Own, EndSystem::Own] => $a->family === $b->family && $a->side !== $b->side
                ? Joint::fits('Plug and socket of one family.', 'its maker')
                : Joint::no('A coupling fits only the other side of its own family.', 'its maker'),
            default => null,
        };
    }

    private static function threads(End $a, End $b): ?Joint
    {
        // The male one first, so that it is said alike in either order.
        if ([$b->sex?->value, $a->standard?->value] > [$a->sex?->value, $b->standard?->value]) {
            [$a, $b] = [$b, $a];
        }
        [$of, $with] = [$a->standard, $b->standard];
        if (null === $of || null === $with || null === $a->size || null === $b->size) {
            return null;
        }
        $source = $of === $with ? $of->source() : $of->source().', '.$with->source();
        if ($a->sex === $b->sex) {
            return Joint::no('Two threads of one sex never go together.', $source);
        }
        if ($of === $with && $a->size === $b->size) {
            return match (true) {
                ThreadStandard::AsmeB1207 === $of => Joint::sealed('a washer', 'A washer in the female side seals it.', $source),
                $of->isTapered() => Joint::sealed(self::TAPE, 'Tapered threads jam, and tape or paste fills what is left between them.', $source),
                $a->isFlat || $b->isFlat => Joint::sealed('a washer', 'A parallel thread only holds; a washer on the flat seat seals it.', $source),
                default => Joint::leaks(
                    'A parallel thread does not seal by itself, and neither side has a flat seat for a washer.',
                    $source,
                ),
            };
        }

        return match (true) {
            \in_array(ThreadStandard::AsmeB1207, [$of, $with], true) => Joint::no(
                'A garden hose thread has 11.5 threads an inch, and goes with no other.',
                $source,
            ),
            $a->size !== $b->size => Joint::no('Two sizes.', $source),
            !\in_array(ThreadStandard::AsmeB1201, [$of, $with], true) => ThreadStandard::Iso7 === $of
                ? Joint::sealed(self::TAPE, 'A tapered male thread jams in a parallel female one of the same standard family.', $source)
                : Joint::leaks('A parallel male thread stays loose in a tapered female one.', $source),
            $of->tpi($a->size) === $with->tpi($b->size) => Joint::leaks(
                'They look alike and go together for a few turns: one pitch, but flanks of 55° against 60°. No tape makes that tight for long.',
                $source,
            ),
            default => Joint::no(\sprintf('%s against %s threads an inch.', $of->tpi($a->size), $with->tpi($b->size)), $source),
        };
    }

    private static function overBarb(End $barb, End $hose, bool $isUnderPressure): Joint
    {
        $gapMm = (float) $barb->outerMm - (float) $hose->innerMm;
        $stretch = $gapMm / (float) $hose->innerMm;
        $mostStretch = $hose->wall?->mostStretch() ?? 0.0;

        return match (true) {
            $stretch < ($isUnderPressure ? self::LEAST_STRETCH : 0.0) - self::NOTHING => Joint::leaks(
                'The hose is too wide for it: a clamp closes on air.',
                self::TRADE,
                $gapMm,
            ),
            $stretch <= $mostStretch + self::NOTHING => Joint::sealed(
                self::CLAMP,
                'The hose is stretched over the ridge, and a clamp or ring holds it there.',
                self::TRADE,
                $gapMm,
            ),
            default => Joint::no('The hose does not go over it without splitting.', self::TRADE, $gapMm),
        };
    }

    /** Over a smooth tube nothing holds the hose but the clamp. */
    private static function overTube(End $tube, End $hose, bool $isUnderPressure): Joint
    {
        $over = self::overBarb($tube, $hose, $isUnderPressure);
        if (!$isUnderPressure || Fit::No === $over->fit) {
            return $over;
        }

        return HoseWall::Soft === $hose->wall
            ? Joint::leaks('There is no ridge: under pressure the hose creeps off the smooth tube.', self::TRADE, $over->gapMm)
            : Joint::no('There is no ridge, and this hose does not close on a smooth tube.', self::TRADE, $over->gapMm);
    }

    private static function tubeIn(End $tube, End $socket): Joint
    {
        $gapMm = (float) $socket->outerMm - (float) $tube->outerMm;
        $fits = abs($gapMm) <= self::TOLERANCE_MM + self::NOTHING;

        return match (true) {
            $fits && EndSystem::Compression === $socket->system => Joint::sealed('a ring', 'Its ring is pressed onto the tube.', self::TRADE, $gapMm),
            $fits && EndSystem::Solvent === $socket->system => Joint::sealed('cement', 'Cement welds tube and socket.', self::TRADE, $gapMm),
            $fits => Joint::fits('It is made for a tube of this size.', self::TRADE, $gapMm),
            $gapMm > 0 && $gapMm <= self::LOOSE_MM + self::NOTHING => Joint::leaks(
                'The tube is a little too thin: it goes in and does not hold.',
                self::TRADE,
                $gapMm,
            ),
            $gapMm > 0 => Joint::no('The tube is too thin for it.', self::TRADE, $gapMm),
            default => Joint::no('The tube is too thick for it.', self::TRADE, $gapMm),
        };
    }
}
