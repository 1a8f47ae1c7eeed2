<?php

declare(strict_types=1);

namespace YardCask\Server\Schema;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** Holds every document that is stored against the published JSON Schema of the plan file. */
final class PlanSchema
{
    private const NO_MATCH = 'This does not match the schema.';

    private readonly Validator $validator;
    private readonly \stdClass $schema;

    public function __construct(string $schemaDir)
    {
        $schema = Json::decode((string) file_get_contents($schemaDir.'/plan.schema.json'));
        $this->schema = $schema instanceof \stdClass ? $schema : throw new \LogicException('schema/plan.schema.json must hold an object.');
        $this->validator = new Validator();
        $this->validator->setMaxErrors(20);
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with the pointer of each place that does not match
     */
    public function check(mixed $document): void
    {
        $error = $this->validator->validate($document, $this->schema)->error();
        if (null === $error) {
            return;
        }
        $errors = [];
        foreach ((new ErrorFormatter())->format($error) as $pointer => $messages) {
            foreach (\is_array($messages) ? $messages : [$messages] as $message) {
                $errors[] = new InputError('/' === $pointer ? '' : (string) $pointer, \is_string($message) ? $message : self::NO_MATCH);
            }
        }
        throw [] === $errors ? InvalidInput::at('', self::NO_MATCH) : InvalidInput::because($errors);
    }
}
