<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Pipe\PipeInput;

/** A network of nodes at their heights and what joins them; loops are allowed. */
final readonly class LineInput
{
    private const MOST = 1000;

    /**
     * @param array<string, float> $nodes heights in m, by id
     * @param list<LineSource> $sources
     * @param list<LineLink> $links
     * @param list<LineOutlet> $outlets
     */
    public function __construct(
        public float $waterC,
        public array $nodes,
        public array $sources,
        public array $links,
        public array $outlets,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $water = $in->number('water_c', Range::between(0, 100), PipeInput::COLD_C);
        $nodes = self::readNodes($in);
        $input = new self(
            $water,
            $nodes,
            array_map(LineSource::read(...), $in->objects('sources', self::MOST)),
            array_map(static fn (InputReader $one): LineLink => self::readLink($one, $water), $in->objects('links', self::MOST)),
            array_map(LineOutlet::read(...), $in->objects('outlets', self::MOST)),
        );
        $in->finish();
        if (!$in->failed()) {
            $input->checkNames($in);
        }

        return $input;
    }

    /** @return array<string, float> */
    private static function readNodes(InputReader $in): array
    {
        $nodes = [];
        foreach ($in->objects('nodes', self::MOST) as $one) {
            $id = $one->text('id', LinkEnds::LONGEST_ID);
            if (isset($nodes[$id])) {
                $one->fail('id', \sprintf('Another node is called “%s”.', $id));
            }
            $nodes[$id] = $one->number('z_m', Range::any());
            $one->finish();
        }

        return $nodes;
    }

    private static function readLink(InputReader $in, float $waterC): LineLink
    {
        $kind = $in->choice('kind', LinkKind::cases());
        $ends = LinkEnds::read($in);
        // Which figures belong here depends on the kind.
        $in->throwIfFailed();

        return match ($kind) {
            LinkKind::Pipe => PipeLink::read($ends, $in, $waterC),
            LinkKind::Loss => LossLink::readLoss($ends, $in),
            LinkKind::Check => LossLink::readCheck($ends, $in),
            LinkKind::Pump => PumpLink::read($ends, $in),
            LinkKind::Regulator => RegulatorLink::read($ends, $in),
        };
    }

    private function checkNames(InputReader $in): void
    {
        $known = function (string $node, string $at) use ($in): void {
            if (!isset($this->nodes[$node])) {
                $in->fail($at, \sprintf('There is no node “%s”.', $node));
            }
        };
        $ids = [];
        foreach ($this->links as $index => $link) {
            $ends = $link->ends();
            $known($ends->from, 'links/'.$index.'/from');
            $known($ends->to, 'links/'.$index.'/to');
            if ($ends->from === $ends->to) {
                $in->fail('links/'.$index.'/to', 'A link leads from one node to another.');
            }
            if (isset($ids[$ends->id])) {
                $in->fail('links/'.$index.'/id', \sprintf('Another link is called “%s”.', $ends->id));
            }
            $ids[$ends->id] = true;
        }
        $fed = [];
        foreach ($this->sources as $index => $source) {
            $known($source->node, 'sources/'.$index.'/node');
            if (isset($fed[$source->node])) {
                $in->fail('sources/'.$index.'/node', \sprintf('The node “%s” has another source.', $source->node));
            }
            $fed[$source->node] = true;
        }
        $taps = [];
        foreach ($this->outlets as $index => $outlet) {
            $known($outlet->node, 'outlets/'.$index.'/node');
            if (isset($taps[$outlet->id])) {
                $in->fail('outlets/'.$index.'/id', \sprintf('Another outlet is called “%s”.', $outlet->id));
            }
            $taps[$outlet->id] = true;
        }
    }
}
