<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Output;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentKey;

/** What is sent stands under its keys: by itself where names are plain, else as declared. */
final class SentTest extends TestCase
{
    public function testWhatHasNamesOfSeveralWordsOrMayBeNullIsSentAsDeclared(): void
    {
        $plain = $declared = 0;
        foreach (self::sent() as $class) {
            $wants = [];
            foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
                if (SentKey::of($property->getName()) !== $property->getName() || true === $property->getType()?->allowsNull()) {
                    $wants[] = $property->getName();
                }
            }
            $isDeclared = $class->implementsInterface(\JsonSerializable::class);
            self::assertTrue([] === $wants || $isDeclared, $class->getName().' would be sent as it stands, with '.implode(', ', $wants).'.');
            ++${$isDeclared ? 'declared' : 'plain'};
        }
        self::assertGreaterThan(20, min($plain, $declared));
    }

    /** @return iterable<\ReflectionClass<object>> */
    private static function sent(): iterable
    {
        $root = \dirname(__DIR__, 2).'/src';
        foreach (new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root)), '/\.php$/') as $file) {
            $class = 'YardCask\\Core\\'.strtr(substr((string) $file, \strlen($root) + 1, -4), '/', '\\');
            if (class_exists($class) && is_subclass_of($class, Sent::class)) {
                yield new \ReflectionClass($class);
            }
        }
    }
}
