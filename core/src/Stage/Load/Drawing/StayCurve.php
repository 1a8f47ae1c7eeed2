<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** How the weights change over a stay: from brim full to used up, waste aboard, in equal steps, drawing from all tanks alike. */
final readonly class StayCurve implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private const STEPS = 24;
    private const NOTHING_KG = 0.05;

    /** @param list<StayLine> $limits what is left to each, in their order */
    private function __construct(
        /** “129 L drawn”. */
        public string $drawn,
        #[ListOf(StayLine::class)]
        public array $limits,
        /** Right less left wheels; null on trailer and boat. */
        public ?StayLine $side,
    ) {
    }

    /** Null where there is nothing to draw. */
    public static function of(Workings $workings): ?self
    {
        $load = $workings->of(LoadWorkings::class);
        $drawnL = $load->contents->drawableL(WaterKind::Fresh, true) + $load->contents->drawableL(WaterKind::Drinking, true);
        if ($drawnL <= 0) {
            return null;
        }
        $payloads = array_map(static fn (int $step): Payload => $load->payloadWith($load->contents->drawn($step / self::STEPS)), range(0, self::STEPS));
        $lines = [];
        foreach ($load->limits() as $index => $limit) {
            $kg = array_map(static fn (Payload $payload): float => $limit->limitKg - $payload->limits()[$index]->kgAt(1.0), $payloads);
            $lines[] = self::line($workings->wording->label(LimitWords::name($limit->name, $workings->rigWords)), $kg, true, $workings);
        }
        $side = array_map(static fn (Payload $payload): ?float => $payload instanceof RoadPayload ? $payload->sideDifferenceKg : null, $payloads);
        $known = array_values(array_filter($side, static fn (?float $kg): bool => null !== $kg));

        $side = [] === $known ? null : self::line($workings->wording->text('load.figure.side.label'), $known, false, $workings);

        return new self($workings->wording->text('load.curve.drawn', ['litres' => Amount::litres($drawnL)]), $lines, $side);
    }

    /** @param non-empty-list<float> $kg */
    private static function line(string $name, array $kg, bool $isLeft, Workings $workings): StayLine
    {
        $said = static fn (float $one): Phrase|string => $isLeft
            ? new Phrase('load.spare', ['kg' => Amount::kg(abs($one)), 'broken' => $one < -self::NOTHING_KG ? 'yes' : 'no'])
            : $workings->wording->kg($one);
        $text = $workings->wording->text('load.curve.ends', ['full' => $said($kg[0]), 'used' => $said($kg[\count($kg) - 1])]);

        return new StayLine($name, $text, $kg, $isLeft && min($kg) < -self::NOTHING_KG);
    }
}
