<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\TypedText;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Plan\Use\UsePlan;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnreadableQuantity;
use YardCask\Core\Words\Phrasebook;

/**
 * The answers to the questions that begin a plan: who travels, how, how many days, which rig; and from which system its line is, which is answered
 * beforehand.
 */
final readonly class FirstAnswers
{
    private function __construct(
        public string $name,
        public float $crew,
        public StayStyle $stay,
        public HabitLevel $habit,
        public float $days,
        public StartingRig $rig,
        public UnitPreferences $units,
        /** How the line is to be made. */
        public SystemType $system,
    ) {
    }

    /**
     * @param mixed $answers decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of the answers
     */
    public static function read(mixed $answers, StartingChoices $choices): self
    {
        $in = InputReader::of($answers);
        $name = $in->text('name', Plan::LONGEST_NAME, Phrasebook::english()->fill('frame.new-plan', []));
        $units = UnitPreferences::read($in, array_keys(UnitPreferences::CHOICES));
        $crew = self::numberOrText($in, 'crew', $units);
        UsePlan::checkWhole($crew, $in);
        $stay = $in->choice('stay', StayStyle::cases());
        $habit = $in->choice('habit', HabitLevel::cases());
        $days = self::numberOrText($in, 'days', $units);
        $rigId = $in->text('rig', 32);
        $rig = $choices->rig($rigId);
        if (null === $rig && '' !== $rigId) {
            $in->fail(
                'rig',
                Phrasebook::english()->fill(
                    'frame.input.no-rig',
                    ['rig' => $rigId, 'rigs' => implode(', ', array_map(static fn (StartingRig $one): string => $one->id, $choices->rigs))],
                ),
            );
        }
        $system = $in->choice('system', SystemType::cases(), $rig->system ?? SystemType::PressureAccumulator);
        $in->finish();
        $in->throwIfInvalid();
        if (null === $rig) {
            throw InvalidInput::at('/rig', Phrasebook::english()->fill('frame.input.missing', []));
        }

        return new self(
            name: $name,
            crew: $crew,
            stay: $stay,
            habit: $habit,
            days: $days,
            rig: $rig,
            units: $units,
            system: $system,
        );
    }

    /** A measured field of a plan's use as a number, or as somebody typed it: `three`, `a week`. */
    private static function numberOrText(InputReader $in, string $key, UnitPreferences $units): float
    {
        $field = PartFields::measured(UsePlan::class, $key);
        if (!$in->holdsText($key)) {
            return $in->number($key, $field->range);
        }
        try {
            return TypedText::value('/'.$key, $in->text($key, 80), $field, $units);
        } catch (UnreadableQuantity $e) {
            $in->fail($key, $e->getMessage());
        } catch (InvalidInput $e) {
            $in->fail($key, $e->errors[0]->message);
        }

        return $field->range->max;
    }
}
