<?php

declare(strict_types=1);

require __DIR__.'/generated.php';

// Writes from docs/formats/lira-job-event.schema.json what the core's reader of job events goes by. `--check` only tells whether that
// is current.

const SCHEMA = __DIR__.'/../docs/formats/lira-job-event.schema.json';
const TARGET = __DIR__.'/../core/Document/JobEventShapes.php';
const KEPT = ['type', 'enum', 'default', 'minimum', 'maximum', 'minLength', 'maxLength', 'maxItems', 'pattern', 'format'];

/** @var array{'$defs': array<string, array<string, mixed>>, oneOf: list<array{'$ref': string}>} $schema */
$schema = json_decode((string) file_get_contents(SCHEMA), true, flags: JSON_THROW_ON_ERROR);

$rule = static function (array $property) use (&$rule): array {
    $read = ['says' => rtrim(lcfirst((string) ($property['description'] ?? '')), '.')] + array_intersect_key($property, array_flip(KEPT));
    if (isset($property['$ref'])) {
        $read = ['says' => 'which schools', 'type' => 'schools'];
    }
    if (isset($property['items'])) {
        $read['items'] = $rule($property['items']);
    }

    return $read;
};
$exported = static function (mixed $value, int $depth) use (&$exported): string {
    if (! is_array($value)) {
        return $value === null ? 'null' : var_export($value, true);
    }
    $parts = array_map(
        static fn (int|string $key, mixed $each): string => (array_is_list($value) ? '' : var_export($key, true).' => ').$exported($each, $depth + 1),
        array_keys($value),
        $value,
    );
    $inner = str_repeat('    ', $depth + 1);

    return $depth > 2 ? '['.implode(', ', $parts).']'
        : "[\n".implode('', array_map(static fn (string $part): string => "{$inner}{$part},\n", $parts)).str_repeat('    ', $depth).']';
};

$shapes = ['*' => array_map($rule, array_intersect_key($schema['$defs'], array_flip(['id', 'device', 'sequence', 'seen', 'by', 'at'])))];
foreach ($schema['oneOf'] as ['$ref' => $ref]) {
    $kind = basename($ref);
    $shapes[$kind] = array_map($rule, $schema['$defs'][$kind]['properties']['data']['properties'] ?? []);
}
$written = <<<PHP
    <?php

    declare(strict_types=1);

    namespace Lira\\Document;

    /** Made from docs/formats/lira-job-event.schema.json by bin/generate-events.php. Change the schema, not this file. */
    final class JobEventShapes
    {
        /** What belongs to each kind of event, and under * to all of them. */
        public const OF = {$exported($shapes, 1)};
    }

    PHP;

writeOrCheck([TARGET => $written], 'core/Document/JobEventShapes.php is not what docs/formats say', 'generate-events.php');
