<?php

declare(strict_types=1);

namespace YardCask\Core\Tests;

use Swaggest\JsonDiff\JsonPatch;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
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

    /** The decoded document after a JSON Patch, applied by a library that knows nothing of plans. */
    public static function patched(Plan $plan, string $patch): mixed
    {
        $document = Json::decode($plan->toJson());
        JsonPatch::import(Json::decode($patch))->apply($document);

        return $document;
    }
}
