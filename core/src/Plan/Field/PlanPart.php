<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** An object of the plan file whose fields are declared on its properties. */
interface PlanPart extends \JsonSerializable
{
}
