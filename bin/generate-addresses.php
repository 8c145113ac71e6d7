<?php

declare(strict_types=1);

// Writes for the browser the address of each named route: texts, which the build puts where they are used, and functions of
// what they take, one file for each group of names, so that a page fetches few of them. `--check` only tells whether they are current.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/generated.php';

use App\Http\Places;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Str;

const TARGET = __DIR__.'/../resources/js/generated/addresses';
const FIRST = "// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.\n";

/** Words of the language itself, which no parameter can be. */
const RESERVED = ['import' => 'list'];

/** What is a number, by the routes' own conditions; all else is a text that may hold anything. */
function taken(Route $route, string $parameter): string
{
    $name = RESERVED[$parameter] ?? $parameter;

    return ($route->wheres[$parameter] ?? '') === '[0-9]+' ? "\${{$name}}" : "\${encodeURIComponent({$name})}";
}

function written(Route $route): string
{
    $name = Str::camel(str_replace('.', '-', (string) $route->getName()));
    $path = '/'.ltrim($route->uri(), '/');
    foreach ($route->parameterNames() as $parameter) {
        $path = str_replace("{{$parameter}}", taken($route, $parameter), $path);
    }
    if ($route->parameterNames() === []) {
        return "export const {$name} = '{$path}';\n";
    }
    $takes = array_map(static fn (string $one): string => (RESERVED[$one] ?? $one).': number | string', $route->parameterNames());

    return "export const {$name} = (".implode(', ', $takes).") => `{$path}`;\n";
}

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$files = [];
foreach ($app->make(Router::class)->getRoutes() as $route) {
    if ($route->getName() !== null && ! str_contains((string) $route->getName(), 'generated::')) {
        $files[$route->parameterNames() === [] ? 'places' : explode('.', $route->getName())[0]][$route->getName()] = written($route);
    }
}
$texts = [];
foreach ($files as $first => $lines) {
    ksort($lines);
    $texts[TARGET."/{$first}.ts"] = FIRST.implode('', $lines);
}
$frame = array_map(static fn (string $address, string $label): string => "    { label: '{$label}', href: '{$address}' },\n", array_keys(Places::labels()), Places::labels());
$texts[TARGET.'/frame.ts'] = FIRST."/** Where one can go from every page. */\nexport const PLACES = [\n".implode('', $frame)."];\n";
$gone = array_values(array_diff(glob(TARGET.'/*.ts') ?: [], array_keys($texts)));
writeOrCheck($texts, 'resources/js/generated/addresses is not what the routes say', 'generate-addresses.php', $gone);
