<?php

declare(strict_types=1);

namespace YardCask\Core\Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Swaggest\JsonDiff\JsonPatch;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFields;
use YardCask\Core\Start\Catalogue;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;

/** Plans to test with: the demonstration, and a new one for each rig. */
final class SamplePlans
{
    private const CATALOGUE = __DIR__.'/../../catalogue/';

    public static function fellsideFile(): string
    {
        return (string) file_get_contents(self::CATALOGUE.'plans/fellside.json');
    }

    public static function fellside(): Plan
    {
        return Plan::fromJson(self::fellsideFile());
    }

    public static function catalogue(): Catalogue
    {
        return Catalogue::fromJson((string) file_get_contents(self::CATALOGUE.'rigs.json'), (string) file_get_contents(self::CATALOGUE.'habits.json'));
    }

    /** @param array<string, mixed> $answers that differ from two people, ordinary habits, three mixed days in a van */
    public static function begun(array $answers = []): Plan
    {
        $catalogue = self::catalogue();

        return PlanStarter::start(FirstAnswers::read((object) ($answers + ['crew' => 2, 'stay' => 'mixed', 'habit' => 'ordinary', 'days' => 3, 'rig' => 'van']), $catalogue), $catalogue);
    }

    /** @return array<string, Plan> */
    public static function all(): array
    {
        $plans = ['fellside' => self::fellside()];
        foreach (self::catalogue()->rigs as $rig) {
            $plans[$rig->id] = self::begun(['rig' => $rig->id]);
        }

        return $plans;
    }

    /** A plan with some of its measured fields changed, within what is allowed; the same for the same seed. */
    public static function varied(int $seed): Plan
    {
        $random = new Randomizer(new Mt19937($seed));
        $plans = array_values(self::all());
        while (true) {
            $document = $plans[$random->getInt(0, \count($plans) - 1)]->document();
            self::vary($document, '', $random);
            try {
                return Plan::read($document);
            } catch (InvalidInput) {
                // Sizes that contradict each other: tried again with others.
            }
        }
    }

    private static function vary(mixed &$node, string $pattern, Randomizer $random): void
    {
        if (\is_array($node)) {
            foreach (array_keys($node) as $index) {
                self::vary($node[$index], $pattern.'/*', $random);
            }
        } elseif ($node instanceof \stdClass) {
            foreach (array_keys(get_object_vars($node)) as $key) {
                self::vary($node->{$key}, $pattern.'/'.$key, $random);
            }
        } elseif (null !== ($range = PlanFields::of($pattern)?->range) && 0 === $random->getInt(0, 5)) {
            $node = match ($random->getInt(0, 9)) {
                0 => $range->min,
                1 => $range->max,
                2 => round($range->min + ($range->max - $range->min) * $random->getInt(0, 1000) / 1000, 6),
                default => max($range->min, min($range->max, round($node * $random->getInt(60, 160) / 100, 6))),
            };
        }
    }

    /** The decoded document after a JSON Patch, applied by a library that knows nothing of plans. */
    public static function patched(Plan $plan, string $patch): mixed
    {
        $document = Json::decode($plan->toJson());
        JsonPatch::import(Json::decode($patch))->apply($document);

        return $document;
    }
}
