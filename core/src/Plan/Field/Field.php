<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** How one field of a plan is declared: an attribute on the property that holds it. Reading, writing, the schema, typed text and the readings go by it. */
interface Field
{
}
