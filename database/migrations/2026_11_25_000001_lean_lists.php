<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the lists of instruments and sets show, without reading a document for each. Read here from the documents as they were
 * then: the application's own reading changes with the tables that come later.
 */
return new class extends Migration
{
    private const INCH_MM = 25.4;

    public function up(): void
    {
        Schema::table('sets', static function (Blueprint $table): void {
            $table->index(['instrument_id', 'updated_at']);
            $table->json('tuning_names')->default('[]');
            $table->json('gauges_in')->default('[]');
        });
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->float('first_mm', 53)->default(0);
            $table->float('last_mm', 53)->default(0);
            $table->string('owner', 200)->default('');
        });
        foreach (DB::table('instruments')->orderBy('id')->get(['id', 'strings', 'document']) as $row) {
            $document = $this->document($row->document);
            [$first, $last] = $this->lengths($document, is_numeric($row->strings) ? (int) $row->strings : 1);
            DB::table('instruments')->where('id', $row->id)->update([
                'first_mm' => $first, 'last_mm' => $last, 'owner' => is_string($document['owner'] ?? null) ? mb_substr($document['owner'], 0, 200) : '',
            ]);
        }
        foreach (DB::table('sets')->orderBy('id')->get(['id', 'document']) as $row) {
            $document = $this->document($row->document);
            DB::table('sets')->where('id', $row->id)->update([
                'tuning_names' => json_encode($this->tunings($document), JSON_THROW_ON_ERROR), 'gauges_in' => json_encode($this->gauges($document), JSON_THROW_ON_ERROR),
            ]);
        }
    }

    public function down(): void
    {
        Schema::table('instruments', static function (Blueprint $table): void {
            $table->dropColumn(['first_mm', 'last_mm', 'owner']);
        });
        Schema::table('sets', static function (Blueprint $table): void {
            $table->dropIndex(['instrument_id', 'updated_at']);
            $table->dropColumn(['tuning_names', 'gauges_in']);
        });
    }

    /** @return array<mixed> */
    private function document(mixed $text): array
    {
        $document = is_string($text) ? json_decode($text, true) : null;

        return is_array($document) ? $document : [];
    }

    /** @return list<array<mixed>> */
    private function rows(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }

    private function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /**
     * @param  array<mixed>  $document
     * @return array{float, float} speaking lengths of the first and the last string, mm
     */
    private function lengths(array $document, int $strings): array
    {
        $scale = is_array($document['scale'] ?? null) ? $document['scale'] : [];
        $each = is_array($scale['lengths_mm'] ?? null) ? array_values($scale['lengths_mm']) : [];
        $lengths = match ($scale['type'] ?? null) {
            'half' => array_fill(0, 2, 2 * $this->number($scale['nut_to_twelfth_mm'] ?? null)),
            'multiscale' => [$this->number($scale['treble_mm'] ?? null), $this->number($scale['bass_mm'] ?? null)],
            'each' => [$this->number($each[0] ?? null), $this->number($each[$strings - 1] ?? null)],
            default => array_fill(0, 2, $this->number($scale['length_mm'] ?? null)),
        };
        foreach ($this->rows($document['short_strings'] ?? null) as $short) {
            $shorter = 2 ** (-$this->number($short['starts_at_fret'] ?? null) / 12);
            foreach ([1, $strings] as $end => $position) {
                $lengths[$end] *= $this->number($short['position'] ?? null) === (float) $position ? $shorter : 1;
            }
        }

        return [$lengths[0], $lengths[1]];
    }

    /**
     * @param  array<mixed>  $document
     * @return list<string>
     */
    private function tunings(array $document): array
    {
        return array_map(static fn (array $tuning): string => is_string($tuning['name'] ?? null) ? $tuning['name'] : '', $this->rows($document['tunings'] ?? null));
    }

    /**
     * @param  array<mixed>  $document
     * @return list<float> string 1 first
     */
    private function gauges(array $document): array
    {
        $strings = $this->rows($document['strings'] ?? null);
        usort($strings, fn (array $a, array $b): int => $this->number($a['position'] ?? null) <=> $this->number($b['position'] ?? null));

        return array_map(fn (array $string): float => round(isset($string['gauge_in']) ? $this->number($string['gauge_in']) : $this->number($string['gauge_mm'] ?? null) / self::INCH_MM, 6), $strings);
    }
};
