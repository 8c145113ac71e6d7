<?php

declare(strict_types=1);

namespace App\Strings\Samples;

use App\Models\MeasuredSample;
use App\Models\TypeColumns;
use App\Strings\Samples\Views\CorrectionView;
use App\Strings\Samples\Views\FamilyCorrectionView;
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
use Lira\Strings\CorrectionLine;
use Lira\Strings\Sample;
use Lira\Strings\StringBuild;
use Lira\Strings\StringType;

/** What was measured here, what it says about the model, and where it is used. */
final class Samples
{
    /** The line is drawn so far beyond the gauges that were weighed. */
    private const BEYOND_IN = 0.002;

    private const STEPS = 12;

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

        return array_values(array_map($this->family(...), $families));
    }

    /** @param  non-empty-list<MeasuredSample>  $samples  of one family and kind of instrument */
    private function family(array $samples): SampleFamilyView
    {
        $kind = Kind::from($samples[0]->kind);
        $counting = array_values(array_filter($samples, static fn (MeasuredSample $sample): bool => $sample->archived_at === null));
        $line = CorrectionLine::fit(array_map($this->read(...), $counting), $kind)[0] ?? null;

        return new SampleFamilyView(
            $samples[0]->type()->construction, $samples[0]->type()->material, $kind->label(), array_map($this->result(...), $samples),
            $line === null ? null : self::line($line, array_map(static fn (MeasuredSample $sample): float => $sample->type()->gauge->inInches(), $samples), count($counting)),
        );
    }

    /** @param  non-empty-list<float>  $gauges  inches */
    private static function line(CorrectionLine $line, array $gauges, int $samples): FamilyCorrectionView
    {
        [$thin, $thick] = [min($gauges) - self::BEYOND_IN, max($gauges) + self::BEYOND_IN];
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $gauge = max(self::BEYOND_IN, $thin) + ($thick - max(self::BEYOND_IN, $thin)) * $step / self::STEPS;
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
