<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Stage\Parts\Joints\UsedMethods;
use YardCask\Core\Words\Amount;

/** A way in which joints of the plan are held, and what it asks of whoever makes them. */
final readonly class MethodRow implements Sent
{
    private const COLD_C = 20.0;
    private const HOT_C = 90.0;

    private function __construct(
        /** “12 by crimped rings”. */
        public string $name,
        /** With what it costs; empty where the catalogue has none. */
        public string $tool,
        /** What can be said of it: whether it comes apart again, what shaking does to it. */
        public string $habits,
        /** Against pressure, cold and hot. */
        public string $holds,
    ) {
    }

    /** @return list<self> */
    public static function all(Workings $workings): array
    {
        $rows = [];
        foreach (UsedMethods::counted($workings) as $value => $count) {
            $method = JoiningMethod::from($value);
            $tool = UsedMethods::tool($method, $workings->stock);
            $rows[] = new self(
                $workings->wording->text('parts.method', ['count' => $count, 'method' => $method->word()]),
                null === $tool ? '' : $workings->wording->text('parts.method.tool', [
                    'tool' => $workings->wording->catalogueName($tool->name),
                    'price' => number_format($tool->price, 0),
                ]),
                $workings->wording->text('parts.method.habits', ['by' => $value]),
                $workings->wording->text('parts.method.holds', [
                    'pressure' => Amount::pressure($method->holdsKpa(self::COLD_C)),
                    'pressure_hot' => Amount::pressure($method->holdsKpa(self::HOT_C)),
                    'hot' => Amount::temperature(self::HOT_C),
                ]),
            );
        }

        return $rows;
    }
}
