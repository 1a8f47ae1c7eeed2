<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The declaration of a field of a plan, as an attribute on its property. Reading, writing, the schema, typed text and the readings all follow it. */
interface Field
{
}
