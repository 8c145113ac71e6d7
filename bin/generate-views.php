<?php

declare(strict_types=1);

// Writes the TypeScript types of what the server answers about strings, instruments and jobs, from the view classes of `app`. `--check` only
// tells whether they are current.

require __DIR__.'/../vendor/autoload.php';

use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\Construction;

const TARGET = __DIR__.'/../resources/js/generated/views.ts';

/** Enums that the open formats have too. */
const FORMATS = [Construction::class => 'Construction', Material::class => 'Material', Kind::class => 'Kind'];

/** What is said of each parameter in a docblock: its type there, and in words. */
function said(ReflectionMethod $constructor): array
{
    preg_match_all('/@param\s+(.+?)\s+\$(\w+)(?: +(.*))?$/m', (string) $constructor->getDocComment(), $found, PREG_SET_ORDER);

    return array_column(array_map(static fn (array $one): array => [$one[2], [$one[1], rtrim(trim($one[3] ?? ''), ' */')]], $found), 1, 0);
}

function typescript(string $type): string
{
    if (str_starts_with($type, '?')) {
        return typescript(substr($type, 1)).' | null';
    }
    if (preg_match('/^list<(.+)>$/', $type, $list) === 1) {
        return typescript($list[1]).'[]';
    }
    if (preg_match('/^array<string, (.+)>$/', $type, $map) === 1) {
        return 'Record<string, '.typescript($map[1]).'>';
    }
    if (isset(FORMATS[$type])) {
        return FORMATS[$type];
    }
    if (is_a($type, BackedEnum::class, true)) {
        return implode(' | ', array_map(static fn (BackedEnum $case): string => "'{$case->value}'", $type::cases()));
    }

    return match ($type) {
        'int', 'float' => 'number',
        'string' => 'string',
        'bool' => 'boolean',
        default => preg_match('/(\w+)View$/', $type, $view) === 1 ? $view[1] : throw new LogicException("{$type} is not said in TypeScript."),
    };
}

$views = [];
$files = [...(glob(__DIR__.'/../app/Strings/*/Views/*View.php') ?: []), ...(glob(__DIR__.'/../app/{Instruments,Jobs,Log,Network,Tuning}/Views/*View.php', GLOB_BRACE) ?: []), ...(glob(__DIR__.'/../app/Bench/*/Views/*View.php') ?: [])];
foreach ($files as $file) {
    $class = new ReflectionClass('App\\'.str_replace('/', '\\', substr((string) realpath($file), strlen((string) realpath(__DIR__.'/../app')) + 1, -4)));
    $constructor = $class->getConstructor() ?? throw new LogicException("{$class->name} has no properties.");
    $said = said($constructor);
    $lines = [];
    foreach ($constructor->getParameters() as $parameter) {
        $php = (string) $parameter->getType();
        [$type, $words] = $said[$parameter->name] ?? [$php, ''];
        if (str_contains($php, 'array') && ! isset($said[$parameter->name])) {
            throw new LogicException("Say in the docblock of {$class->name} what {$parameter->name} holds.");
        }
        $lines[] = ($words === '' ? '' : '    /** '.ucfirst($words).". */\n")."    {$parameter->name}: ".typescript(str_contains($php, 'array') ? $type : $php).';';
    }
    preg_match('/\* (.+?)(?: \*\/)?$/m', (string) $class->getDocComment(), $doc);
    $views[substr($class->getShortName(), 0, -4)] = '/** '.rtrim($doc[1] ?? '', ' */')." */\nexport interface ".substr($class->getShortName(), 0, -4)." {\n".implode("\n", $lines)."\n}\n";
}
ksort($views);
$text = "// Made from the view classes of app/Strings, app/Instruments and app/Jobs by bin/generate-views.php. Change those, not this file.\nimport type { ".implode(', ', FORMATS)." } from './formats';\n\n".implode("\n", $views);

if (in_array('--check', $argv, true)) {
    if (! is_file(TARGET) || file_get_contents(TARGET) !== $text) {
        fwrite(STDERR, "resources/js/generated/views.ts is not what the view classes say. Run: php bin/generate-views.php\n");
        exit(1);
    }
} else {
    file_put_contents(TARGET, $text);
}
