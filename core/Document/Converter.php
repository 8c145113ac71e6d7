<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Conversion\Candidacy;
use Lira\Conversion\Conversion;
use Lira\Conversion\ConversionKind;
use Lira\Conversion\NearestSet;
use Lira\Conversion\Reasons;
use Lira\Evaluation\SetEvaluation;
use Lira\Pitch\Pitch;
use Lira\Pitch\Tuning;
use Lira\Solver\NoSolution;
use Lira\Strings\BuiltString;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/**
 * Turns a set document into the one it is to be converted to: another tuning, scale or number of strings, measured from the
 * set that feels right, with the gauges that come nearest to that feel. A starting point for the Bench.
 */
final readonly class Converter
{
    private function __construct(private SetDocument $present, private Conversion $conversion, private \stdClass $asked) {}

    /**
     * @throws InvalidDocument with every problem and its path, or the string and the limit that rule every set out
     */
    public static function convert(SetDocument $present): Converted
    {
        $asked = $present->json->conversion ?? null;
        if (! $asked instanceof \stdClass) {
            throw InvalidDocument::at('/conversion', 'Missing: what the set is to be converted to.');
        }
        $problems = new Problems;
        $conversion = (new ConversionReader($problems))->read(Node::at('/conversion', $asked, $problems), count($present->design->strings));
        $problems->throwIfAny();

        return (new self(
            $present,
            $conversion ?? throw InvalidDocument::at('/conversion', 'This conversion cannot be read.'),
            $asked,
        ))->converted();
    }

    private function converted(): Converted
    {
        $json = $this->json();
        $before = SetDocument::from($json);
        try {
            $solution = NearestSet::of($before->design, $brief = $before->brief(), $before->limits);
        } catch (NoSolution $none) {
            throw InvalidDocument::at('/conversion', "{$none->getMessage()} This instrument cannot be converted so.");
        }
        $json->strings = $this->strings($before, $solution->built());
        $document = SetDocument::from($json);
        $assessment = $document->assessment();
        $feelsLike = $document->baseline->name ?? '';
        $reasons = Reasons::of(
            $this->conversion,
            $this->present->design,
            $before->evaluation(),
            $assessment->evaluation,
            $feelsLike === '' ? (string) $document->baseline?->instrument->name : $feelsLike,
        );
        $reasons = [...$reasons, ...$brief->reasons];
        $doubts = Candidacy::doubts($this->conversion, $document->design, $assessment, $document->bands());
        $json->notes = MadeNotes::of([
            ...array_map(static fn (Statement $reason): string => $reason->text(Units::si()), $reasons),
            ...array_map(static fn (Statement $doubt): string => "Against it: {$doubt->text(Units::si())}", $doubts),
        ]);

        return new Converted(SetDocument::from($json), $assessment, $reasons, $doubts);
    }

    /** The new document with the old strings still on it. */
    private function json(): \stdClass
    {
        $old = $this->present->json;
        $baseline = $this->usedTo() === null ? null : $old->baseline ?? null;
        $tunings = $this->tunings();
        $instrument = $this->instrument();
        $json = (object) [
            'format' => SetReader::FORMAT,
            'version' => SetReader::VERSION,
            'name' => mb_substr($this->name($instrument, $tunings[0]), 0, 190),
            'instrument' => $instrument,
            'tunings' => $tunings,
            'strings' => $this->strings($this->present, $this->present->design->strings),
            'baseline' => $baseline instanceof \stdClass ? $baseline : (object) [
                'name' => $this->present->design->name,
                'instrument' => $old->instrument,
                'tunings' => array_slice(is_array($old->tunings) ? $old->tunings : [], 0, 1),
                'strings' => $old->strings,
            ],
        ];
        foreach (['samples', 'limits', 'holding_tension_n'] as $kept) {
            if (isset($old->{$kept})) {
                $json->{$kept} = $old->{$kept};
            }
        }
        $json->target = $this->target();

        return $json;
    }

    /** @return non-empty-list<\stdClass> */
    private function tunings(): array
    {
        if ($this->conversion->kind === ConversionKind::Several && is_array($this->asked->tunings ?? null)) {
            /** @var non-empty-list<\stdClass> checked when it was read */
            return array_values($this->asked->tunings);
        }

        return array_map(self::written(...), $this->conversion->tunings($this->present->design));
    }

    private function instrument(): \stdClass
    {
        $instrument = $this->present->json->instrument;
        if (! $instrument instanceof \stdClass) {
            throw InvalidDocument::at('/instrument', 'Describe the instrument.');
        }

        return match ($this->conversion->kind) {
            ConversionKind::Scale => ($this->asked->instrument ?? null) instanceof \stdClass
                ? $this->asked->instrument
                : $this->rescaled($instrument),
            ConversionKind::AddLower => $this->withAnotherString($instrument),
            ConversionKind::Baritone => isset($this->asked->length_mm) ? $this->rescaled($instrument) : $instrument,
            default => $instrument,
        };
    }

    private function rescaled(\stdClass $instrument): \stdClass
    {
        $changed = clone $instrument;
        $length = is_numeric($this->asked->length_mm ?? null) ? (float) $this->asked->length_mm : 0.0;
        $changed->scale = (object) ['type' => 'single', 'length_mm' => $length];
        $changed->name = sprintf(
            '%s at %s mm',
            $this->present->design->instrument->name,
            rtrim(rtrim(number_format($length, 1, '.', ''), '0'), '.'),
        );

        return $changed;
    }

    /** Whatever is given for each string gets one more, like the last. */
    private function withAnotherString(\stdClass $instrument): \stdClass
    {
        $changed = Json::object(Json::text($instrument));
        $changed->name = sprintf(
            '%s with %d strings',
            $this->present->design->instrument->name,
            count($this->present->design->strings) + 1,
        );
        foreach ([
            ['scale', 'lengths_mm'],
            ['hardware', 'nut', 'slots_mm'],
            ['hardware', 'posts', 'distance_mm'],
            ['hardware', 'saddle', 'travel_mm'],
        ] as $path) {
            $key = array_pop($path);
            $at = $changed;
            foreach ($path as $part) {
                $at = ($at->{$part} ?? null) instanceof \stdClass ? $at->{$part} : new \stdClass;
            }
            if (is_array($at->{$key} ?? null) && $at->{$key} !== []) {
                $at->{$key}[] = end($at->{$key});
            }
        }

        return $changed;
    }

    private function name(\stdClass $instrument, \stdClass $tuning): string
    {
        $name = is_string($instrument->name ?? null) ? $instrument->name : $this->present->design->instrument->name;
        $what = match ($this->conversion->kind) {
            ConversionKind::Lower => sprintf('%d lower', $this->conversion->semitones),
            ConversionKind::Baritone => 'baritone',
            ConversionKind::Octave => 'octave-strung',
            ConversionKind::Several => sprintf(
                'for %d tunings',
                count(is_array($this->asked->tunings ?? null) ? $this->asked->tunings : []),
            ),
            ConversionKind::AddLower, ConversionKind::Scale => '',
        };
        $tuned = $this->conversion->kind === ConversionKind::Several || ! is_string($tuning->name ?? null) ? '' : SetName::tuning($name, $tuning->name);

        return implode(', ', array_filter([$name, $what, $tuned], static fn (string $part): bool => $part !== ''));
    }

    /** What one is used to, where that tells of every string: one that was added since feels as it does on the present set. */
    private function usedTo(): ?SetEvaluation
    {
        return count($this->present->baseline->strings ?? []) >= count($this->present->design->strings) ? $this->present->baselineEvaluation() : null;
    }

    /** What it should feel like; the playing style stays. */
    private function target(): \stdClass
    {
        $old = $this->present->json->target ?? null;
        $kept = $old instanceof \stdClass ? array_intersect_key(get_object_vars($old), ['style' => true, 'band' => true]) : [];
        if ($this->conversion->kind !== ConversionKind::AddLower) {
            return (object) (['profile' => 'baseline', 'tunings' => 'worst', 'constructions' => 'kept'] + $kept);
        }
        $aims = array_map(
            static fn ($string): float => round($string->aimN(), 3),
            ($this->usedTo() ?? $this->present->evaluation())->strings,
        );

        return (object) (['profile' => 'per-string', 'tension_n' => [...$aims, $aims[count($aims) - 1]], 'tunings' => 'worst', 'constructions' => 'kept'] + $kept);
    }

    /**
     * @param  list<BuiltString>  $built  string 1 first, at least one
     * @return list<\stdClass> as documents write them; the last again where one was added
     */
    private function strings(SetDocument $document, array $built): array
    {
        $another = $this->conversion->kind === ConversionKind::AddLower && $document === $this->present;
        $count = count($document->design->strings) + ($another ? 1 : 0);
        $strings = [];
        for ($position = 1; $position <= $count; $position++) {
            $string = $built[min($position, count($built)) - 1];
            $strings[] = SpecWriter::at($position, $string->spec);
        }

        return $strings;
    }

    private static function written(Tuning $tuning): \stdClass
    {
        return (object) ([
            'name' => $tuning->name,
            'a4_hz' => $tuning->a4->inHertz(),
            'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
        ] + ($tuning->cents === [] ? [] : ['cents' => $tuning->cents]) + ($tuning->capo === 0 ? [] : ['capo' => $tuning->capo]));
    }
}
