<?php

declare(strict_types=1);

namespace Tests\Core\Fitting;

use Lira\Document\InstrumentReader;
use Lira\Document\SetDocument;
use Lira\Document\StringTypeWriter;
use Lira\Fitting\Plan;
use Lira\Fitting\PlannedString;
use Lira\Fitting\Step;
use Lira\Kind\Kind;
use Lira\Pitch\Pitch;
use Lira\Solver\StartingSet;

/** Plans of every kind of instrument, measured and not, all strings and one: the facts of each, which somebody has read line by line. */
final class InstrumentPlans
{
    public const FILE = __DIR__.'/../../fixtures/plans.json';

    /** @return iterable<string, \stdClass> set documents with their jobs, by what they are */
    public static function documents(): iterable
    {
        foreach (Kind::cases() as $kind) {
            $bare = self::usual($kind);
            yield "{$kind->value}, bare" => self::with($bare, present: false);
            yield "{$kind->value}, all strings" => self::with($bare);
            yield "{$kind->value}, the second alone" => self::with($bare, job: (object) ['strings' => [2]]);
            yield "{$kind->value}, all off at once" => self::with($bare, job: (object) ['schools' => (object) ['off-at-once' => 'all']]);
        }
        $guitar = self::usual(Kind::ElectricGuitar, (object) [
            'anchor' => 'locking-saddle', 'bridge' => 'floating', 'nut' => (object) ['clamp' => true, 'slots_mm' => [0.2, 0.4, 0.5, 0.8, 1.1, 1.4]],
            'posts' => (object) ['type' => 'standard', 'diameter_mm' => 6, 'layout' => 'one-side', 'spacing_mm' => 25, 'distance_mm' => [170, 145, 120, 95, 70, 45]],
        ]);
        yield 'clamped at both ends, measured' => self::with($guitar);
        yield 'clamped at both ends, left-handed' => self::with($guitar, job: (object) ['left_handed' => true, 'schools' => (object) ['cut' => 'before', 'leave' => 'posts']]);
    }

    /** A set that such an instrument usually has, in its usual tuning. */
    public static function usual(Kind $kind, ?\stdClass $hardware = null): \stdClass
    {
        $instrument = (object) ['name' => 'Sedge', 'kind' => $kind->value, 'scale' => (object) ['type' => 'single', 'length_mm' => 650], ...($hardware === null ? [] : ['hardware' => $hardware])];
        if ($kind === Kind::Banjo) {
            $instrument->short_strings = [(object) ['position' => 5, 'starts_at_fret' => 5]];
        }
        $count = match ($kind) {
            Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass, Kind::Ukulele, Kind::TenorGuitar => 4,
            Kind::Banjo => 5,
            Kind::Mandolin, Kind::OctaveMandolin => 8,
            default => 6,
        };
        $on = InstrumentReader::alone($instrument, $count);
        $tuning = StartingSet::tuning($on, $count);
        $json = (object) [
            'format' => 'lira-set', 'version' => 1, 'name' => 'Sedge', 'instrument' => $instrument,
            'tunings' => [(object) ['name' => '', 'a4_hz' => 440, 'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches)]],
            'strings' => [],
        ];
        foreach (StartingSet::strings($on, $tuning) as $index => $spec) {
            $json->strings[] = (object) ['position' => $index + 1, ...StringTypeWriter::toArray($spec->type)];
        }

        return $json;
    }

    private static function with(\stdClass $json, bool $present = true, ?\stdClass $job = null): \stdClass
    {
        $with = clone $json;
        if ($present) {
            $with->baseline = (object) ['name' => 'On it', 'instrument' => $json->instrument, 'tunings' => $json->tunings, 'strings' => $json->strings];
        }
        if ($job !== null) {
            $with->job = $job;
        }

        return $with;
    }

    /** @return array{steps: list<string>, strings: list<array<string, mixed>>} what is done before what, and how each string goes on */
    public static function facts(\stdClass $json): array
    {
        $plan = SetDocument::from($json)->plan();

        return [
            'steps' => array_map(self::step(...), $plan->steps),
            'strings' => array_map(static fn (PlannedString $string): array => self::way($plan, $string), $plan->strings),
        ];
    }

    /** Its phase and its key, what it consists of, and whether it is left alone afterwards. */
    private static function step(Step $step): string
    {
        return implode(' ', [$step->phase->value, $step->key, ...array_column($step->parts, 'key'), ...($step->restsS === null ? [] : ['rests'])]);
    }

    /** @return array<string, mixed> */
    private static function way(Plan $plan, PlannedString $string): array
    {
        return [
            'position' => $string->position, 'held' => $string->anchor->value, 'tied_under' => $string->under, 'post' => $string->post->value,
            'turns' => round($string->turns, 2), 'slack_mm' => round(1000 * $string->slackM), 'cut_mm' => round(1000 * $string->cutPastPostM),
            'winds' => $string->winds?->value, 'tail' => $string->tail->step, 'tail_mm' => round(1000 * $string->tail->leftM),
            'cut' => $plan->schools->cut->school->value,
        ];
    }

    /** Writes them anew, to be read line by line before they are kept: php -r "require 'vendor/autoload.php'; Tests\Core\Fitting\InstrumentPlans::write();" */
    public static function write(): void
    {
        $lines = [];
        foreach (self::documents() as $name => $json) {
            ['steps' => $steps, 'strings' => $strings] = self::facts($json);
            $rows = array_map(static fn (array $string): string => '      '.json_encode($string, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), $strings);
            $lines[] = sprintf("  %s: {\n    \"steps\": %s,\n    \"strings\": [\n%s\n    ]\n  }", json_encode($name, JSON_THROW_ON_ERROR), json_encode($steps, JSON_THROW_ON_ERROR), implode(",\n", $rows));
        }
        file_put_contents(self::FILE, "{\n".implode(",\n", $lines)."\n}\n");
    }
}
