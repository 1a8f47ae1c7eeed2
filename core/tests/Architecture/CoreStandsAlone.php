<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * The arrows of the core: Stage → Assessment → Plan → Quantity, Input, Output; the physics stands beside and sees no plan;
 * a stage sees of another only what that one shares. Run by PHPStan.
 */
final class CoreStandsAlone
{
    private const CORE = 'YardCask\Core';
    private const PHYSICS = ['Demand', 'Tank', 'Bay', 'Payload', 'Surge', 'Run', 'Pipe', 'Network', 'Gravity', 'Accumulator', 'Heat', 'Wire'];
    private const STAGES = ['Use', 'Load', 'Tanks', 'Line', 'Parts'];

    #[TestRule]
    public function nothingButItselfAndPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->excluding(Selector::inNamespace(self::CORE.'\Tests'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace(self::CORE),
                Selector::isStandardClass(),
                Selector::classname('/^(Json|Array|Runtime|Logic|Backed|Unit|Reflection|Attribute)\w*$/', true),
            )
            ->because('the rules and the computation are tested on their own');
    }

    #[TestRule]
    public function physicsKnowsNoPlans(): Rule
    {
        return PHPat::rule()
            ->classes(...self::in([...self::PHYSICS, 'Quantity', 'Input', 'Output']))
            ->shouldNotDependOn()
            ->classes(...self::in(['Plan', 'Assessment', 'Stage', 'Start', 'Calculator']))
            ->because('a calculator serves the plan and the command line alike');
    }

    #[TestRule]
    public function theMachineryKnowsNoStage(): Rule
    {
        return PHPat::rule()
            ->classes(...self::in(['Assessment', 'Plan']))
            ->shouldNotDependOn()
            ->classes(...self::in(['Stage', 'Start', 'Calculator']))
            ->because('a stage is a folder and a line');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function noStageReachesIntoAnother(): iterable
    {
        foreach (self::STAGES as $stage) {
            $others = array_map(static fn (string $other): string => 'Stage\\'.$other, array_values(array_diff(self::STAGES, [$stage])));
            yield $stage => PHPat::rule()
                ->classes(Selector::inNamespace(self::CORE.'\Stage\\'.$stage))
                ->shouldNotDependOn()
                ->classes(...self::in($others))
                ->excluding(...self::in(array_map(static fn (string $other): string => $other.'\Shared', $others)))
                ->because('what one stage needs of another stands in its folder Shared');
        }
    }

    #[TestRule]
    public function nothingUsesARuleButItsStage(): Rule
    {
        $rules = array_map(static fn (string $stage): string => 'Stage\\'.$stage.'\Rule', self::STAGES);

        return PHPat::rule()
            ->classes(...self::in(['Stage', 'Start']))
            ->excluding(...self::in($rules), ...[Selector::classname('/\\\\(Use|Load|Tanks|Line|Parts)Stage$/', true)])
            ->shouldNotDependOn()
            ->classes(...self::in($rules))
            ->because('what a rule shares stands outside it');
    }

    /**
     * @param list<string> $folders
     *
     * @return list<SelectorInterface>
     */
    private static function in(array $folders): array
    {
        return array_map(static fn (string $folder): SelectorInterface => Selector::inNamespace(self::CORE.'\\'.$folder), $folders);
    }
}
