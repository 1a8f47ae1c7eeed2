<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\AdapterFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Joint\Adapter;
use YardCask\Core\Joint\AdapterChain;
use YardCask\Core\Joint\ChainSearch;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Shared\PipePeaks;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Words\Phrase;

/** What puts adapters between ends that do not meet. */
final class JoinFixes
{
    /** @var array<string, ChainSearch> by the adapters that stand the pressure and the heat there, and whether there is any */
    private array $searches = [];
    /** @var array<string, array{Adapter, StockFitting}>|null by id */
    private ?array $adapters = null;

    public function __construct(private readonly Workings $workings)
    {
    }

    /**
     * @param list<JudgedJoint> $joints of pipes
     *
     * @return list<Fix> all of them joined by the cheapest chains, and by the shortest where those are others; none where one cannot be joined
     */
    public function all(array $joints): array
    {
        $cheapest = array_map(fn (JudgedJoint $one): ?AdapterChain => $this->chain($one, true), $joints);
        $fewest = array_map(fn (JudgedJoint $one): ?AdapterChain => $this->chain($one, false), $joints);
        $ids = static fn (?AdapterChain $one): ?array => $one?->ids();
        $isSame = array_map($ids, $cheapest) === array_map($ids, $fewest);

        return [
            ...$this->fitted($joints, $cheapest, 'parts.fix.adapters'),
            ...$isSame ? [] : $this->fitted($joints, $fewest, 'parts.fix.adapters.fewest'),
        ];
    }

    /** @return AdapterChain|null null where nothing joins them, or one of them is not measured */
    public function chain(JudgedJoint $joint, bool $isCheapest): ?AdapterChain
    {
        [$tube, $port] = [$joint->tube, $joint->port];
        if (null === $tube?->end || null === $port?->end) {
            return null;
        }
        $search = $this->search($joint);

        return $isCheapest ? $search->cheapest($tube, $port) : $search->fewest($tube, $port);
    }

    /** @return list<PlannedAdapter> of a chain, under free ids */
    public function planned(AdapterChain $chain): array
    {
        return $this->adaptersOf($chain, FreeId::several('adapter', \count($chain->links), $this->workings->plan));
    }

    /**
     * @param list<JudgedJoint> $joints
     * @param list<AdapterChain|null> $chains
     *
     * @return list<Fix>
     */
    private function fitted(array $joints, array $chains, string $label): array
    {
        $known = array_values(array_filter($chains));
        if ([] === $known || \count($known) < \count($joints)) {
            return [];
        }
        $count = array_sum(array_map(static fn (AdapterChain $one): int => \count($one->links), $known));
        $ids = FreeId::several('adapter', $count, $this->workings->plan);
        $patches = [];
        foreach ($known as $index => $chain) {
            $own = array_splice($ids, 0, \count($chain->links));
            $patches[] = PlanPatch::set($joints[$index]->pointer, new PlannedJoint($this->adaptersOf($chain, $own)), $joints[$index]->isPlanned());
        }
        $price = (string) ceil(array_sum(array_column($known, 'price')));

        return [new Fix(new Phrase($label, ['adapters' => $count, 'price' => $price]), PlanPatch::all($patches))];
    }

    /**
     * @param list<string> $ids
     *
     * @return list<PlannedAdapter>
     */
    private function adaptersOf(AdapterChain $chain, array $ids): array
    {
        $adapters = [];
        foreach ($chain->links as $index => [$adapter, $isTurned]) {
            $adapters[] = $this->adapters()[$adapter->id][1]->planned($ids[$index], $isTurned);
        }

        return $adapters;
    }

    private function search(JudgedJoint $joint): ChainSearch
    {
        [$kpa, $c] = $this->workings->of(PipePeaks::class)->peaks[$joint->pipeId()] ?? [0.0, 0.0];
        $fit = array_filter($this->adapters(), static function (array $one) use ($kpa, $c): bool {
            $figures = $one[1]->figures;

            return $figures instanceof AdapterFigures && $figures->foodGrade && $figures->ratingKpa >= $kpa && $figures->ratingC >= $c;
        });

        $key = ($joint->isUnderPressure ? 'pressed ' : 'drawn ').implode(' ', array_keys($fit));

        return $this->searches[$key] ??= new ChainSearch(array_column($fit, 0), $joint->isUnderPressure);
    }

    /** @return array<string, array{Adapter, StockFitting}> by id */
    private function adapters(): array
    {
        if (null === $this->adapters) {
            $this->adapters = [];
            foreach ($this->workings->stock->fittings() as $id => $fitting) {
                if ($fitting->figures instanceof AdapterFigures) {
                    $ends = PortEnds::read($fitting->figures->ends);
                    [$near, $far] = [$ends[PlannedAdapter::NEAR] ?? null, $ends[PlannedAdapter::FAR] ?? null];
                    if (null !== $near && null !== $far) {
                        $this->adapters[$id] = [new Adapter($id, $near, $far, $fitting->price), $fitting];
                    }
                }
            }
        }

        return $this->adapters;
    }
}
