<?php

declare(strict_types=1);

namespace YardCask\Server\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The server asks the core for plans, assessments and calculators by name; it reaches into no subject of the computation. Run by PHPStan. */
final class ServerDoesNoSums
{
    #[TestRule]
    public function reachesIntoNoSubject(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('YardCask\Server'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('YardCask\Core\Demand'),
                Selector::inNamespace('YardCask\Core\Tank'),
                Selector::inNamespace('YardCask\Core\Payload'),
                Selector::inNamespace('YardCask\Core\Bay'),
                Selector::inNamespace('YardCask\Core\Surge'),
                Selector::inNamespace('YardCask\Core\Run'),
                Selector::inNamespace('YardCask\Core\Assessment\Rule'),
            )
            ->because('every sum is the core’s');
    }
}
