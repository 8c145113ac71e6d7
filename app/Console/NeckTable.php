<?php

declare(strict_types=1);

namespace App\Console;

use Lira\Certainty\Interval;
use Lira\Document\Asked\SetupQuestion;
use Lira\Instrument\Hand;
use Lira\Playing\NeckFigures;
use Lira\Playing\NeckSays;
use Lira\Wording\Statement;
use Lira\Wording\Units;

/** How a set plays, as it is read on the command line: in words, every fret in cents, how low each string may lie. */
final class NeckTable
{
    /** @return list<ReadTable> */
    public static function of(SetupQuestion $question, Units $units): array
    {
        $neck = $question->neck();
        $says = new NeckSays($neck);
        $read = $question->readings();
        $lines = [...$says->ofFrets(), ...$says->ofAction(Hand::Medium), ...($read === null ? [] : NeckSays::ofReadings($read))];
        $frets = array_values(array_unique(array_merge(...array_map(static fn (NeckFigures $string): array => array_keys($string->cents), $neck->strings), ...[[]])));
        sort($frets);

        return [
            new ReadTable('', [''], array_map(static fn (Statement $line): array => [$line->text($units)], $lines)),
            ...($frets === [] ? [] : [new ReadTable('Cents at each fret', ['String', ...array_map(strval(...), $frets)], array_map(
                static fn (NeckFigures $string): array => [(string) $string->position, ...array_map(static fn (int $fret): string => self::cents($string->cents[$fret] ?? null), $frets)],
                $neck->strings,
            ))]),
            new ReadTable('Each string', ['String', 'Best setback', 'Left', 'Clean at the 12th, soft', 'medium', 'hard', 'Cents a degree'], array_map(
                static fn (NeckFigures $string): array => self::row($string, $units),
                $neck->strings,
            )),
        ];
    }

    /** @return list<string> */
    private static function row(NeckFigures $string, Units $units): array
    {
        $clean = array_map(
            static fn (Hand $hand): string => $string->cleanAction === null ? '–' : $units->fine($string->cleanAction[$hand->value]->actionM, 2),
            Hand::cases(),
        );

        return [
            (string) $string->position,
            $string->best === null ? '–' : $units->fine($string->best->place->setbackM, 2),
            $string->best === null ? '–' : Units::fixed($string->best->rmsCents, 1).' cents',
            ...$clean,
            $string->centsPerK === null ? '–' : Units::fixed($string->centsPerK, 1),
        ];
    }

    private static function cents(?Interval $cents): string
    {
        return $cents === null ? '' : Units::fixed($cents->estimate, 1);
    }
}
