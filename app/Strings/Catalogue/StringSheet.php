<?php

declare(strict_types=1);

namespace App\Strings\Catalogue;

use App\Models\ListString;
use App\Strings\Samples\Samples;
use App\Strings\TypeColumns;
use Illuminate\Support\Facades\DB;
use Lira\Catalogue\StringSuits;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Document\StringReader;
use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;

/** All there is to say about one string that can be ordered: how it is built, what it weighs, what it suits, where it is used. */
final readonly class StringSheet
{
    private const USES_SHOWN = 50;

    public function __construct(private Samples $samples) {}

    /** @return array<string, mixed> */
    public function of(ListString $string, float $lengthMm): array
    {
        $kind = $this->kind($string);
        $built = $this->built($string, $kind);

        return [
            'id' => $string->id,
            'code' => $string->code,
            'name' => $string->name,
            'supplier' => $string->supplier->name,
            'currency' => $string->supplier->currency,
            'cents' => $string->cents,
            'box_of' => $string->box_of,
            'box_cents' => $string->box_cents,
            ...TypeColumns::of($string->type()),
            'length_mm' => $string->length_mm,
            'end' => $string->end,
            'kind' => $kind->label(),
            'section' => $built === null ? null : $this->section($built),
            'density' => $built === null ? null : $this->density($string, $built, $kind),
            'suits' => $built === null ? null : $this->suits($built, $kind, $lengthMm / 1000),
            'uses' => $this->uses($string),
        ];
    }

    /** The kind of instrument such a string is made for; it decides its usual core. */
    private function kind(ListString $string): Kind
    {
        return match (true) {
            in_array($string->material, [Material::SilverPlatedCopper->value, Material::Nylon->value, Material::Fluorocarbon->value, Material::SyntheticGut->value, Material::NylonMultifilament->value], true) => Kind::ClassicalGuitar,
            $string->construction !== 'plain' && $string->length_mm !== null && $string->length_mm > 1050.0 => Kind::Bass,
            in_array($string->material, [Material::PhosphorBronze->value, Material::Bronze8020->value], true) => Kind::AcousticGuitar,
            default => Kind::ElectricGuitar,
        };
    }

    private function built(ListString $string, Kind $kind): ?BuiltString
    {
        $problems = new Problems;
        $spec = (new StringReader($problems))->read(Node::root(StringCatalogue::json($string, $this->samples->densities()), $problems));
        try {
            return $spec === null ? null : BuiltString::of($spec, $kind);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return array{core: ?array{shape: string, size_mm: float}, layers_mm: list<float>, outer_mm: float} diameters, inside out */
    private function section(BuiltString $built): array
    {
        $core = $built->build->core;
        $layers = [];
        $inner = $core?->size->inMetres() ?? 0.0;
        foreach ($built->build->wraps as $wrap) {
            $inner += 2 * $wrap->thicknessM();
            $layers[] = round($inner * 1000, 4);
        }

        return [
            'core' => $core === null ? null : ['shape' => $core->shape->value, 'size_mm' => round($core->size->inMillimetres(), 4)],
            'layers_mm' => $layers,
            'outer_mm' => round($built->build->outerDiameterM * 1000, 4),
        ];
    }

    /** @return array<string, mixed> what is taken, and what the model says beside it */
    private function density(ListString $string, BuiltString $built, Kind $kind): array
    {
        try {
            $modelled = BuiltString::of(new StringSpec($built->spec->type), $kind)->density->kgPerM;
        } catch (InvalidInput) {
            $modelled = null;
        }

        return [
            'kg_per_m' => $built->density->kgPerM,
            'tolerance' => $built->density->tolerance,
            'source' => $built->density->source->value,
            'modelled_kg_per_m' => $modelled,
            'off' => $modelled === null || $string->kg_per_m === null ? null : $string->kg_per_m / $modelled - 1,
        ];
    }

    /** @return array<string, mixed>|null */
    private function suits(BuiltString $built, Kind $kind, float $lengthM): ?array
    {
        $suits = StringSuits::on($built, $kind, $lengthM);

        return $suits === null ? null : [
            'low' => $suits->low?->name(), 'usual' => $suits->usual?->name(), 'high' => $suits->high?->name(),
            'low_hz' => $suits->lowHz, 'high_hz' => $suits->highHz, 'breaks' => $suits->breaks,
        ];
    }

    /** @return list<array{id: int, name: string, position: int}> the sets that have such a string, the last changed first */
    private function uses(ListString $string): array
    {
        $uses = [];
        $rows = DB::table('set_strings')->join('sets', 'sets.id', '=', 'set_strings.set_id')->where(TypeColumns::of($string->type()))->whereNull('sets.archived_at')
            ->orderByDesc('sets.updated_at')->orderBy('sets.id')->orderBy('position')->limit(self::USES_SHOWN)->get(['sets.id', 'sets.name', 'position']);
        foreach ($rows as $row) {
            /** @var \stdClass&object{id: int, name: string, position: int} $row */
            $uses[] = ['id' => $row->id, 'name' => $row->name, 'position' => $row->position];
        }

        return $uses;
    }
}
