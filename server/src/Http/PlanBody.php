<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Request;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Problem\Problem;
use YardCask\Server\Schema\PlanSchema;

/** A plan that is to be stored: of this or an older version, and held against the published schema. */
final readonly class PlanBody
{
    public function __construct(private PlanSchema $schema)
    {
    }

    /**
     * @throws Problem when the body cannot be read
     * @throws InvalidInput with every error of the plan
     */
    public function read(Request $request): Plan
    {
        $plan = Plan::read(JsonBody::read($request));
        $this->schema->check($plan->document());

        return $plan;
    }
}
