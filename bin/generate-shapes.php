<?php

declare(strict_types=1);

require __DIR__.'/generated.php';

// Writes what PHPStan holds the core's writers to: the shapes that docs/formats give to the documents that Lira answers with. `--check`
// only tells whether that is current.

const FORMATS = __DIR__.'/../docs/formats/lira-%s.schema.json';
const SHAPES = __DIR__.'/../phpstan.shapes.neon';
/** What a user brings (a set, an instrument, an event of a job) is an object and stays as it came; begun here, it has these fields. */
const BEGUN = 'set';
const ANSWERS = [
    'evaluation', 'solution', 'conversion', 'sound', 'fit', 'reach', 'plan', 'retuning', 'settling', 'intonation', 'relief', 'life',
    'practice', 'setup', 'error',
];

/** @return array<string, mixed> the schema of a format, or what a pointer into it names */
function named(string $format, string $pointer = ''): array
{
    static $schemas = [];
    $node = $schemas[$format] ??= json_decode((string) file_get_contents(sprintf(FORMATS, $format)), true, flags: JSON_THROW_ON_ERROR);
    foreach (array_filter(explode('/', $pointer)) as $key) {
        $node = $node[$key];
    }

    return $node;
}

/** The types of PHPStan for schemas; each object that has a title becomes one by its name. */
final class Shapes
{
    /** @var array<string, string> */
    public array $aliases = [];

    /** @param  array<string, mixed>  $schema */
    public function of(array $schema, string $format): string
    {
        // Which of its keys exclude each other no type can say; the schema and the core do.
        if (isset($schema['properties'])) {
            unset($schema['oneOf'], $schema['anyOf']);
        }

        return match (true) {
            isset($schema['$ref']) => $this->referred($schema['$ref'], $format),
            isset($schema['oneOf']), isset($schema['anyOf']) => implode('|', array_unique(array_map(
                fn (array $each): string => $this->of($each, $format),
                $schema['oneOf'] ?? $schema['anyOf'],
            ))),
            array_key_exists('const', $schema) => var_export($schema['const'], true),
            isset($schema['enum']) => implode('|', array_map(self::literal(...), $schema['enum'])),
            default => implode('|', array_map(fn (string $type): string => $this->typed($type, $schema, $format), (array) ($schema['type'] ?? 'any'))),
        };
    }

    private function referred(string $ref, string $format): string
    {
        $from = $format;
        [$urn, $pointer] = explode('#', $ref) + [1 => ''];
        $format = $urn === '' ? $format : str_replace('lira-', '', explode(':', $urn)[3]);
        $schema = named($format, $pointer);

        // What belongs to a user's own document is written as it is there: an object.
        $isOwn = $format === BEGUN && $from !== BEGUN && ($schema['type'] ?? null) === 'object';

        return $isOwn ? '\stdClass' : $this->of($schema, $format);
    }

    private static function literal(mixed $value): string
    {
        return $value === null ? 'null' : var_export($value, true);
    }

    /** @param  array<string, mixed>  $schema */
    private function typed(string $type, array $schema, string $format): string
    {
        return match ($type) {
            'null' => 'null',
            'string' => 'string',
            'boolean' => 'bool',
            'integer' => 'int',
            'number' => 'int|float',
            'array' => $this->listed($schema, $format),
            'object' => $this->object($schema, $format),
            'any' => 'mixed',
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function listed(array $schema, string $format): string
    {
        $each = $this->of($schema['items'] ?? [], $format);
        $least = $schema['minItems'] ?? 0;
        if ($least > 1 && $least === ($schema['maxItems'] ?? null)) {
            return sprintf('array{%s}', implode(', ', array_fill(0, $least, $each)));
        }

        return sprintf('%slist<%s>', $least > 0 ? 'non-empty-' : '', $each);
    }

    /** @param  array<string, mixed>  $schema */
    private function object(array $schema, string $format): string
    {
        $alias = isset($schema['title']) ? $schema['title'].($format === BEGUN ? 'Fields' : 'Json') : null;
        if ($alias !== null && isset($this->aliases[$alias])) {
            return $alias;
        }
        if (! isset($schema['properties'])) {
            // Under names of its own: one that is empty must be written {} too.
            return $format === BEGUN ? sprintf('array<string, %s>', $this->of($schema['additionalProperties'] ?? [], $format)) : '\stdClass';
        }
        $keys = [];
        foreach ($schema['properties'] as $key => $each) {
            $keys[] = sprintf('%s%s: %s', $key, in_array($key, $schema['required'] ?? [], true) ? '' : '?', $this->of($each, $format));
        }
        $shape = sprintf('array{%s}', implode(', ', $keys));
        if ($alias === null) {
            return $shape;
        }
        $this->aliases[$alias] = $shape;

        return $alias;
    }
}

$shapes = new Shapes;
foreach ([...ANSWERS, BEGUN] as $format) {
    $shapes->of(named($format), $format);
}
ksort($shapes->aliases);
$lines = array_map(
    static fn (string $alias, string $shape): string => sprintf("        %s: '%s'\n", $alias, str_replace("'", "''", $shape)),
    array_keys($shapes->aliases),
    $shapes->aliases,
);

writeOrCheck(
    [SHAPES => "# Made from docs/formats by bin/generate-shapes.php. Change the schemas, not this file.\nparameters:\n    typeAliases:\n".implode('', $lines)],
    'phpstan.shapes.neon is not what docs/formats say',
    'generate-shapes.php',
);
