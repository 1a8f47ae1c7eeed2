<?php

declare(strict_types=1);

use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** A plan as full as a plan can be: bays with things in the way, tanks with fittings, and things fixed in the rig. */
function crowded(string $largest): string
{
    $plan = json_decode($largest, flags: \JSON_THROW_ON_ERROR);
    mt_srand(21);
    $copy = static fn (object $one, array $changes): object => (object) [...(array) json_decode((string) json_encode($one)), ...$changes];
    $box = static fn (array $from, array $to): array => [
        'length_mm' => mt_rand(40, 300),
        'width_mm' => mt_rand(40, 250),
        'height_mm' => mt_rand(40, 200),
        ...array_combine(['x', 'y', 'z'], array_map(mt_rand(...), $from, $to)),
    ];
    for ($count = count($plan->bays); $count < Plan::MOST_BAYS; ++$count) {
        $size = ['length_mm' => mt_rand(800, 2500), 'width_mm' => mt_rand(500, 1200), 'height_mm' => mt_rand(400, 900)];
        $place = ['along_m' => mt_rand(5, 50) / 10, 'across_m' => mt_rand(1, 12) / 10, 'z_m' => mt_rand(6, 16) / 10];
        $plan->bays[] = $copy($plan->bays[0], ['id' => 'bay-'.$count, 'name' => 'Bay '.$count, 'obstructions' => [], 'opening_width_mm' => $size['length_mm'], ...$size, ...$place]);
    }
    foreach ($plan->bays as $bay) {
        for ($count = count($bay->obstructions); $count < PlannedBay::MOST_OBSTRUCTIONS; ++$count) {
            ['x' => $x, 'y' => $y, 'z' => $z] = $size = $box([-50, -50, -50], [$bay->length_mm, $bay->width_mm, $bay->height_mm]);
            unset($size['x'], $size['y'], $size['z']);
            $bay->obstructions[] = ['id' => $bay->id.'-'.$count, 'name' => 'Strut '.$count, 'x_mm' => $x, 'y_mm' => $y, 'z_mm' => $z, ...$size];
        }
    }
    for ($count = count($plan->tanks); $count < Plan::MOST_TANKS; ++$count) {
        $bay = $plan->bays[$count % count($plan->bays)];
        $place = ['bay' => $bay->id, 'x_m' => $bay->along_m + 0.5, 'y_m' => mt_rand(-8, 8) / 10, 'z_m' => $bay->z_m];
        $size = ['length_mm' => mt_rand(250, 700), 'width_mm' => mt_rand(200, 400), 'height_mm' => 300, 'outlet_height_mm' => 5, 'overflow_height_mm' => 290];
        $plan->tanks[] = $copy($plan->tanks[0], ['id' => 'tank-'.$count, 'name' => 'Tank '.$count, 'ports' => [], ...$size, ...$place]);
    }
    foreach ($plan->tanks as $tank) {
        for ($count = count($tank->ports); $count < PlannedTank::MOST_PORTS; ++$count) {
            $place = ['face' => ['top', 'front', 'rear', 'left', 'right'][$count % 5], 'along_mm' => mt_rand(30, 150), 'up_mm' => mt_rand(30, 150)];
            $tank->ports[] = [
                'id' => $tank->id.'-'.$count,
                'name' => 'Fitting '.$count,
                'role' => ['vent', 'overflow', 'drain'][$count % 3],
                'bore_mm' => 16,
                'room_mm' => mt_rand(30, 80),
                'drilled' => true,
                ...$place,
            ];
        }
    }
    for ($count = count($plan->load->things); $count < LoadPlan::MOST_THINGS; ++$count) {
        ['x' => $x, 'y' => $y, 'z' => $z] = $size = $box([5, -9, 6], [60, 9, 16]);
        unset($size['x'], $size['y'], $size['z']);
        $plan->load->things[] = ['id' => 'thing-'.$count, 'name' => 'Thing '.$count, 'need' => 'hot', 'x_m' => $x / 10, 'y_m' => $y / 10, 'z_m' => $z / 10, ...$size];
    }

    return json_encode($plan, \JSON_THROW_ON_ERROR);
}
