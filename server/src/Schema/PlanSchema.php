<?php

declare(strict_types=1);

namespace YardCask\Server\Schema;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use YardCask\Core\Input\Json;
use YardCask\Server\Problem\Problem;

/** Holds every document that is stored against the published JSON Schema of the plan file. */
final readonly class PlanSchema
{
    public function __construct(private string $schemaDir)
    {
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws Problem with the pointer of each place that does not match
     */
    public function check(mixed $document): void
    {
        $schema = Json::decode((string) file_get_contents($this->schemaDir.'/plan.schema.json'));
        if (!$schema instanceof \stdClass) {
            throw new \LogicException('schema/plan.schema.json must hold an object.');
        }
        $validator = new Validator();
        $validator->setMaxErrors(20);
        $error = $validator->validate($document, $schema)->error();
        if (null === $error) {
            return;
        }
        $violations = [];
        foreach ((new ErrorFormatter())->format($error) as $pointer => $messages) {
            foreach (\is_array($messages) ? $messages : [$messages] as $message) {
                $violations[] = ['pointer' => '/' === $pointer ? '' : (string) $pointer, 'message' => \is_string($message) ? $message : 'This does not match the schema.'];
            }
        }
        throw Problem::invalid([] === $violations ? [['pointer' => '', 'message' => 'This does not match the schema.']] : $violations);
    }
}
