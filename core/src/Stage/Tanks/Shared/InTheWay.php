<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Bay\Box;
use YardCask\Core\Bay\Clearance;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Words\Phrase;

/** Something that stands in a bay or is fixed in the rig: a wheel arch, a spare wheel, an exhaust, a fuse box. */
final readonly class InTheWay
{
    /** From what gets hot: a workshop's rule of thumb; the heater's or the vehicle's maker may want more. */
    public const HOT_ROOM_MM = 150.0;
    /** Higher than anything in a rig. */
    private const ABOVE_ALL_MM = 1e5;

    private function __construct(
        public string $id,
        public string $name,
        public ThingNeed $need,
        /** In mm of the rig. */
        public Box $body,
        public LookAt $look,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan): array
    {
        $all = [];
        foreach ($plan->load->things as $index => $thing) {
            $look = new LookAt('/load/things/'.$index.'/x_m', new Phrase('tanks.look.move-thing', ['thing' => $thing->name]));
            $all[] = new self($thing->id, $thing->name, $thing->need, $thing->body(), $look);
        }
        foreach ($plan->bays as $of => $bay) {
            foreach (Obstacles::in($bay, $plan) as $index => $box) {
                $one = $bay->obstructions[$index];
                $look = new LookAt('/bays/'.$of.'/obstructions/'.$index.'/x_mm', new Phrase('tanks.look.move-thing', ['thing' => $one->name]));
                $all[] = new self($one->id, $one->name, ThingNeed::Clear, $box, $look);
            }
        }

        return $all;
    }

    /** What hoses and parts stay out of: the thing with room for half their thickness, and all above what must stay dry. */
    public function zone(float $halfMm): Box
    {
        $grown = $this->body->grown(Clearance::even(ThingNeed::Hot === $this->need ? self::HOT_ROOM_MM + $halfMm : $halfMm));

        return ThingNeed::Dry === $this->need ? new Box($grown->low, [$grown->high[0], $grown->high[1], self::ABOVE_ALL_MM]) : $grown;
    }
}
