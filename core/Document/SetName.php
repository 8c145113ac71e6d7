<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\PlainText;

/** What a set is called until somebody names it: after its instrument and its tuning, each thing said once. */
final class SetName
{
    /** Tunings of a list are told apart by it; beside an instrument it is seen. */
    private const COUNT = '/, (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen) strings$/';

    /** Characters that are left for what somebody adds, such as “, a copy”. */
    private const ROOM = 10;

    /** A tuning without a name is called by its notes, the lowest first. */
    public static function of(string $instrument, LibraryTuning $tuning): string
    {
        return self::with($instrument, $tuning->name === '' ? implode(' ', array_map(
            static fn (Pitch $pitch): string => (string) preg_replace('/-?\d+$/', '', $pitch->label()),
            array_reverse($tuning->pitches),
        )) : $tuning->name);
    }

    /** @param  string  $tuning  its name */
    public static function with(string $instrument, string $tuning): string
    {
        return rtrim(mb_substr("{$instrument}, ".self::tuning($instrument, $tuning), 0, PlainText::LONGEST_NAME - self::ROOM), ', ');
    }

    /** What a tuning's name says that the instrument's does not, nor what is seen of it. */
    public static function tuning(string $instrument, string $tuning): string
    {
        $said = (string) preg_replace(self::COUNT, '', $tuning);
        // “Octave mandolin, in fifths”, where the tuning is called after the kind of instrument, as the instrument is.
        foreach (self::kinds() as $kind) {
            if (str_contains(mb_strtolower($instrument), $kind) && str_starts_with(mb_strtolower($said), "{$kind} ")) {
                $said = substr($said, strlen($kind) + 1);
                break;
            }
        }

        return $said;
    }

    /** @return list<string> in small letters, the longest first */
    private static function kinds(): array
    {
        $kinds = array_map(static fn (Kind $kind): string => $kind->label(), Kind::cases());
        usort($kinds, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return $kinds;
    }
}
