<?php

declare(strict_types=1);

// Writes for the browser what the core says in words: labels, what goes with what, and the sentences of findings and
// conversions. `--check` only tells whether they are current.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/generated.php';

use App\Models\JobReason;
use Lira\Catalogue\ListField;
use Lira\Catalogue\ListUnit;
use Lira\Conversion\Argument;
use Lira\Finding\FitAspect;
use Lira\Finding\Remedy;
use Lira\Finding\Rulebook;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Fingerboard;
use Lira\Instrument\NeckJoint;
use Lira\Instrument\NutHold;
use Lira\Instrument\TrussRod;
use Lira\Kind\Anchor;
use Lira\Kind\BuiltFor;
use Lira\Kind\Kind;
use Lira\Kind\Pickup;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;
use Lira\Kind\StringEnd;
use Lira\Length\Scale;
use Lira\Material\Material;
use Lira\Solver\Constructions;
use Lira\Solver\PoolEnd;
use Lira\Strings\Construction;
use Lira\Strings\CoreTable;
use Lira\Strings\StringType;
use Lira\Typed\Grammar;

const TARGET = __DIR__.'/../resources/js/generated/words.ts';
const NECK = __DIR__.'/../resources/js/generated/neck.ts';
/** Enums with a label() for each case, by the name of their labels. */
const LABELS = [
    'KINDS' => Kind::class,
    'CONSTRUCTIONS' => Construction::class,
    'MATERIALS' => Material::class,
    'STRING_ENDS' => StringEnd::class,
    'ANCHORS' => Anchor::class,
    'BRIDGE_HOLDS' => BridgeHold::class,
    'NUT_HOLDS' => NutHold::class,
    'POST_TYPES' => PostType::class,
    'POST_LAYOUTS' => PostLayout::class,
    'BUILT_FOR' => BuiltFor::class,
    'PICKUPS' => Pickup::class,
    'FINGERBOARDS' => Fingerboard::class,
    'NECK_JOINTS' => NeckJoint::class,
    'TRUSS_RODS' => TrussRod::class,
    'FIT_ASPECTS' => FitAspect::class,
    'REMEDIES' => Remedy::class,
    'REASONS' => JobReason::class,
];

$written = static fn (mixed $value): string => json_encode($value, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
$constants = [];
foreach (LABELS as $name => $enum) {
    $constants[$name] = $written(array_column(array_map(static fn ($case): array => [$case->value, $case->label()], $enum::cases()), 1, 0));
}
$constants['MATERIALS_OF'] = $written(array_column(array_map(
    static fn (Construction $construction): array => [$construction->value, array_column($construction->materials(), 'value')],
    Construction::cases(),
), 1, 0));
// What the core says of kinds and constructions, where the browser draws or asks by it.
$constants['BASSES'] = $written(array_values(array_map(static fn (Kind $kind): string => $kind->value, array_filter(Kind::cases(), static fn (Kind $kind): bool => $kind->isBass()))));
$constants['FLAT'] = $written(array_values(array_map(
    static fn (Construction $construction): string => $construction->value,
    array_filter(Construction::cases(), static fn (Construction $construction): bool => $construction->isFlat()),
)));
$constants['ON_FLOSS'] = $written(array_values(array_map(
    static fn (Material $wrap): string => $wrap->value,
    array_filter(Material::cases(), static fn (Material $wrap): bool => CoreTable::for(Kind::Other, $wrap)->isFloss()),
)));
$fields = ListField::cases();
usort($fields, static fn (ListField $a, ListField $b): int => (int) $b->isNeeded() <=> (int) $a->isNeeded());
$constants['LIST_FIELDS'] = $written(array_map(static fn (ListField $field): array => [
    'field' => $field->value, 'label' => $field->label(), 'needed' => $field->isNeeded(),
    'units' => array_map(static fn (ListUnit $unit): array => [$unit->value, $unit->label()], ListUnit::of($field)),
], $fields));
// How figures with a unit are spelt.
$constants['TYPED'] = $written([
    'number' => Grammar::number(),
    'gauge' => Grammar::gauge(), 'gaugeMetres' => Grammar::gauges(), 'windings' => Grammar::WINDINGS,
    'length' => Grammar::length(), 'lengthMetres' => Grammar::LENGTHS,
    'tension' => Grammar::tension(), 'newtons' => Grammar::TENSIONS,
    'fractions' => Grammar::fractions(),
    'thickestIn' => Grammar::THICKEST_IN, 'thickestMm' => Grammar::THICKEST_MM, 'thinnestMm' => Grammar::THINNEST_MM,
    'gaugeFromMm' => StringType::THINNEST_NM / 1e6, 'gaugeToMm' => StringType::THICKEST_NM / 1e6,
    'scaleFromMm' => Scale::SHORTEST_M * 1000, 'scaleToMm' => Scale::LONGEST_M * 1000,
]);
$sentences = [];
foreach (Rulebook::types() as $type) {
    $sentences[$type->code] = $type->sentence;
}
$sentences[PoolEnd::CODE] = PoolEnd::SENTENCE;
$sentences[Constructions::CODE] = Constructions::SENTENCE;
foreach (Argument::cases() as $argument) {
    $sentences[$argument->value] = $argument->sentence();
}
$text = "// Made from the enums and findings of the core by bin/generate-words.php. Change those, not this file.\n";
foreach ($constants as $name => $value) {
    $text .= "\nexport const {$name} = {$value} as const;\n";
}
$text .= "\nexport const SENTENCES: Record<string, string> = {$written($sentences)};\n";

// What is said of a neck stands apart: the Bench has no use for it.
$ofNecks = [];
foreach (Rulebook::neckTypes() as $type) {
    $ofNecks[$type->code] = $type->sentence;
}
$neck = "// Made from what the core finds along a neck by bin/generate-words.php. Change that, not this file.\n"
    ."\nexport const NECK_SENTENCES: Record<string, string> = {$written($ofNecks)};\n";

writeOrCheck([TARGET => $text, NECK => $neck], 'resources/js/generated/words.ts or neck.ts is not what the core says', 'generate-words.php');
