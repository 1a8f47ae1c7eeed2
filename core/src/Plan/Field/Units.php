<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The unit chosen for each kind, out of UnitPreferences::CHOICES. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Units implements Field
{
}
