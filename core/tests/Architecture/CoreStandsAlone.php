<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core touches nothing outside itself and PHP, and its subjects know nothing of plans and assessments. Run by PHPStan. */
final class CoreStandsAlone
{
    private const CORE = 'YardCask\Core';

    #[TestRule]
    public function nothingButItselfAndPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->excluding(Selector::inNamespace(self::CORE.'\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace(self::CORE), Selector::isStandardClass(), Selector::classname('/^(Json|Array|Runtime|Logic|Backed|Unit)\w+$/', true))
            ->because('the rules and the computation are tested on their own');
    }

    #[TestRule]
    public function subjectsKnowNoPlans(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE.'\Demand'), Selector::inNamespace(self::CORE.'\Tank'), Selector::inNamespace(self::CORE.'\Payload'), Selector::inNamespace(self::CORE.'\Quantity'), Selector::inNamespace(self::CORE.'\Input'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace(self::CORE.'\Plan'), Selector::inNamespace(self::CORE.'\Assessment'), Selector::inNamespace(self::CORE.'\Start'), Selector::inNamespace(self::CORE.'\Calculator'))
            ->because('a calculator serves the plan and the command line alike');
    }
}
