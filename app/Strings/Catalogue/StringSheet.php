<?php

declare(strict_types=1);

namespace App\Strings\Catalogue;

use App\Models\ListString;
use App\Models\TypeColumns;
use App\Strings\Catalogue\Views\SectionCoreView;
use App\Strings\Catalogue\Views\SectionView;
use App\Strings\Catalogue\Views\SheetDensityView;
use App\Strings\Catalogue\Views\SheetView;
use App\Strings\Catalogue\Views\SuitsView;
use App\Strings\Catalogue\Views\UseView;
use App\Strings\Samples\Samples;
use Illuminate\Support\Facades\DB;
use Lira\Catalogue\StringSuits;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Document\StringReader;
use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Kind\StringEnd;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;

/** All there is to say about one string that can be ordered: how it is built, what it weighs, what it suits, where it is used. */
final readonly class StringSheet
{
    private const USES_SHOWN = 50;

    public function __construct(private Samples $samples) {}

    public function of(ListString $string, float $lengthMm): SheetView
    {
        $kind = $this->kind($string);
        $built = $this->built($string, $kind);

        return new SheetView(
            $string->id, $string->supplier_id, $string->code, $string->name, $string->supplier->name, $string->supplier->currency,
            $string->cents, $string->box_of, $string->box_cents, ...TypeColumns::view($string->type()),
            length_mm: $string->length_mm, end: StringEnd::tryFrom($string->end ?? ''), kind: $kind->label(),
            section: $built === null ? null : $this->section($built),
            density: $built === null ? null : $this->density($string, $built, $kind),
            suits: $built === null ? null : $this->suits($built, $kind, $lengthMm / 1000),
            uses: $this->uses($string),
        );
    }

    /** The kind of instrument such a string is made for; it decides its usual core. */
    private function kind(ListString $string): Kind
    {
        $long = $string->construction !== 'plain' && $string->length_mm !== null && $string->length_mm > 1050.0;

        return match (Material::from($string->material)) {
            Material::SilverPlatedCopper, Material::Nylon, Material::Fluorocarbon, Material::SyntheticGut,
            Material::NylonMultifilament => Kind::ClassicalGuitar,
            Material::PhosphorBronze, Material::Bronze8020 => $long ? Kind::Bass : Kind::AcousticGuitar,
            Material::MusicWire, Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::NylonTape,
            Material::Polyurethane => $long ? Kind::Bass : Kind::ElectricGuitar,
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

    private function section(BuiltString $built): SectionView
    {
        $core = $built->build->core;
        $layers = [];
        $wraps = $built->build->wraps;
        $inner = $core === null || $wraps === [] ? 0.0 : $core->innerDiameterM($wraps[0]->material());
        foreach ($wraps as $wrap) {
            $inner += 2 * $wrap->thicknessM();
            $layers[] = round($inner * 1000, 4);
        }

        return new SectionView(
            $core === null ? null : new SectionCoreView($core->shape, round($core->size->inMillimetres(), 4)),
            $layers,
            round($built->build->outerDiameterM * 1000, 4),
        );
    }

    private function density(ListString $string, BuiltString $built, Kind $kind): SheetDensityView
    {
        try {
            $modelled = BuiltString::of(new StringSpec($built->spec->type), $kind)->density->kgPerM;
        } catch (InvalidInput) {
            $modelled = null;
        }

        return new SheetDensityView(
            $built->density->kgPerM,
            $built->density->tolerance->share(),
            $built->density->source,
            $modelled,
            $modelled === null || $string->kg_per_m === null ? null : $string->kg_per_m / $modelled - 1,
        );
    }

    private function suits(BuiltString $built, Kind $kind, float $lengthM): ?SuitsView
    {
        $suits = StringSuits::on($built, $kind, $lengthM);

        return $suits === null ? null : new SuitsView(
            $suits->low?->name(),
            $suits->usual?->name(),
            $suits->high?->name(),
            $suits->lowHz,
            $suits->highHz,
            $suits->breaks,
        );
    }

    /** @return list<UseView> the sets that have such a string, the last changed first */
    private function uses(ListString $string): array
    {
        $uses = [];
        $rows = DB::table('set_strings')->join('sets', 'sets.id', '=', 'set_strings.set_id')->where(TypeColumns::of($string->type()))
            ->whereNull('sets.archived_at')
            ->orderByDesc('sets.updated_at')->orderBy('sets.id')->orderBy('position')->limit(self::USES_SHOWN)->get(
                ['sets.id', 'sets.name', 'position'],
            );
        foreach ($rows as $row) {
            /** @var \stdClass&object{id: int, name: string, position: int} $row */
            $uses[] = new UseView($row->id, $row->name, $row->position);
        }

        return $uses;
    }
}
