<?php

declare(strict_types=1);

namespace App\Contracts;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Parsers\SchemaParser;
use Opis\JsonSchema\Resolvers\SchemaResolver;
use Opis\JsonSchema\SchemaLoader;
use Opis\JsonSchema\Validator;
use stdClass;

/** One schema in contracts/: reads a document by it, or says what is wrong in a cook's words, with path and range. */
final class Contract
{
    private const URI = 'https://velko.example/contracts/';

    private const MOST_FAULTS = 50;

    /** What somebody filled in is no longer, bytes. */
    private const FORM = 65536;

    private static ?Validator $validator = null;

    private function __construct(private readonly string $name) {}

    /** @param  string  $name  of the file in contracts/, without ending */
    public static function named(string $name): self
    {
        return new self($name);
    }

    /**
     * @param  int|null  $values  most of them; null: as a body has
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument
     */
    public function read(string $json, ?int $values = null): array
    {
        $document = Shape::read($json, $values);
        $faults = $this->faults($document, strlen($json) > self::FORM);
        if ($faults !== []) {
            throw new BadDocument($faults);
        }

        /** @var array<string, mixed> */
        return json_decode($json, true, Shape::DEPTH, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  bool  $onlyFirst  Where a document is long nobody reads more, and to find all of them would cost seconds a megabyte.
     *
     * @return list<Fault>
     */
    public function faults(stdClass $document, bool $onlyFirst = false): array
    {
        $error = self::validator()->setStopAtFirstError($onlyFirst)->validate($document, self::URI.$this->name.'.json')->error();
        $faults = [];
        if ($error !== null) {
            self::collect($error, $faults);
        }

        return array_values($faults);
    }

    /** @param  array<string, Fault>  $faults */
    private static function collect(ValidationError $error, array &$faults): void
    {
        // A choice of shapes: the shape whose "kind" fits is the one the sender meant.
        if (in_array($error->keyword(), ['oneOf', 'anyOf'], true)) {
            $meant = array_filter($error->subErrors(), static fn (ValidationError $sub): bool => ! self::isAboutKind($sub));
            foreach ($meant === [] ? array_slice($error->subErrors(), 0, 1) : $meant as $sub) {
                self::collect($sub, $faults);
            }

            return;
        }
        if ($error->keyword() === 'propertyNames') {
            $faults[self::pointer($error)] = new Fault(self::pointer($error), 'a name in it is empty or too long');

            return;
        }
        if ($error->subErrors() !== [] && $error->keyword() !== 'additionalProperties') {
            foreach ($error->subErrors() as $sub) {
                self::collect($sub, $faults);
            }

            return;
        }
        foreach (self::told($error) as $fault) {
            $faults[$fault->line()] = $fault;
        }
    }

    private static function isAboutKind(ValidationError $error): bool
    {
        if ($error->keyword() === 'const' && array_slice($error->data()->fullPath(), -1) === ['kind']) {
            return true;
        }
        foreach ($error->subErrors() as $sub) {
            if (self::isAboutKind($sub)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Fault> */
    private static function told(ValidationError $error): array
    {
        $path = self::pointer($error);
        $args = $error->args();
        $schema = $error->schema()->info()->data();
        $names = static fn (string $key): array => array_map(static fn (mixed $name): string => is_scalar($name) ? (string) $name : '?', is_array($args[$key] ?? null) ? $args[$key] : []);

        return match ($error->keyword()) {
            'required' => array_map(static fn (string $name): Fault => new Fault($path.'/'.self::escape($name), 'is missing'), array_values($names('missing'))),
            'additionalProperties' => array_map(
                static fn (string $name): Fault => new Fault($path.'/'.self::escape($name), 'is not a field here'),
                array_values(array_filter($names('properties'), static fn (string $name): bool => ! self::knows($schema, $name))),
            ),
            default => [new Fault($path, self::expectation($schema), null, ...self::bounds($schema))],
        };
    }

    /** The validator also counts a known field with a bad value as one too many; its own fault is told elsewhere. */
    private static function knows(mixed $schema, string $name): bool
    {
        return $schema instanceof stdClass && isset($schema->properties) && isset(((array) $schema->properties)[$name]);
    }

    /** What the schema wants here, with the range, whichever of its keywords was broken. */
    private static function expectation(mixed $schema): string
    {
        if (! $schema instanceof stdClass) {
            return 'is not allowed here';
        }
        if (isset($schema->const)) {
            return 'must be '.json_encode($schema->const, JSON_UNESCAPED_SLASHES);
        }
        if (isset($schema->enum) && is_array($schema->enum)) {
            $words = array_map(static fn (mixed $word): string => is_string($word) ? $word : (string) json_encode($word), $schema->enum);

            return 'must be one of '.implode(', ', $words);
        }
        $types = array_filter((array) ($schema->type ?? []), static fn (mixed $type): bool => $type !== 'null');
        $type = reset($types);
        $unit = isset($schema->description) && is_string($schema->description) ? " ({$schema->description})" : '';

        return match (true) {
            $type === 'number' || $type === 'integer' => 'must be a '.($type === 'integer' ? 'whole ' : '').'number'.self::range($schema->minimum ?? null, $schema->maximum ?? null).$unit,
            $type === 'string' && isset($schema->pattern) => 'must be text of the form asked for'.$unit,
            $type === 'string' => 'must be text'.self::range($schema->minLength ?? null, $schema->maxLength ?? null, ' characters').$unit,
            $type === 'array' => 'must be a list'.self::range($schema->minItems ?? null, $schema->maxItems ?? null, ' entries').$unit,
            $type === 'boolean' => 'must be true or false'.$unit,
            $type === 'object' && isset($schema->minProperties) => 'must be an object'.self::range($schema->minProperties, $schema->maxProperties ?? null, ' fields').$unit,
            $type === 'object' => 'must be an object'.$unit,
            default => 'is not allowed here',
        };
    }

    /** @return array{float|null, float|null} of a number that may be between two others */
    private static function bounds(mixed $schema): array
    {
        $within = $schema instanceof stdClass && is_numeric($schema->minimum ?? null) && is_numeric($schema->maximum ?? null);

        return $within ? [(float) $schema->minimum, (float) $schema->maximum] : [null, null];
    }

    private static function range(mixed $min, mixed $max, string $of = ''): string
    {
        return match (true) {
            is_numeric($min) && $min === $max => " of exactly $min$of",
            is_numeric($min) && is_numeric($max) => " from $min to $max$of",
            is_numeric($min) => " of at least $min$of",
            is_numeric($max) => " of at most $max$of",
            default => '',
        };
    }

    private static function pointer(ValidationError $error): string
    {
        return implode('', array_map(static fn (int|string $part): string => '/'.self::escape((string) $part), $error->data()->fullPath()));
    }

    private static function escape(string $part): string
    {
        return strtr(mb_strimwidth($part, 0, 60, '…'), ['~' => '~0', '/' => '~1']);
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            // No schema here has an unevaluated keyword, and keeping count for them doubles the time.
            $validator = new Validator(new SchemaLoader(new SchemaParser([], ['allowUnevaluated' => false]), new SchemaResolver));
            $validator->setMaxErrors(self::MOST_FAULTS);
            $validator->resolver()?->registerPrefix(self::URI, dirname(__DIR__, 2).'/contracts');
            self::$validator = $validator;
        }

        return self::$validator;
    }
}
