<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** A plan as it reads in its file, each section written out when it is first asked for: many patches are tried on one plan. */
final class PlanDocument
{
    /** @var array<string, mixed> by name */
    private array $sections = [];

    public function __construct(public readonly Plan $plan)
    {
    }

    /** One section of the decoded document; null when there is none of that name. */
    public function section(string $name): mixed
    {
        if (!\array_key_exists($name, $this->sections)) {
            $this->sections[$name] = $this->plan->section($name);
        }

        return $this->sections[$name];
    }
}
