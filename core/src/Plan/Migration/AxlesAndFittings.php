<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/**
 * From version 3 to 4. Axles are a list, each with its place, track and tyres; tanks say whether their level is seen, ports
 * whether they are drilled, and bays from where they are reached. What does not have the form of version 3 is left as it is.
 */
final class AxlesAndFittings
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = unserialize(serialize($old), ['allowed_classes' => [\stdClass::class]]);
        if (!$new instanceof \stdClass) {
            throw new \LogicException('A copy of an object is an object.');
        }
        $load = $new->load ?? null;
        if ($load instanceof \stdClass && ($load->rig ?? null) instanceof \stdClass) {
            self::listAxles($load->rig);
        }
        foreach (self::parts($new, 'bays') as $bay) {
            foreach (['front', 'rear', 'left', 'right', 'top', 'bottom'] as $face) {
                $bay->{'reach_'.$face} = false;
            }
        }
        foreach (self::parts($new, 'tanks') as $tank) {
            $tank->levels = [];
            $tank->see_through = 'can' === ($tank->form ?? null);
            foreach (self::parts($tank, 'ports') as $port) {
                $port->drilled = true;
            }
        }

        return $new;
    }

    private static function listAxles(\stdClass $rig): void
    {
        $track = $rig->track_m ?? null;
        if ('road' === ($rig->kind ?? null) && ($rig->front ?? null) instanceof \stdClass && ($rig->rear ?? null) instanceof \stdClass) {
            $rig->axles = [
                (object) (['id' => 'axle-front', 'name' => 'Front axle', 'x_m' => 0, 'track_m' => $track, 'twins' => false] + (array) $rig->front),
                (object) ([
                    'id' => 'axle-rear', 'name' => 'Rear axle', 'x_m' => $rig->wheelbase_m ?? null, 'track_m' => $track, 'twins' => false,
                ] + (array) $rig->rear),
            ];
            unset($rig->front, $rig->rear, $rig->wheelbase_m, $rig->track_m);
        } elseif ('trailer' === ($rig->kind ?? null)) {
            $axle = [
                'id' => 'axle',
                'name' => 'Axle',
                'x_m' => $rig->coupling_to_axle_m ?? null,
                'track_m' => $track,
                'twins' => false,
                'limit_kg' => $rig->axle_limit_kg ?? null,
            ];
            $rig->axles = [(object) (isset($rig->tyre_kg) ? $axle + ['tyre_kg' => $rig->tyre_kg] : $axle)];
            unset($rig->coupling_to_axle_m, $rig->track_m, $rig->axle_limit_kg, $rig->tyre_kg);
        }
    }

    /** @return list<\stdClass> */
    private static function parts(\stdClass $of, string $key): array
    {
        $list = $of->{$key} ?? null;

        return \is_array($list) ? array_values(array_filter($list, static fn (mixed $one): bool => $one instanceof \stdClass)) : [];
    }
}
