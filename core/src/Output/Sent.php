<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/**
 * Something that the core sends out: its public properties. Its schema, and so the front end's types, are generated from these. Where
 * one has a name of several words or may be null, they are SentAsDeclared.
 */
interface Sent
{
}
