<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Certainty\Interval;
use Lira\Document\IntervalWriter;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Document\SetDocument;
use Lira\Playing\Circumstances;
use Lira\Playing\CleanAction;
use Lira\Playing\EndsStand;
use Lira\Playing\FretReading;
use Lira\Playing\NeckFigures;
use Lira\Playing\NeckRead;
use Lira\Playing\OddFret;
use Lira\Playing\WholeNeck;

/** How a set plays on its instrument: the whole neck, the lowest clean action, warmth (`lira-setup`, version 1). */
final readonly class SetupQuestion implements Question
{
    private const HIGHEST_CAPO = 12;

    private const HIGHEST_FRET = 36;

    private const MOST_READINGS = 2000;

    private function __construct(private AskedSet $set, private WholeNeck $neck, private ?NeckRead $read) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $ends = $root->has('saddles') ? $root->oneOf('saddles', 'where the saddles are taken to stand', EndsStand::class) : EndsStand::Found;
        $share = $root->has('share') ? $root->numberWithin('share', 'the share of the range that was found', -1.0, 2.0) : null;
        $good = $root->has('read_cents') ? $root->numberWithin('read_cents', 'how good each reading is, in cents,', 0.01, 20.0) : FretReading::READ_CENTS;
        $capo = $root->has('capo') ? $root->object('capo', 'the capo') : null;
        $fret = $capo?->integer('fret', 'the fret of the capo');
        $positions = $capo?->has('positions') === true ? $capo->numbers('positions', 'the strings under the capo') ?? [] : [];
        $capo?->reportUnknownKeys();
        if ($capo !== null && $fret !== null && ($fret < 1 || $fret > self::HIGHEST_CAPO)) {
            $problems->add($capo->pathOf('fret'), sprintf('A capo goes on fret 1 to %d.', self::HIGHEST_CAPO));
        }
        $nodes = $root->has('readings') ? $root->objects('readings', 'the readings') ?? [] : [];
        if (count($nodes) > self::MOST_READINGS) {
            $problems->add($root->pathOf('readings'), sprintf('%s readings are the most at once.', number_format(self::MOST_READINGS)));
            $nodes = [];
        }
        if ($set === null) {
            return null;
        }
        $under = self::positions($positions, count($set->strings), $capo, $problems);
        $readings = array_values(array_filter(array_map(static fn (Node $node): ?FretReading => self::reading($node, $set, $problems), $nodes)));
        $design = $set->document->design;
        $read = $readings === [] ? null : NeckRead::of($design, $set->document->evaluation(), $set->tuning, $readings, $share, $good ?? FretReading::READ_CENTS);
        $with = new Circumstances($ends ?? EndsStand::Found, $read->share ?? $share ?? 0.5, $read?->nutRangeM(), min(self::HIGHEST_CAPO, max(0, $fret ?? 0)), $under);

        return new self($set, new WholeNeck($design, $set->document->evaluation(), $set->tuning, $with), $read);
    }

    /**
     * @param  list<float>  $said
     * @return list<int>
     */
    private static function positions(array $said, int $strings, ?Node $capo, Problems $problems): array
    {
        $under = [];
        foreach ($said as $index => $position) {
            if ($position !== floor($position) || $position < 1 || $position > $strings || in_array((int) $position, $under, true)) {
                $problems->add(($capo?->pathOf('positions') ?? '')."/{$index}", sprintf('Name each string under the capo once, 1 to %d.', $strings));
            } else {
                $under[] = (int) $position;
            }
        }

        return $under;
    }

    private static function reading(Node $node, AskedSet $set, Problems $problems): ?FretReading
    {
        $string = $set->string($node, $problems);
        $fret = $node->integer('fret', 'the fret');
        $open = $node->numberWithin('open_hz', 'the open string in hertz', 5.0, 5000.0);
        $stopped = $node->numberWithin('fretted_hz', 'the stopped string in hertz', 5.0, 20_000.0);
        $node->reportUnknownKeys();
        if ($string === null || $fret === null || $open === null || $stopped === null) {
            return null;
        }
        $design = $set->document->design;
        $start = max($design->instrument->scale->startFret($string->position), $design->tunings[$set->tuning]->capo);
        if ($fret <= $start || $fret > self::HIGHEST_FRET) {
            $problems->add($node->pathOf('fret'), sprintf('Give the fret it is stopped at, %d to %d.', $start + 1, self::HIGHEST_FRET));

            return null;
        }
        $reading = FretReading::of($string->position, $start, $fret, $open, $stopped);
        if (abs($reading->cents) > 100.0) {
            $problems->add($node->pathOf('fretted_hz'), 'That is more than a semitone off its fret. Read both again, or say which fret it was.');

            return null;
        }

        return $reading;
    }

    public function neck(): WholeNeck
    {
        return $this->neck;
    }

    /** The set that is on it, or that one is used to, on its own neck; null without one. */
    public function before(): ?WholeNeck
    {
        $document = $this->set->document;
        [$design, $evaluation] = [$document->baseline, $document->baselineEvaluation()];

        return $design === null || $evaluation === null ? null : new WholeNeck($design, $evaluation, 0, new Circumstances($this->neck->with->ends, $this->neck->with->share));
    }

    /** What was read of it; null where nothing was. */
    public function readings(): ?NeckRead
    {
        return $this->read;
    }

    public function document(): SetDocument
    {
        return $this->set->document;
    }

    /** @return NeckSetupJson */
    public function answer(): array
    {
        return [
            ...self::written($this->neck),
            ...($this->read === null ? [] : ['read' => self::writtenReadings($this->read)]),
        ];
    }

    /** @return NeckSetupJson how a neck plays, without what was read of it */
    public static function written(WholeNeck $neck): array
    {
        return ['format' => 'lira-setup', 'version' => 1, 'frets' => $neck->frets, 'assumed' => $neck->assumed(), 'strings' => array_map(self::string(...), $neck->strings)];
    }

    /** @return NeckStringJson */
    private static function string(NeckFigures $string): array
    {
        return [
            'position' => $string->position,
            'setback_mm' => $string->place === null ? null : 1000 * $string->place->setbackM,
            'found' => $string->isFound,
            'frets' => array_map(
                static fn (int $fret, Interval $cents): array => ['fret' => $fret, 'cents' => IntervalWriter::toArray($cents)],
                array_keys($string->cents),
                array_values($string->cents),
            ),
            'best' => $string->best === null ? null : ['setback_mm' => 1000 * $string->best->place->setbackM, 'rms_cents' => $string->best->rmsCents],
            'best_with_nut' => $string->bestWithNut === null ? null : [
                'setback_mm' => 1000 * $string->bestWithNut->place->setbackM,
                'nut_mm' => 1000 * $string->bestWithNut->place->nutM,
                'rms_cents' => $string->bestWithNut->rmsCents,
            ],
            'clean_action_12_mm' => $string->cleanAction === null ? null : array_map(static fn (CleanAction $one): array => [
                'mm' => 1000 * $one->actionM,
                'stopped_at' => $one->stoppedAt,
                'over_fret' => $one->overFret,
            ], $string->cleanAction),
            'cents_per_kelvin' => $string->centsPerK,
        ];
    }

    /** @return NeckReadingsJson */
    private static function writtenReadings(NeckRead $read): array
    {
        return [
            'nut_height_mm' => IntervalWriter::toArray($read->nutRangeM(), 1000),
            'nut_readings' => $read->nut->readings ?? 0,
            'share' => $read->share,
            'share_strings' => $read->shareOf,
            'odd_frets' => array_map(static fn (OddFret $odd): array => ['fret' => $odd->fret, 'cents' => $odd->cents, 'positions' => $odd->positions], $read->odd),
            'strings' => array_map(static fn (int $position, array $cents): array => [
                'position' => $position,
                'frets' => array_map(static fn (int $fret, float $was): array => ['fret' => $fret, 'cents' => $was], array_keys($cents), array_values($cents)),
            ], array_keys($read->cents), array_values($read->cents)),
        ];
    }
}
