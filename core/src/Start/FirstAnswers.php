<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Range;
use YardCask\Core\Plan\StayStyle;
use YardCask\Core\Quantity\UnitPreferences;

/** The answers to the four questions that begin a plan: who travels, how, how many days, which rig. */
final readonly class FirstAnswers
{
    private function __construct(
        public string $name,
        public float $crew,
        public StayStyle $stay,
        public HabitLevel $habit,
        public float $days,
        public RigPreset $rig,
        public UnitPreferences $units,
    ) {
    }

    /**
     * @param mixed $answers decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of the answers
     */
    public static function read(mixed $answers, Catalogue $catalogue): self
    {
        $in = InputReader::of($answers);
        $choices = UnitPreferences::CHOICES;
        $name = $in->text('name', 80, 'New plan');
        $crew = $in->number('crew', Range::between(1, 60));
        $stay = $in->choice('stay', StayStyle::cases());
        $habit = $in->choice('habit', HabitLevel::cases());
        $days = $in->number('days', Range::between(0.25, 120));
        $rigId = $in->text('rig', 32);
        $rig = $catalogue->rig($rigId);
        if (null === $rig && '' !== $rigId) {
            $in->fail('rig', \sprintf('There is no rig “%s”. Choose one of %s.', $rigId, implode(', ', array_map(static fn (RigPreset $one): string => $one->id, $catalogue->rigs))));
        }
        $units = new UnitPreferences($in->choice('volume', $choices['volume'], $choices['volume'][0]), $in->choice('length', $choices['length'], $choices['length'][0]), $in->choice('mass', $choices['mass'], $choices['mass'][0]));
        $in->finish();
        $in->throwIfInvalid();
        if (null === $rig) {
            throw InvalidInput::at('/rig', 'This is missing.');
        }

        return new self($name, $crew, $stay, $habit, $days, $rig, $units);
    }
}
