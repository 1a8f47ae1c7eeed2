<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** Something that the core sends out. Its schema, and so the front end's types, are generated from its properties. */
interface Sent extends \JsonSerializable
{
}
