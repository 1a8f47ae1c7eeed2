<?php

declare(strict_types=1);

namespace YardCask\Core\Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Swaggest\JsonDiff\JsonPatch;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Start\StartingChoices;

/** Plans to test with: the demonstration, and a new one for each rig. */
final class SamplePlans
{
    public const CATALOGUE = __DIR__.'/../../catalogue/';

    public static function fellsideFile(): string
    {
        return (string) file_get_contents(self::CATALOGUE.'plans/fellside.json');
    }

    /** The demonstration as version 1 wrote it. */
    public static function versionOneFile(): string
    {
        return (string) file_get_contents(__DIR__.'/plans/fellside-version-1.json');
    }

    public static function fellside(): Plan
    {
        return Plan::fromJson(self::fellsideFile());
    }

    public static function choices(): StartingChoices
    {
        return StartingChoices::fromJson((string) file_get_contents(self::CATALOGUE.'rigs.json'), (string) file_get_contents(self::CATALOGUE.'habits.json'));
    }

    /** @param array<string, mixed> $answers that differ from two people, ordinary habits, three mixed days in a van */
    public static function started(array $answers = []): Plan
    {
        $choices = self::choices();

        return PlanStarter::start(
            FirstAnswers::read((object) ($answers + ['crew' => 2, 'stay' => 'mixed', 'habit' => 'ordinary', 'days' => 3, 'rig' => 'van']), $choices),
            $choices,
        );
    }

    /**
     * The same with a pressure pump, with which people shower, and without what is assumed to come along.
     *
     * @param array<string, mixed> $answers
     */
    public static function begun(array $answers = []): Plan
    {
        $plan = self::started($answers + ['system' => 'pressure']);
        $said = array_filter($plan->load->loads, static fn (PlannedLoad $load): bool => !\in_array($load->id, ['belongings', 'gear'], true));

        return PartFields::changed($plan, ['load' => PartFields::changed($plan->load, ['loads' => array_values($said)])]);
    }

    /** @return array<string, Plan> the demonstrations, by the name of their file */
    public static function demos(): array
    {
        $plans = [];
        foreach ((array) glob(self::CATALOGUE.'plans/*.json') as $file) {
            $plans[basename((string) $file, '.json')] = Plan::fromJson((string) file_get_contents((string) $file));
        }

        return $plans;
    }

    /** @return array<string, Plan> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= self::begunOfSomeRigs();
    }

    /** @return array<string, Plan> */
    private static function begunOfSomeRigs(): array
    {
        $plans = self::demos();
        foreach (['van', 'bus', 'pickup', 'trailer', 'boat'] as $rig) {
            $plans[$rig] = self::begun(['rig' => $rig]);
        }

        return $plans;
    }

    /** A plan with some of its measured fields changed, within what is allowed; the same for the same seed. */
    public static function varied(int $seed): Plan
    {
        $random = new Randomizer(new Mt19937($seed));
        $plans = array_values(self::all());
        while (true) {
            $plan = $plans[$random->getInt(0, \count($plans) - 1)];
            try {
                return Plan::read(self::varyingMeasures($plan, $random));
            } catch (InvalidInput) {
                // Sizes that contradict each other: tried again with others.
            }
        }
    }

