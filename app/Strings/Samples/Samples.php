<?php

declare(strict_types=1);

namespace App\Strings\Samples;

use App\Models\MeasuredSample;
use App\Models\TypeColumns;
use App\Strings\Samples\Views\CorrectionView;
use App\Strings\Samples\Views\FamilyCorrectionView;
use App\Strings\Samples\Views\ModelledView;
use App\Strings\Samples\Views\SampleFamilyView;
use App\Strings\Samples\Views\SampleView;
use Illuminate\Support\Facades\DB;
use Lira\Document\InvalidDocument;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Document\SampleReader;
use Lira\Document\StringReader;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Pool\StandardPool;
use Lira\Strings\BuiltString;
use Lira\Strings\CorrectionLine;
use Lira\Strings\Sample;
use Lira\Strings\StringBuild;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/** What was measured here, what it says about the model, and where it is used. */
final class Samples
{
    /** So many gauges of a family, less one, does a drawing take. */
    private const STEPS = 16;

    /**
     * What a sample comes to, beside the model.
     *
     * @throws InvalidDocument with every problem of its readings
     */
    public function result(MeasuredSample $measured): SampleView
    {
        $sample = $this->read($measured);
        $build = StringBuild::of($sample->spec, Kind::from($measured->kind));
        $modelled = $build->core === null ? null : $build->kgPerM();

        return new SampleView(
            $measured->exists ? $measured->id : null, ...TypeColumns::view($measured->type()),
            kind: Kind::from($measured->kind), weighed: isset($measured->readings['mass_g']),
            kg_per_m: $sample->restKgPerM, tolerance: $sample->tolerance, modelled_kg_per_m: $modelled,
            ratio: $modelled === null ? null : $sample->restKgPerM / $modelled,
            core_mm: $measured->core['size_mm'] ?? null, note: $measured->note, set_aside: $measured->archived_at !== null,
        );
    }

    /** @return list<SampleFamilyView> with its samples, and the factor that those that count give */
    public function families(): array
    {
        $families = [];
        foreach (MeasuredSample::withTrashed()->orderBy('gauge_nm')->orderBy('id')->get() as $measured) {
            $families["{$measured->type()->family()} {$measured->kind}"][] = $measured;
        }

        return array_values(array_map(fn (array $of): SampleFamilyView => $this->family($of[0]->type(), Kind::from($of[0]->kind), $of), $families));
    }

    /** A family of strings as it is modelled, with what was measured of it; nothing needs to have been. */
    public function familyOf(StringType $type, Kind $kind): SampleFamilyView
    {
        $samples = MeasuredSample::withTrashed()->where('construction', $type->construction)->where('material', $type->material)->where('kind', $kind->value)
            ->orderBy('gauge_nm')->orderBy('id')->get();

        return $this->family($type, $kind, array_values($samples->all()));
    }

    /** @param  list<MeasuredSample>  $samples  of one family and kind of instrument */
    private function family(StringType $type, Kind $kind, array $samples): SampleFamilyView
    {
        $counting = array_values(array_filter($samples, static fn (MeasuredSample $sample): bool => $sample->archived_at === null));
        $model = self::model($type, $kind);
        $line = CorrectionLine::fit(array_map($this->read(...), $counting), $kind)[0] ?? null;
        $gauges = [
            ...array_map(static fn (MeasuredSample $sample): float => $sample->type()->gauge->inInches(), $samples),
            ...array_map(static fn (ModelledView $of): float => $of->gauge_in, $model),
        ];

        return new SampleFamilyView(
            $type->construction, $type->material, $kind->label(), array_map($this->result(...), $samples), $model,
            $line === null || $gauges === [] ? null : self::line($line, $gauges, count($counting)),
        );
    }

    /** @return list<ModelledView> of some gauges among those that are usually sold */
    private static function model(StringType $type, Kind $kind): array
    {
        $sold = array_values(array_filter(
            StandardPool::with($kind, [BuiltString::of(new StringSpec($type), $kind)])->strings,
            static fn (BuiltString $string): bool => $string->build->core !== null && $string->spec->type->isOfFamilyOf($type),
        ));
        $last = count($sold) - 1;
        $at = array_unique(array_map(static fn (int $step): int => (int) round($last * $step / self::STEPS), range(0, self::STEPS)));

        return $last < 0 ? [] : array_map(static fn (int $index): ModelledView => new ModelledView(
            $sold[$index]->spec->type->gauge->inInches(), $sold[$index]->build->kgPerM(), $sold[$index]->density->tolerance->share(),
        ), array_values($at));
    }

    /** @param  non-empty-list<float>  $gauges  inches */
    private static function line(CorrectionLine $line, array $gauges, int $samples): FamilyCorrectionView
    {
        [$thin, $thick] = [min($gauges), max($gauges)];
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $gauge = $thin + ($thick - $thin) * $step / self::STEPS;
            $at = $line->at(Length::inches($gauge));
            $points[] = new CorrectionView($gauge, $at->factor, $at->uncertainty);
        }

        return new FamilyCorrectionView($points, $samples);
    }

    /**
     * What counts, for the documents of instruments with the same cores, marked as this workshop's.
     *
     * @return list<\stdClass>
     */
    public function forDocuments(Kind $kind): array
    {
        $samples = [];
        // Without a model for each: this is asked with every change on the Bench.
        foreach (DB::select(
            'select construction, material, gauge_nm, kind, readings, core from samples where archived_at is null order by id limit ?',
            [SampleReader::MOST],
        ) as $row) {
            /** @var \stdClass&object{construction: string, material: string, gauge_nm: int, kind: string, readings: string, core: ?string} $row */
            if (Kind::from($row->kind)->isBass() === $kind->isBass()) {
                $readings = json_decode($row->readings, true);
                $core = $row->core === null ? null : json_decode($row->core, true);
                $samples[] = self::carried(
                    TypeColumns::read($row->construction, $row->material, $row->gauge_nm),
                    is_array($readings) ? $readings : [],
                    is_array($core) ? $core : null,
                );
            }
        }

        return $samples;
    }

    /** @return array<string, array{kg_per_m: float, tolerance: float}> of each type, what its samples say together */
    public function densities(): array
    {
        $samples = [];
        foreach (MeasuredSample::query()->orderBy('id')->get() as $measured) {
            $samples[$measured->type()->key()][] = $this->read($measured);
        }

        return array_map(static function (array $of): array {
            $together = Sample::together($of);

            return ['kg_per_m' => $together->kgPerM, 'tolerance' => $together->tolerance];
        }, $samples);
    }

    /**
     * As a set document carries it.
     *
     * @param  array<mixed>  $readings
     * @param  array<mixed>|null  $core  as it was bared
     */
    private static function carried(StringType $type, array $readings, ?array $core): \stdClass
    {
        return (object) (get_object_vars(TypeColumns::json($type)) + $readings + ['workshop' => true]
            + ($core === null ? [] : ['core' => (object) $core]));
    }

    /** @throws InvalidDocument with every problem of its readings */
    private function read(MeasuredSample $measured): Sample
    {
        $problems = new Problems;
        $node = Node::root((object) ['samples' => [self::carried($measured->type(), $measured->readings, $measured->core)]], $problems);
        $samples = (new SampleReader($problems, new StringReader($problems)))->read($node, Kind::from($measured->kind));
        $problems->throwIfAny();

        return $samples[0] ?? throw InvalidDocument::at('/samples/0', 'Give what was measured.');
    }
}
