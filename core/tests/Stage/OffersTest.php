<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Whatever a stage offers to do to a plan, in its drawing or beside it, can be done to it, one after another too. */
final class OffersTest extends TestCase
{
    private const VARIED = 6;
    private const STAGES = ['use', 'load', 'tanks', 'line', 'parts'];

    public function testEveryOfferLeadsToAPlanThatIsAssessed(): void
    {
        $done = [];
        foreach (self::plans() as $name => $plan) {
            foreach (self::STAGES as $stage) {
                foreach (self::offers($plan, $stage) as $place => $patch) {
                    $after = self::after($plan, $patch, "$name: $stage $place");
                    self::assertNotNull($after, "$name: $stage $place cannot be done.");
                    self::assertNotSame([], Assessor::assess($after, '-')->glass);
                    $kind = $stage.(string) preg_replace('#/\d+#', '', $place);
                    $done[$kind] = ($done[$kind] ?? 0) + 1;
                }
            }
        }
        // What each stage can offer at all.
        self::assertSame(
            [],
            array_diff(
                [
                    'load/drawing/add_axle/patch',
                    'tanks/additions/patch',
                    'tanks/drawing/add_bay/patch',
                    'tanks/drawing/add_thing/patch',
                    'tanks/drawing/bays/across/patch',
                    'tanks/drawing/bays/along/patch',
                    'tanks/drawing/bays/obstruct/patch',
                    'tanks/drawing/tanks/detail/bays/patch',
                    'tanks/drawing/tanks/detail/fittings/patch',
                    'tanks/drawing/tanks/detail/shapes/patch',
                    'tanks/drawing/tanks/detail/turn',
                ],
                array_keys($done),
            ),
        );
        self::assertGreaterThan(600, array_sum($done));
    }

    /** As somebody would who takes whatever is offered: each time what is offered then. */
    public function testOffersAreTakenOneAfterAnother(): void
    {
        $taken = 0;
        for ($seed = 1; $seed <= 12; ++$seed) {
            mt_srand($seed);
            $plan = SamplePlans::varied($seed);
            for ($left = 8; $left > 0; --$left) {
                $offers = array_values(self::offers($plan, self::STAGES[mt_rand(0, 4)]));
                if ([] !== $offers) {
                    $after = self::after($plan, $offers[mt_rand(0, \count($offers) - 1)], "seed $seed");
                    self::assertNotNull($after, "Seed $seed, with $left left.");
                    $plan = $after;
                    ++$taken;
                }
            }
        }
        self::assertGreaterThan(50, $taken);
    }

    /** @return iterable<string, Plan> */
    private static function plans(): iterable
    {
        yield from SamplePlans::all();
        for ($seed = 700; $seed < 700 + self::VARIED; ++$seed) {
            yield 'seed '.$seed => SamplePlans::varied($seed);
        }
    }

    /** @param list<mixed> $patch */
    private static function after(Plan $plan, array $patch, string $name): ?Plan
    {
        try {
            return Plan::read(SamplePlans::patched($plan, Json::encode($patch)));
        } catch (InvalidInput $e) {
            self::fail($name.': '.$e->getMessage());
        }
    }

    /** @return array<string, list<mixed>> every patch that a stage sends, by where it stands in what is sent */
    private static function offers(Plan $plan, string $stage): array
    {
        $found = [];
        self::collect(Json::decode(Json::encode(Assessor::drawn($plan, $stage, SampleLines::stock()))), '', $found);

        return $found;
    }

    /** @param array<string, list<mixed>> $found */
    private static function collect(mixed $sent, string $place, array &$found): void
    {
        if (\is_array($sent) && isset($sent[0]->op)) {
            $found[$place] = array_values($sent);

            return;
        }
        foreach (\is_array($sent) || $sent instanceof \stdClass ? (array) $sent : [] as $key => $value) {
            self::collect($value, $place.'/'.$key, $found);
        }
    }
}