    private static function varyingMeasures(Plan $plan, Randomizer $random): \stdClass
    {
        $document = $plan->document();
        foreach (MeasuredFields::of($plan) as $pointer => $field) {
            $range = $field->named->is->range;
            if (null === $field->value) {
                // What nobody has said is said now and then.
                if (0 === $random->getInt(0, 30)) {
                    self::set(
                        $document,
                        explode('/', substr($pointer, 1)),
                        Kind::Count === $field->named->is->kind
                            ? floor($range->max / 2)
                            : round($range->min + ($range->max - $range->min) * $random->getInt(0, 1000) / 1000, 6),
                    );
                }
                continue;
            }
            if (0 !== $random->getInt(0, 5)) {
                continue;
            }
            $value = match ($random->getInt(0, 9)) {
                0 => $range->min,
                1 => $range->max,
                2 => round($range->min + ($range->max - $range->min) * $random->getInt(0, 1000) / 1000, 6),
                default => max($range->min, min($range->max, round($field->value * $random->getInt(60, 160) / 100, 6))),
            };
            self::set($document, explode('/', substr($pointer, 1)), 1 === preg_match('#/(count|crew)$#', $pointer) ? floor($value) : $value);
        }
        foreach ($document->use->uses as $use) {
            if (0 === $random->getInt(0, 3)) {
                $use->drains_to = ['outside', 'nothing', 'waste'][$random->getInt(0, 2)];
            }
        }
        foreach ($document->tanks as $tank) {
            if (0 === $random->getInt(0, 5)) {
                $tank->shape = ['box', 'upright_cylinder', 'lying_cylinder', 'wheel_arch', 'profile'][$random->getInt(0, 4)];
                $tank->arch = (object) [
                    'x_mm' => $tank->length_mm / 4,
                    'y_mm' => $tank->width_mm / 2,
                    'length_mm' => $tank->length_mm / 2,
                    'width_mm' => $tank->width_mm / 2,
                    'height_mm' => $tank->height_mm / 2,
                ];
                $litres = $tank->length_mm * $tank->width_mm * $tank->height_mm / 1e6;
                $tank->levels = array_map(
                    static fn (int $line): object => (object) [
                        'id' => $tank->id.'-'.$line,
                        'height_mm' => $tank->height_mm * $line / 3,
                        'litres' => $litres * ($line / 3) ** 1.5,
                    ],
                    [1, 2, 3],
                );
            }
            if (0 === $random->getInt(0, 9)) {
                $tank->form = ['fixed', 'can', 'bag'][$random->getInt(0, 2)];
                $tank->see_through = !$tank->see_through;
            }
            foreach ($tank->ports as $port) {
                if (0 === $random->getInt(0, 9)) {
                    $port->role = ['fill', 'vent', 'drain', 'overflow', 'gauge', 'spare'][$random->getInt(0, 5)];
                }
                if (0 === $random->getInt(0, 9)) {
                    $port->face = ['front', 'rear', 'left', 'right', 'top', 'bottom'][$random->getInt(0, 5)];
                }
            }
            if (0 === $random->getInt(0, 7)) {
                $tank->holds = ['fresh', 'drinking', 'waste', 'toilet'][$random->getInt(0, 3)];
            }
        }
        foreach ($document->runs as $run) {
            if (0 === $random->getInt(0, 5)) {
                $run->end = ['outside', 'door', 'funnel', 'bucket', 'valve', 'cap', 'open'][$random->getInt(0, 6)];
            }
        }
        foreach ($document->line->parts as $part) {
            $part->reversed = 0 === $random->getInt(0, 14);
        }
        $ports = array_merge(array_column($document->line->pipes, 'from'), array_column($document->line->pipes, 'to'));
        foreach ($document->line->pipes as $pipe) {
            if (0 === $random->getInt(0, 30)) {
                $pipe->to = $ports[$random->getInt(0, \count($ports) - 1)];
            }
        }
        $document->use->stay = ['sites', 'mixed', 'wild'][$random->getInt(0, 2)];

        return $document;
    }

    /** @param list<string> $keys */
    private static function set(mixed $node, array $keys, float $value): void
    {
        $last = (string) array_pop($keys);
        foreach ($keys as $key) {
            $node = \is_array($node) ? $node[(int) $key] : $node->{$key};
        }
        $node->{$last} = $value;
    }

    /** The decoded document after a JSON Patch, applied by a library that knows nothing of plans. */
    public static function patched(Plan $plan, string $patch): mixed
    {
        $document = Json::decode($plan->toJson());
        JsonPatch::import(Json::decode($patch))->apply($document);

        return $document;
    }
}
