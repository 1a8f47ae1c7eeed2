<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Network;

use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Network\LineInput;
use YardCask\Core\Network\LineLink;
use YardCask\Core\Network\LineOutlet;
use YardCask\Core\Network\LineSource;
use YardCask\Core\Network\LinkEnds;
use YardCask\Core\Network\LossLink;
use YardCask\Core\Network\PipeLink;
use YardCask\Core\Network\PumpLink;
use YardCask\Core\Network\RegulatorLink;
use YardCask\Core\Pipe\PipeInput;

/** Lines at random, the same for the same seed: a tank, a pump, branches and loops of pipes, filters and non-return valves, sometimes mains. */
final class RandomLines
{
    private readonly Randomizer $random;
    /** @var list<LineLink> */
    private array $links = [];

    private function __construct(
        int $seed,
        private readonly float $bores,
        private readonly float $pump,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @param bool $tree without loops, mains and what lets nothing back, with a pump that no fall outruns */
    public static function of(int $seed, bool $tree = false, float $bores = 1.0, float $pump = 1.0): LineInput
    {
        return (new self($seed, $bores, $pump))->line($tree);
    }

    private function line(bool $tree): LineInput
    {
        $count = $this->random->getInt(3, 30);
        $nodes = [];
        for ($node = 0; $node < $count; ++$node) {
            $nodes['n'.$node] = $this->between(0, 2);
        }
        $off = $this->random->getInt(0, 1) ? new LossLink(new LinkEnds('pump', 'n0', 'n1'), 10.0, 20.0, 2.0, true) : null;
        $this->links[] = new PumpLink(
            new LinkEnds('pump', 'n0', 'n1'),
            [
                [0.0, $this->pump * $this->between(150, 450)],
                [$this->between(2, 6), $this->pump * $this->between(100, 149)],
                [$tree ? 60.0 : $this->between(7, 14), 0.0],
            ],
            $tree || $this->random->getInt(0, 9) > 0,
            $off,
        );
        for ($node = 2; $node < $count; ++$node) {
            $this->join('n'.$this->random->getInt(1, $node - 1), 'n'.$node, $tree);
        }
        $sources = [new LineSource('n0', $this->between(0, 2.5), null)];
        if (!$tree) {
            for ($loop = $this->random->getInt(0, 3); $loop > 0; --$loop) {
                [$from, $to] = [$this->random->getInt(1, $count - 1), $this->random->getInt(1, $count - 1)];
                if ($from !== $to) {
                    $this->join('n'.$from, 'n'.$to, false);
                }
            }
            if (0 === $this->random->getInt(0, 2)) {
                $nodes += ['mains' => 0.5, 'inlet' => 0.5];
                $sources[] = new LineSource('mains', null, $this->between(100, 600));
                $this->links[] = new LossLink(new LinkEnds('mains-check', 'mains', 'inlet'), 12.0, 8.0, 2.0, true);
                $into = 'n'.$this->random->getInt(1, $count - 1);
                $this->links[] = $this->random->getInt(0, 3)
                    ? new RegulatorLink($this->between(100, 300), new LossLink(new LinkEnds('regulator', 'inlet', $into), 15.0, 40.0, 2.0, true))
                    : new PipeLink(new LinkEnds('mains-pipe', 'inlet', $into), new PipeInput(1.0, 12.0, 0.0, 2.0));
            }
        }
        $outlets = [];
        for ($outlet = $this->random->getInt($tree ? 1 : 0, 5); $outlet > 0; --$outlet) {
            $outlets[] = new LineOutlet(
                'o'.$outlet,
                'n'.$this->random->getInt(1, $count - 1),
                $this->between(2, 12),
                [0.0, 0.3, 1.0, 1.0][$this->random->getInt(0, 3)],
            );
        }

        return new LineInput(15.0, $nodes, $sources, $this->links, $outlets);
    }

    private function join(string $from, string $to, bool $openOnly): void
    {
        $ends = new LinkEnds('l'.\count($this->links), $from, $to);
        $kind = $this->random->getInt(0, 9);
        $this->links[] = match (true) {
            $kind < 6 || $openOnly => new PipeLink(
                $ends,
                new PipeInput(
                    $this->between(0.05, 8),
                    $this->bores * [6.0, 8.0, 10.0, 12.0, 13.0, 16.0, 19.0][$this->random->getInt(0, 6)],
                    0.0,
                    $this->between(0, 8),
                ),
            ),
            default => new LossLink(
                $ends,
                $this->between(4, 15),
                $this->between(2, 40),
                $kind < 8 ? [1.0, 1.5, 2.0][$this->random->getInt(0, 2)] : 2.0,
                $kind > 7,
            ),
        };
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1000) / 1000;
    }
}
