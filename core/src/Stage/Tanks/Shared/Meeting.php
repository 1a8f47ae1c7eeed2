<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Measure;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;
use YardCask\Core\Words\Amount;

/** How a hose, a pipe or a part comes too near to something: through it, above what must stay dry, or close to what gets hot. */
final readonly class Meeting
{
    /** A hose that touches it goes past it. */
    private const NOTHING_MM = 0.5;

    private function __construct(
        public InTheWay $thing,
        /** How much of a hose is inside the thing, or how deep a part is; null where nothing is. */
        public ?float $throughMm,
        /** How near it comes to what gets hot; null otherwise. */
        public ?float $apartMm,
    ) {
    }

    /** @return self|null null where each leaves the other alone */
    public static function of(HoseCourse $course, InTheWay $thing): ?self
    {
        $throughMm = $course->throughMm($thing->body);
        if ($throughMm > self::NOTHING_MM) {
            return new self($thing, $throughMm, null);
        }
        if (ThingNeed::Dry === $thing->need) {
            return $course->isOver($thing->body) ? new self($thing, null, null) : null;
        }
        $apartMm = ThingNeed::Hot === $thing->need ? $course->apartMm($thing->body) : \INF;

        return $apartMm < InTheWay::HOT_ROOM_MM - self::NOTHING_MM ? new self($thing, null, $apartMm) : null;
    }

    /** Of a part by its middle: how big it is nobody has said. */
    public static function ofPart(RunPoint $at, InTheWay $thing): ?self
    {
        $depthMm = $at->depthMm($thing->body);

        return $depthMm > self::NOTHING_MM ? new self($thing, $depthMm, null) : self::of(new HoseCourse([$at, $at], 0.0), $thing);
    }

    /** Whether a straight piece of a hose is to blame for it. */
    public static function isMetBy(Stretch $stretch, InTheWay $thing): bool
    {
        return $stretch->throughMm($thing->body) > self::NOTHING_MM
            || (ThingNeed::Dry === $thing->need && $stretch->isOver($thing->body))
            || (ThingNeed::Hot === $thing->need && $stretch->apartMm($thing->body) < InTheWay::HOT_ROOM_MM - self::NOTHING_MM);
    }

    public function isThrough(): bool
    {
        return null !== $this->throughMm;
    }

    public function isNearHot(): bool
    {
        return null !== $this->apartMm;
    }

    public function measure(): Measure
    {
        // Through is through, however much of it.
        return null === $this->apartMm ? new Measure(1.0, 0.0, '') : new Measure($this->apartMm, InTheWay::HOT_ROOM_MM, 'mm');
    }

    /** @return array<string, string|Amount> what is said of it */
    public function with(): array
    {
        return ['thing' => $this->thing->name] + match (true) {
            null !== $this->throughMm => ['through' => Amount::mm($this->throughMm)],
            null !== $this->apartMm => ['apart' => Amount::mm($this->apartMm), 'apart_least' => Amount::mm(InTheWay::HOT_ROOM_MM)],
            default => [],
        };
    }
}
