<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Trim;

use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Stage\Load\LoadTerms;
use YardCask\Core\Stage\Load\Shared\BoatHeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;

/** What goes into the sums of a boat's stability. */
final readonly class StabilityTerms
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private LoadTerms $terms,
        private PlannedBoat $rig,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /** Σ 1000 kg/m³ · length · width³ ÷ 12 ÷ displacement, of the tanks that are slack. */
    public function freeSurface(RigState $state): SumOf
    {
        $litres = $this->load->contents->in($state);
        $parts = $terms = [];
        foreach ($this->workings->of(TanksWorkings::class)->all() as $working) {
            if (LoadWorkings::isSlack($litres[$working->index], $working)) {
                $n = $working->index;
                $parts[] = \sprintf('(l%1$d / 1000) * (b%1$d / 1000) ** 3', $n);
                $label = fn (string $key): string => $this->words($key, ['tank' => $working->tank->name]);
                $terms[] = SumTerm::constant('l'.$n, $label('load.sum.tank-length'), Amount::mm($working->tank->rowMm()));
                $terms[] = SumTerm::field('b'.$n, $label('load.sum.tank-width'), Amount::mm($working->tank->widthMm), $working->pointer().'/width_mm');
            }
        }

        return new SumOf('1000 / 12 * sum('.implode(', ', $parts).') / displacement', [...$terms, SumTerm::figure('displacement', 'load.displacement')]);
    }

    /** What the heights of what is aboard change. */
    public function heights(): SumOf
    {
        $moments = $this->terms->moments('z_m', RigState::Travelling, 'm%1$d * (draught - gm - x%1$d) / 1000');

        return new SumOf($moments->expression.' / displacement', [
            ...$moments->terms,
            SumTerm::field('draught', $this->words('load.sum.draught'), Amount::mm(1000 * ($this->rig->draughtM ?? 0.0)), '/load/rig/draught_m'),
            SumTerm::field('gm', $this->words('load.sum.gm'), Amount::mm(1000 * $this->rig->gmM), '/load/rig/gm_m'),
            SumTerm::figure('displacement', 'load.displacement'),
        ]);
    }

    /** The metacentric height that is left as she travels. */
    public function left(): SumOf
    {
        $surface = SumTerm::figure('surface', 'load.free_surface');

        return null === $this->rig->draughtM
            ? new SumOf('gm - surface', [$this->gm(), $surface])
            : new SumOf('gm - surface + heights', [$this->gm(), $surface, SumTerm::figure('heights', 'load.gm_heights')]);
    }

    /** The same in another state. */
    public function leftIn(RigState $state): SumOf
    {
        $surface = SumTerm::constant('surface', $this->words('load.sum.surface'), Amount::metres($this->boat($state)->freeSurfaceM));
        if (null === $this->rig->draughtM) {
            return new SumOf('gm - surface', [$this->gm(), $surface]);
        }
        $changeM = BoatHeights::gmChangeM($this->rig, $this->load->plan, $this->load->people, $this->load->line, $this->load->contents->in($state));

        return new SumOf(
            'gm - surface + heights',
            [$this->gm(), $surface, SumTerm::constant('heights', $this->words('load.sum.heights'), Amount::metres($changeM))],
        );
    }

    /** In degrees, by tan heel = Σ weight · place across ÷ (displacement · GM left). */
    public function heel(RigState $state): SumOf
    {
        $boat = $this->boat($state);
        $moments = $this->terms->moments('y_m', $state, 'm%1$d * x%1$d / 1000');
        $displacementKg = $this->rig->displacementKg + $boat->load->kgAt(1.0);

        return new SumOf('atan('.$moments->expression.' / (displacement * left)) * 180 / pi', [
            ...$moments->terms,
            SumTerm::constant('displacement', $this->words('load.sum.loaded'), Amount::kg($displacementKg)),
            SumTerm::constant('left', $this->words('load.sum.gm-left'), Amount::metres($boat->gmEffectiveM)),
        ]);
    }

    private function gm(): SumTerm
    {
        return SumTerm::field('gm', $this->words('load.sum.gm'), Amount::metres($this->rig->gmM), '/load/rig/gm_m');
    }

    private function boat(RigState $state): BoatPayload
    {
        $boat = $this->load->payloadIn($state);

        return $boat instanceof BoatPayload ? $boat : throw new \LogicException('Only a boat has stability.');
    }

    /** @param array<string, string> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
