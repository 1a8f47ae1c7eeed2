<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** Where an estimated weight decides, the field of the ticket that is missing is shown. */
final class EstimatesTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, float>, string, list<string>, string}> rig, fields that are set, code, subject, and the field shown */
    public static function tickets(): iterable
    {
        yield 'nothing weighed: the first axle' => ['van', [], 'load.not-weighed', [], '/load/rig/axles/0/weighed_kg'];
        yield 'the first axle weighed: the second' => ['van', ['axles/0/weighed_kg' => 1350.0], 'load.not-weighed', [], '/load/rig/axles/1/weighed_kg'];
        yield 'the second axle weighed: the first' => ['van', ['axles/1/weighed_kg' => 1330.0], 'load.not-weighed', [], '/load/rig/axles/0/weighed_kg'];
        yield 'the rear limit is near: the rear axle' => [
            'van',
            ['axles/1/limit_kg' => 1500.0],
            'load.estimate-tight',
            ['rear'],
            '/load/rig/axles/1/weighed_kg',
        ];
        yield 'the front limit is near: the front axle' => [
            'van',
            ['axles/0/limit_kg' => 1620.0],
            'load.estimate-tight',
            ['front'],
            '/load/rig/axles/0/weighed_kg',
        ];
        yield 'nothing of a trailer weighed: the whole' => ['trailer', [], 'load.not-weighed', [], '/load/rig/weighed_kg'];
        yield 'the whole trailer weighed: its nose' => ['trailer', ['weighed_kg' => 980.0], 'load.not-weighed', [], '/load/rig/nose_weighed_kg'];
        yield 'its nose weighed: the whole' => ['trailer', ['nose_weighed_kg' => 70.0], 'load.not-weighed', [], '/load/rig/weighed_kg'];
    }

    /**
     * @param array<string, float> $fields
     * @param list<string> $subject
     */
    #[DataProvider('tickets')]
    public function testTheMissingTicketIsShown(string $rig, array $fields, string $code, array $subject, string $pointer): void
    {
        $patch = [];
        foreach ($fields as $key => $value) {
            $patch[] = ['op' => 'add', 'path' => '/load/rig/'.$key, 'value' => $value];
        }
        $plan = Plan::read(SamplePlans::patched(SamplePlans::begun(['rig' => $rig]), Json::encode($patch)));
        $found = array_values(array_filter(
            Assessor::assess($plan)->findings,
            static fn (SentFinding $one): bool => $code === $one->code && ([] === $subject || $subject === $one->subject),
        ));
        self::assertCount(1, $found, $code);
        self::assertSame($pointer, $found[0]->lookAt?->pointer);
    }
}
