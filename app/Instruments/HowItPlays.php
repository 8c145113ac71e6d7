<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Instruments\Views\PlayingView;
use App\Instruments\Views\SideOfStringView;
use App\Instruments\Views\StopView;
use Lira\Document\Asked\Questions;
use Lira\Document\Asked\SetupQuestion;
use Lira\Document\IntervalWriter;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Instrument\Hand;
use Lira\Pitch\Tuning;
use Lira\Playing\FirstPosition;
use Lira\Playing\NeckFigures;
use Lira\Playing\NeckSays;
use Lira\Playing\WholeNeck;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/** How a set plays on an instrument, in somebody's units. */
final readonly class HowItPlays
{
    /** As far as a stage differs from a bench, kelvin. */
    public const MOST_WARMER_K = 40.0;

    /**
     * @param  \stdClass  $ask  as `lira-setup` is asked
     * @param  float  $warmerK  than where it is tuned
     *
     * @throws InvalidDocument with every problem and its path
     */
    public function of(\stdClass $ask, float $warmerK, Units $units): PlayingView
    {
        $question = Questions::read(SetupQuestion::class, $ask);
        [$neck, $before, $read, $document] = [$question->neck(), $question->before(), $question->readings(), $question->document()];
        $says = new NeckSays($neck);
        $beforeSays = $before === null ? null : new NeckSays($before);
        $name = $document->baseline === null ? '' : ($document->baseline->name === '' ? $document->baseline->instrument->name : $document->baseline->name);
        $text = static fn (Statement $one): string => $one->text($units);
        $action = static fn (Hand $hand): array => array_map($text, $says->ofAction($hand, $beforeSays, "“{$name}”"));

        ['chords' => $chords, 'scale' => $scale] = self::atTheNut($document, $neck);

        return new PlayingView(
            $question->answer(),
            $before === null ? null : SetupQuestion::written($before),
            $name,
            array_map(static fn (Tuning $tuning): string => $tuning->name, $document->design->tunings),
            ['action' => 1000 * $neck->setup->action12M, 'nut' => 1000 * $neck->setup->nutHeightM, 'relief' => 1000 * $neck->setup->reliefM],
            array_map($text, $says->ofFrets()),
            ['soft' => $action(Hand::Soft), 'medium' => $action(Hand::Medium), 'hard' => $action(Hand::Hard)],
            array_map($text, $says->ofWarmth($warmerK)),
            $read === null ? [] : array_map($text, NeckSays::ofReadings($read)),
            array_map(static fn (NeckFigures $string): SideOfStringView => SideOfStringView::of($string, $neck->frets), $neck->strings),
            $chords,
            $scale,
            self::open($document, $neck->tuning),
        );
    }

    /** @return list<array{position: int, hz: float, stiffness: array{low: float, estimate: float, high: float}|null}> */
    private static function open(SetDocument $document, int $tuning): array
    {
        return array_map(static fn (EvaluatedString $string): array => [
            'position' => $string->position,
            'hz' => $string->tunings[$tuning]->frequencyHz,
            'stiffness' => IntervalWriter::toArray($string->tunings[$tuning]->inharmonicity),
        ], $document->evaluation()->strings);
    }

    /**
     * Chords and a scale at the nut, or at the capo, with frets as the neck counts them.
     *
     * @return array{chords: list<array{name: string, stops: list<StopView>}>, scale: list<StopView>}
     */
    private static function atTheNut(SetDocument $document, WholeNeck $neck): array
    {
        [$open, $from, $begins] = [[], [], []];
        foreach ($neck->strings as $string) {
            // Nobody stops a drone in a chord.
            if ($string->cents !== [] && $string->line->pegFret === 0) {
                $begins[$string->position] = $string->line->startFret;
                $from[$string->position] = max($string->line->startFret, $neck->with->capoOn($string->position));
                $open[$string->position] = $document->design->tunings[$neck->tuning]->pitch($string->position)->noteNumber()
                    + $from[$string->position] - $string->line->startFret;
            }
        }

        return [
            'chords' => array_map(static fn (array $chord): array => ['name' => $chord['name'], 'stops' => self::counted($chord['stops'], $from, $begins)], FirstPosition::chords($open)),
            'scale' => self::counted(FirstPosition::scale($open), $from, $begins),
        ];
    }

    /**
     * @param  list<array{position: int, fret: int}>  $stops  counted from where each string begins
     * @param  array<int, int>  $from  the fret at which it does, by position
     * @param  array<int, int>  $begins  the fret its own tone is of
     * @return list<StopView>
     */
    private static function counted(array $stops, array $from, array $begins): array
    {
        return array_map(static fn (array $stop): StopView => new StopView(
            $stop['position'], $stop['fret'] + $from[$stop['position']], $stop['fret'] + $from[$stop['position']] - $begins[$stop['position']],
        ), $stops);
    }
}
