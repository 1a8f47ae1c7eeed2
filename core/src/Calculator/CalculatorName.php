<?php

declare(strict_types=1);

namespace YardCask\Core\Calculator;

use YardCask\Core\Accumulator\AccumulatorCalculator;
use YardCask\Core\Accumulator\AccumulatorInput;
use YardCask\Core\Bay\BayFitCalculator;
use YardCask\Core\Bay\BayFitInput;
use YardCask\Core\Cutting\CuttingCalculator;
use YardCask\Core\Cutting\CuttingInput;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Demand\DemandInput;
use YardCask\Core\Gravity\GravityCalculator;
use YardCask\Core\Gravity\GravityInput;
use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Heat\HeatInput;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Joint\EndsCalculator;
use YardCask\Core\Joint\EndsInput;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Network\LineCalculator;
use YardCask\Core\Network\LineInput;
use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\PassageCalculator;
use YardCask\Core\Payload\PassageInput;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Payload\TrailerRig;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Run\TrappedCalculator;
use YardCask\Core\Run\TrappedInput;
use YardCask\Core\Surge\SurgeCalculator;
use YardCask\Core\Surge\SurgeInput;
use YardCask\Core\Tank\TankInput;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Wire\WireCalculator;
use YardCask\Core\Wire\WireInput;

/** The calculators that can be reached by name: a JSON object in, a JSON object out. */
enum CalculatorName: string
{
    case Demand = 'demand';
    case Tank = 'tank';
    case Payload = 'payload';
    case Passage = 'passage';
    case BayFit = 'bay-fit';
    case Surge = 'surge';
    case Trapped = 'trapped';
    case Pipe = 'pipe';
    case Line = 'line';
    case Gravity = 'gravity';
    case Accumulator = 'accumulator';
    case Heat = 'heat';
    case Wire = 'wire';
    case Cutting = 'cutting';
    case Joint = 'joint';
    case Ends = 'ends';

    /**
     * @param mixed $input decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of the input
     */
    public function calculate(mixed $input): \JsonSerializable
    {
        $in = InputReader::of($input);

        return match ($this) {
            self::Demand => DemandCalculator::calculate(self::valid($in, DemandInput::read($in))),
            self::Tank => TankVolumeCalculator::calculate(self::valid($in, TankInput::read($in))),
            self::Passage => PassageCalculator::calculate(self::valid($in, PassageInput::read($in))),
            self::BayFit => BayFitCalculator::calculate(self::valid($in, BayFitInput::read($in))),
            self::Surge => SurgeCalculator::calculate(self::valid($in, SurgeInput::read($in))),
            self::Trapped => TrappedCalculator::calculate(self::valid($in, TrappedInput::read($in))),
            self::Pipe => PipeCalculator::calculate(self::valid($in, PipeInput::read($in))),
            self::Line => LineCalculator::calculate(self::valid($in, LineInput::read($in))),
            self::Gravity => GravityCalculator::calculate(self::valid($in, GravityInput::read($in))),
            self::Accumulator => AccumulatorCalculator::calculate(self::valid($in, AccumulatorInput::read($in))),
            self::Heat => HeatCalculator::calculate(self::valid($in, HeatInput::read($in))),
            self::Wire => WireCalculator::calculate(self::valid($in, WireInput::read($in))),
            self::Cutting => CuttingCalculator::calculate(self::valid($in, CuttingInput::read($in))),
            self::Joint => JointCalculator::calculate(self::valid($in, JointInput::read($in))),
            self::Ends => EndsCalculator::calculate(self::valid($in, EndsInput::read($in))),
            self::Payload => match (self::valid($in, $in->choice('kind', RigKind::cases()))) {
                RigKind::Road => RoadPayloadCalculator::calculate(self::valid($in, RoadRig::read($in))),
                RigKind::Trailer => TrailerPayloadCalculator::calculate(self::valid($in, TrailerRig::read($in))),
                RigKind::Boat => BoatPayloadCalculator::calculate(self::valid($in, BoatRig::read($in))),
            },
        };
    }

    /**
     * @template T of object
     *
     * @param T $read
     *
     * @return T
     */
    private static function valid(InputReader $in, object $read): object
    {
        $in->throwIfInvalid();

        return $read;
    }
}
