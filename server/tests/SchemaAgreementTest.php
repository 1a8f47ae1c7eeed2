<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Server\Catalogue\CatalogueFiles;
use YardCask\Server\Schema\PlanSchema;

/** The published schemas and the code say the same. */
final class SchemaAgreementTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private static ?PlanSchema $schema = null;

    /** @return list<Plan> the demonstration, and a new plan for each rig */
    private static function plans(): array
    {
        $choices = (new CatalogueFiles(self::ROOT.'/catalogue'))->startingChoices();
        $plans = [Plan::fromJson((string) file_get_contents(self::ROOT.'/catalogue/plans/fellside.json'))];
        foreach ($choices->rigs as $rig) {
            $plans[] = PlanStarter::start(
                FirstAnswers::read((object) ['crew' => 3, 'stay' => 'wild', 'habit' => 'generous', 'days' => 4, 'rig' => $rig->id], $choices),
                $choices,
            );
        }

        return $plans;
    }

    public function testSchemaAndReaderTakeAndRefuseTheSameDocuments(): void
    {
        $tried = [];
        foreach (self::plans() as $plan) {
            $rig = $plan->load->rig->kind()->value;
            foreach (self::variants(self::shortened(Json::decode($plan->toJson())), $rig, $tried) as $pointer => $document) {
                self::assertSame(self::readerTakes($document), self::schemaTakes($document), $rig.' '.$pointer);
            }
        }
        self::assertGreaterThan(200, \count($tried));
    }

    public function testTheBoundsOfEveryMeasuredFieldAreInTheSchema(): void
    {
        $bounds = [];
        self::collectBounds(Json::decode((string) file_get_contents(self::ROOT.'/schema/plan.schema.json')), '', $bounds);
        foreach (self::plans() as $plan) {
            foreach (MeasuredFields::of($plan) as $pointer => $field) {
                $range = $field->named->is->range;
                self::assertSame([$range->min, $range->max], $bounds[preg_replace('#/\d+(?=/)#', '/*', $pointer)] ?? null, $pointer);
            }
        }
    }

    public function testEveryAssessmentMatchesItsSchema(): void
    {
        $validator = new Validator();
        // Deeper than what is read of others.
        [$schema, $drawing, $page] = array_map(
            static fn (string $name): mixed => json_decode((string) file_get_contents(self::ROOT."/schema/$name.schema.json"), false, 64, \JSON_THROW_ON_ERROR),
            ['assessment', 'stage-drawing', 'book-page'],
        );
        foreach ([...self::plans(), ...array_map(SamplePlans::varied(...), range(1, 16))] as $plan) {
            $result = $validator->validate(Json::decode(Json::encode(Assessor::assess($plan))), $schema);
            self::assertTrue($result->isValid(), (string) $result->error());
            foreach (['use', 'load', 'tanks', 'line', 'parts'] as $stage) {
                $result = $validator->validate(Json::decode(Json::encode(Assessor::drawn($plan, $stage))), $drawing);
                self::assertTrue($result->isValid(), $stage.': '.$result->error());
            }
            foreach (Assessor::book($plan) as $printed) {
                $result = $validator->validate(Json::decode(Json::encode($printed)), $page);
                self::assertTrue($result->isValid(), 'Printed '.$printed->stage.': '.$result->error());
            }
        }
    }

    /**
     * @param array<string, true> $tried the fields whose changes have been tried, those of the load with each kind of rig
     *
     * @return iterable<string, mixed> the document, and one for each change of each of its leaves
     */
    private static function variants(mixed $document, string $rig, array &$tried): iterable
    {
        $text = Json::encode($document);
        yield 'unchanged' => $document;
        foreach (self::leaves($document, '') as $path) {
            // The rest of a plan is the same for every rig.
            $field = (str_starts_with($path, '/load/') ? $rig : '').preg_replace('#/\d+(?=/|$)#', '/*', $path);
            if (isset($tried[$field])) {
                continue;
            }
            $tried[$field] = true;
            foreach (['removed', 'null', '-1', '1e6', '"x"', '[]', '{}', 'true', '""'] as $change) {
                $copy = Json::decode($text);
                $node = &$copy;
                $keys = explode('/', substr($path, 1));
                $last = (string) array_pop($keys);
                foreach ($keys as $key) {
                    if (\is_array($node)) {
                        $node = &$node[(int) $key];
                    } else {
                        $node = &$node->{$key};
                    }
                }
                if ('removed' === $change) {
                    unset($node->{$last});
                } else {
                    $node->{$last} = Json::decode($change);
                }
                unset($node);
                yield $path.' '.$change => $copy;
            }
        }
    }

    /** Of a list, its first two elements stand for all. */
    private static function shortened(mixed $node): mixed
    {
        return match (true) {
            \is_array($node) => array_map(self::shortened(...), \array_slice($node, 0, 2)),
            $node instanceof \stdClass => (object) array_map(self::shortened(...), get_object_vars($node)),
            default => $node,
        };
    }

    /** @return list<string> the pointers of every leaf */
    private static function leaves(mixed $node, string $pointer): array
    {
        if (!\is_array($node) && !$node instanceof \stdClass) {
            return [$pointer];
        }
        $children = \is_array($node) ? $node : get_object_vars($node);
        $leaves = [];
        foreach ($children as $key => $child) {
            array_push($leaves, ...self::leaves($child, $pointer.'/'.$key));
        }

        return $leaves;
    }

    private static function readerTakes(mixed $document): bool
    {
        try {
            Plan::read($document);

            return true;
        } catch (InvalidInput $e) {
            // That heights and lengths fit each other is more than a schema can say.
            return 1 === preg_match(
                '/is above the lid|must be below the overflow|longer than the rig|behind the end of the body|cannot weigh more|is used twice|There is already one called|is too little|not a whole number/',
                $e->getMessage(),
            ) && 1 === \count($e->errors);
        }
    }

    private static function schemaTakes(mixed $document): bool
    {
        try {
            self::$schema ??= new PlanSchema(self::ROOT.'/schema');
            self::$schema->check($document);

            return true;
        } catch (InvalidInput) {
            return false;
        }
    }

    /** @param array<string, array{float, float}> $bounds */
    private static function collectBounds(mixed $schema, string $pointer, array &$bounds): void
    {
        if (!$schema instanceof \stdClass) {
            return;
        }
        if (isset($schema->minimum, $schema->maximum)) {
            $bounds[$pointer] = [(float) $schema->minimum, (float) $schema->maximum];
        }
        foreach ((array) ($schema->properties ?? []) as $key => $child) {
            self::collectBounds($child, $pointer.'/'.$key, $bounds);
        }
        self::collectBounds($schema->items ?? null, $pointer.'/*', $bounds);
        foreach ((array) ($schema->oneOf ?? []) as $child) {
            self::collectBounds($child, $pointer, $bounds);
        }
    }
}
