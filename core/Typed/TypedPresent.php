<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Pitch\LibraryTuning;
use Lira\Strings\StringSpec;

/** Reads what is on an instrument and how it is tuned, in one line: "10-46 in E standard", "10 13 17 26 36 46, D", "usual set", "DADGAD". */
final readonly class TypedPresent
{
    /** Where the set ends and the tuning begins. */
    private const JOINTS = '~\s+in\s+|\s+tuned(?:\s+to)?\s+|\s+at\s+|\s*[,;:]\s+|\s+(?=[A-Ha-h][#b♯♭]?(?:\s|$)|drop|open|standard|half|down|dad)~iu';

    /** @param  non-empty-list<StringSpec>  $strings  string 1 first */
    private function __construct(public array $strings, public LibraryTuning $tuning) {}

    /** @throws InvalidInput if a part of it cannot be read, with the nearest that can */
    public static function read(string $typed, TypedSet $sets, TuningWords $tunings): self
    {
        $typed = trim(mb_substr($typed, 0, 400));
        if (preg_match_all(self::JOINTS, $typed, $joints, PREG_OFFSET_CAPTURE) !== false) {
            foreach ($joints[0] as [$joint, $at]) {
                try {
                    return self::of($sets->read(substr($typed, 0, $at)), $tunings->one(trim(substr($typed, $at + strlen($joint)))));
                } catch (InvalidInput) {
                    // It does not part here.
                }
            }
        }
        if (preg_match('~\d~', $typed) !== 1 && $typed !== '') {
            try {
                return self::of($sets->read(''), $tunings->one($typed));
            } catch (InvalidInput) {
                // It is no tuning, but may be the name of a set.
            }
        }
        try {
            return self::of($sets->read($typed), $tunings->one('standard'));
        } catch (InvalidInput $noSet) {
            try {
                return self::of($sets->read(''), $tunings->one($typed));
            } catch (InvalidInput $noTuning) {
                throw preg_match('~^\W*\d~u', $typed) === 1 ? self::worst($typed, $sets, $tunings, $noSet) : $noTuning;
            }
        }
    }

    /** Where the gauges can be read and what stands behind them cannot, that is what is wrong. */
    private static function worst(string $typed, TypedSet $sets, TuningWords $tunings, InvalidInput $noSet): InvalidInput
    {
        $parts = preg_split('~\s+in\s+|\s*,\s+(?=\p{L})|\s+(?=\p{L}{2})~u', $typed, 2);
        if ($parts === false || count($parts) < 2) {
            return $noSet;
        }
        try {
            $sets->read($parts[0]);
            $tunings->one($parts[1]);
        } catch (InvalidInput $wrong) {
            return $wrong;
        }

        return $noSet;
    }

    /**
     * @param  list<StringSpec>  $strings  string 1 first
     *
     * @throws InvalidInput if there are none
     */
    public static function of(array $strings, LibraryTuning $tuning): self
    {
        if ($strings === []) {
            throw new InvalidInput('Say what is on it: a set, such as 10-46.');
        }

        return new self($strings, $tuning);
    }
}
