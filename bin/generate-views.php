<?php

declare(strict_types=1);

// Writes the TypeScript types of what the server answers, from the view classes of `app`, and of what each page is drawn from, from
// those in `app/Http/Pages`. `--check` only tells whether they are current.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/generated.php';

use App\Http\Pages\Page;
use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\Construction;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;

const GENERATED = __DIR__.'/../resources/js/generated';

/** Enums that the open formats have too. */
const FORMATS = [Construction::class => 'Construction', Material::class => 'Material', Kind::class => 'Kind'];

/** Documents of the open formats, by the names that phpstan.neon gives them. */
const DOCUMENTS = [
    'DesignJson' => 'SetDocument', 'InstrumentJson' => 'Instrument', 'BaselineJson' => 'Baseline', 'EvaluationJson' => 'Evaluation', 'DrawnFitJson' => 'DrawnFit', 'NeckSetupJson' => 'NeckSetup',
    'PlanRestJson' => "Omit<FittingPlan, 'steps'>", 'StepsJson' => "Record<string, Omit<FittingStep, 'number' | 'pull_after_n'>>",
    'ReceivedJson' => 'JobEvent & { order: number }',
];

/** Reads what is said of the parameters of one class, and writes it as TypeScript. */
final class Said
{
    private readonly PhpDocParser $parser;

    private readonly Lexer $lexer;

    /** @var array<string, string> full names by the short ones that the file uses */
    private array $uses = [];

    public function __construct(private readonly ReflectionClass $class)
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
        preg_match_all('/^use ([\w\\\\]+);$/m', (string) file_get_contents((string) $class->getFileName()), $found);
        foreach ($found[1] as $full) {
            $this->uses[substr((string) strrchr("\\{$full}", '\\'), 1)] = $full;
        }
    }

    /** The fields of an interface, a line each, with what is said of them. */
    public function fields(): string
    {
        $constructor = $this->class->getConstructor() ?? throw new LogicException("{$this->class->name} has no properties.");
        $said = [];
        if ($constructor->getDocComment() !== false) {
            foreach ($this->parser->parse(new TokenIterator($this->lexer->tokenize($constructor->getDocComment())))->getParamTagValues() as $tag) {
                $said[substr($tag->parameterName, 1)] = [$tag->type, rtrim($tag->description)];
            }
        }
        $lines = [];
        foreach ($constructor->getParameters() as $parameter) {
            $php = $parameter->getType();
            [$type, $words] = $said[$parameter->name] ?? [null, ''];
            if ($type === null && str_contains((string) $php, 'array')) {
                throw new LogicException("Say in the docblock of {$this->class->name} what {$parameter->name} holds.");
            }
            $lines[] = ($words === '' ? '' : '    /** '.ucfirst($words).". */\n")
                ."    {$parameter->name}: ".($type === null ? $this->named(ltrim((string) $php, '?')).(str_starts_with((string) $php, '?') ? ' | null' : '') : $this->typescript($type)).';';
        }

        return implode("\n", $lines);
    }

    /** What a class is, in the first line that is said of it. */
    public function words(): string
    {
        preg_match('/\* (.+?)(?: \*\/)?$/m', (string) $this->class->getDocComment(), $doc);

        return rtrim($doc[1] ?? '', ' */');
    }

    private function typescript(TypeNode $type): string
    {
        return match (true) {
            $type instanceof NullableTypeNode => $this->typescript($type->type).' | null',
            $type instanceof UnionTypeNode => implode(' | ', array_map($this->typescript(...), $type->types)),
            $type instanceof IdentifierTypeNode => $this->named(ltrim($type->name, '\\')),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode => "'{$type->constExpr->value}'",
            $type instanceof ArrayShapeNode => $this->shape($type),
            $type instanceof GenericTypeNode && $type->type->name === 'list' => $this->elements($type->genericTypes[0]),
            $type instanceof GenericTypeNode && $type->type->name === 'array' && (string) $type->genericTypes[0] === 'string' => 'Record<string, '.$this->typescript($type->genericTypes[1]).'>',
            default => throw new LogicException("{$this->class->name}: {$type} is not said in TypeScript."),
        };
    }

    private function elements(TypeNode $of): string
    {
        $one = $this->typescript($of);

        return preg_match('/ [|&] /', $one) === 1 && ! str_starts_with($one, '{') ? "({$one})[]" : "{$one}[]";
    }

    /** A shape by its keys, or a tuple where it has none. */
    private function shape(ArrayShapeNode $shape): string
    {
        $isTuple = $shape->items[0]->keyName === null;
        $items = array_map(fn (ArrayShapeItemNode $item): string => $isTuple
            ? $this->typescript($item->valueType)
            : trim((string) $item->keyName, "'").($item->optional ? '?' : '').': '.$this->typescript($item->valueType), $shape->items);

        return $isTuple ? '['.implode(', ', $items).']' : '{ '.implode('; ', $items).' }';
    }

    private function named(string $name): string
    {
        $full = $this->uses[$name] ?? $name;
        if (isset(FORMATS[$full]) || isset(DOCUMENTS[$full])) {
            return FORMATS[$full] ?? DOCUMENTS[$full];
        }
        if (is_a($full, BackedEnum::class, true)) {
            return implode(' | ', array_map(static fn (BackedEnum $case): string => "'{$case->value}'", $full::cases()));
        }

        return match ($name) {
            'int', 'float' => 'number',
            'string' => 'string',
            'bool' => 'boolean',
            'null' => 'null',
            default => preg_match('/(\w+)View$/', $name, $view) === 1 ? $view[1] : throw new LogicException("{$this->class->name}: {$name} is not said in TypeScript."),
        };
    }
}

