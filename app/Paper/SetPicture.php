<?php

declare(strict_types=1);

namespace App\Paper;

use App\Bench\Answer\GaugeLine;
use App\Models\StringSet;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Material\Material;
use Lira\Wording\Units;

/** A set as a picture, to be sent where a page is too much: its strings drawn as thick as they are, what each is tuned to and pulls. */
final class SetPicture
{
    public const WIDTH = 1080;

    public const HEAD = 190;

    public const ROW = 92;

    public const FOOT = 96;

    /** So many signs of a name stand in one line. */
    private const NAME_SIGNS = 46;

    private const UNDER_SIGNS = 88;

    /** Pixels a millimetre of a string's diameter. */
    private const PX_PER_MM = 7.0;

    /**
     * @param  SetDocument  $document  the set's own
     * @param  int  $tuning  which of its tunings, from 0
     * @return string SVG
     */
    public static function of(StringSet $set, SetDocument $document, Units $units, int $tuning): string
    {
        $evaluation = $document->evaluation();
        $tunings = $document->design->tunings;
        $shown = min(max(0, $tuning), count($tunings) - 1);
        $instrument = $document->design->instrument;
        $rows = array_map(static fn (EvaluatedString $string): array => self::row($string, $shown, $units), $evaluation->strings);
        $total = $evaluation->totals[$shown];

        return View::make('sheets.picture', [
            'width' => self::WIDTH, 'height' => self::HEAD + self::ROW * count($rows) + self::FOOT, 'head' => self::HEAD, 'row' => self::ROW,
            'name' => Str::limit($set->name, self::NAME_SIGNS, '…'),
            'under' => Str::limit("{$instrument->name}, {$instrument->kind->label()}, {$units->length($evaluation->strings[0]->speakingLengthM)}", self::UNDER_SIGNS, '…'),
            'tuning' => Str::limit(SetSheet::tuningWords($tunings[$shown]), self::UNDER_SIGNS, '…'),
            'rows' => $rows,
            'unit' => $units->gauge === 'mm' ? 'gauges in mm' : 'gauges in thousandths of an inch',
            'total' => $units->tension($total->tensionN, $total->tolerance()).($total->change === null ? '' : ', '.Units::change($total->change->share())),
        ])->render();
    }

    /** @return array<string, string|int|float|bool> */
    private static function row(EvaluatedString $string, int $tuning, Units $units): array
    {
        $type = $string->string->spec->type;
        $at = $string->tunings[$tuning];

        return [
            'position' => $string->position, 'pitch' => $at->pitch->label(),
            'gauge' => GaugeLine::one($type, $units),
            'made' => $type->construction->isWound() ? "{$type->construction->label()}, {$type->material->label()}" : $type->material->label(),
            'tension' => $units->tension($at->tensionN, $string->string->density->tolerance->share()),
            'change' => $at->change === null ? '' : Units::change($at->change->share()).' '.$at->change->words(),
            'thick' => round(max(1.4, $type->gauge->inMillimetres() * self::PX_PER_MM), 1), 'wound' => $type->construction->isWound(),
            'colour' => self::colour($type->material),
        ];
    }

    private static function colour(Material $material): string
    {
        return match ($material) {
            Material::MusicWire, Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel, Material::SilverPlatedCopper => '#8b949b',
            Material::PhosphorBronze, Material::Bronze8020 => '#b98f5a',
            Material::Nylon, Material::NylonMultifilament, Material::Fluorocarbon, Material::SyntheticGut, Material::NylonTape, Material::Polyurethane => '#b5ac86',
        };
    }
}
