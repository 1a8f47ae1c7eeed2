<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\FilterService;
use YardCask\Core\Stage\Line\LineFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\OutletSupply;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Line\Solve\StoreHeat;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;

/** What is said of each outlet and of each filter. */
final readonly class LineCards
{
    private LineWorkings $line;

    public function __construct(private Workings $workings)
    {
        $this->line = $workings->of(LineWorkings::class);
    }

    /** @return list<OutletCard> */
    public function outlets(): array
    {
        $wording = $this->workings->wording;
        $cards = [];
        foreach ($this->workings->plan->line->parts as $index => $part) {
            if (!$part->kind->isOutlet()) {
                continue;
            }
            $one = $this->line->alone($part)->outlets[$part->id];
            $range = $wording->text(
                'line.outlet.range',
                ['at' => SceneDrawing::at($one), 'least' => Amount::flow($one->figures->leastLpm), 'most' => Amount::flow($one->figures->mostLpm)],
            );
            $tanks = OutletSupply::of($part, $this->workings)->names();
            $cards[] = new OutletCard(
                id: $part->id,
                name: $part->name,
                figureId: OutletFlows::figureId($part->id),
                words: $range,
                draws: $wording->text('line.outlet.draws', ['drawn' => [] === $tanks ? 'no' : 'yes', 'tanks' => $tanks]),
                drawnFigureId: LineFigures::drawnId($part),
                usual: UsualWants::words($part->kind, $wording),
                hot: $this->hot($part),
                enough: $one->isEnough(),
                together: true === $part->together,
                togetherPointer: '/line/parts/'.$index.'/together',
            );
        }

        return $cards;
    }

    /** @return list<FilterCard> */
    public function filters(): array
    {
        $cards = [];
        foreach ($this->line->graph->parts(PartKind::Filter) as $part) {
            $service = FilterService::of($part, $this->workings);
            if (null !== $service) {
                $words = $this->workings->wording->text('line.filter.service', [
                    'passes' => $service->passes(),
                    'litres' => Amount::litres($service->litresADay()),
                ]);
                $cards[] = new FilterCard($part->id, $words, LineFigures::lastsId($part));
            }
        }

        return $cards;
    }

    private function hot(PlannedPart $part): string
    {
        $hot = HotOutlet::of($part, $this->line);
        if (null === $hot) {
            return '';
        }

        $heat = StoreHeat::of($hot->figures);

        return $this->workings->wording->text('line.outlet.hot', [
            'wait' => Amount::litres($hot->waitL),
            'timed' => null === $hot->waitS ? 'no' : 'yes',
            'seconds' => (string) round($hot->waitS ?? 0.0),
            'hottest' => Amount::temperature($hot->hottestC),
            'stores' => null === $hot->bestMinutes || null === $hot->leastMinutes ? 'no' : 'yes',
            'least' => Amount::minutes($hot->leastMinutes ?? 0.0),
            'best' => Amount::minutes($hot->bestMinutes ?? 0.0),
            'heats' => Amount::minutes($heat->minutes),
            'amp_hours' => (string) round($heat->ampHours),
            'hours' => (string) round($heat->warmHours),
            'warm' => Amount::temperature(WarmWater::COMFORT_C),
            'exchanges' => null === $hot->trickleC ? 'no' : 'yes',
            'trickle' => Amount::flow(PumpStarts::TRICKLE_LPM),
            'hot' => Amount::temperature($hot->trickleC ?? 0.0),
        ]);
    }
}