/**
 * @param  iterable<SplFileInfo>  $files
 * @return array<string, string> interfaces by their names
 */
function interfaces(iterable $files, string $cut): array
{
    $found = [];
    foreach ($files as $file) {
        $name = 'App\\'.str_replace('/', '\\', substr((string) $file->getRealPath(), strlen((string) realpath(__DIR__.'/../app')) + 1, -4));
        if ($name === Page::class || ! str_ends_with($name, $cut === '' ? 'Page' : $cut)) {
            continue;
        }
        $class = new ReflectionClass($name);
        $said = new Said($class);
        $short = substr($class->getShortName(), 0, strlen($class->getShortName()) - strlen($cut));
        $found[$short] = '/** '.$said->words()." */\nexport interface {$short} {\n".$said->fields()."\n}\n";
    }
    ksort($found);

    return $found;
}

/** What of these names a text uses, as an import. */
function imported(string $text, array $names, string $from): string
{
    $used = array_values(array_filter($names, static fn (string $name): bool => preg_match("/(?<![\\w'])".preg_quote($name, '/')."(?![\\w'?]*:)\\b/", (string) preg_replace('~/\*\*.*?\*/~s', '', $text)) === 1));
    sort($used);

    return $used === [] ? '' : 'import type { '.implode(', ', $used)." } from './{$from}';\n";
}

/** @return iterable<SplFileInfo> */
function filesIn(string $pattern): iterable
{
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../app', FilesystemIterator::SKIP_DOTS)) as $file) {
        if (preg_match($pattern, $file->getPathname()) === 1) {
            yield $file;
        }
    }
}

preg_match_all('/(?<!\w)[A-Z]\w+(?!<)\b/', (string) preg_replace('/Omit|Record/', '', implode(' ', [...FORMATS, ...DOCUMENTS])), $formats);
$formats = array_unique($formats[0]);
$views = interfaces(filesIn('~/Views/\w+View\.php$~'), 'View');
$body = implode("\n", $views);
$texts = [GENERATED.'/views.ts' => "// Made from the view classes of app by bin/generate-views.php. Change those, not this file.\n".imported($body, $formats, 'formats')."\n".$body];
$body = implode("\n", interfaces(filesIn('~/Http/Pages/~'), ''));
$texts[GENERATED.'/pages.ts'] = "// Made from the pages of app/Http/Pages by bin/generate-views.php. Change those, not this file.\n"
    .imported($body, $formats, 'formats').imported($body, array_keys($views), 'views')."\n".$body;

writeOrCheck($texts, 'resources/js/generated/views.ts or pages.ts is not what the classes of app say', 'generate-views.php');
