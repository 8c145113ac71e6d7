<?php

declare(strict_types=1);

namespace Lira\Pitch;

use Lira\Kind\Kind;

/**
 * What tunings are called beyond the library: any standard, dropped or open one, on any note. Each is a tuning of the library moved by
 * semitones; where a name could mean two octaves, the one nearest below the usual tuning.
 */
final readonly class TuningNames
{
    /** How far above the usual tuning names reach, semitones, and as far below as completes the octave: nobody tunes far up. */
    private const HIGHEST = 2;

    private const HIGHEST_DROPPED = 1;

    /** Nothing is strung lower than F♯0, whatever its name says. */
    private const LOWEST = 18;

    private const SPOKEN = [
        'C', 'C sharp', 'D', 'E flat', 'E', 'F', 'F sharp', 'G', 'A flat', 'A', 'B flat', 'B',
    ];

    /** Which notes of an open tuning's chord are its third, counted from its root. */
    private const MAJOR_THIRD = 4;

    /** A minor key, or a stack of fourths from its root, is written like the major key so many semitones above. */
    private const RELATIVE = 3;

    /** Major keys that are written with sharps, semitones above C. */
    private const SHARP_KEYS = [2, 4, 6, 7, 9, 11];

    /**
     * @param  list<LibraryTuning>  $known  the usual ones of the kind first
     * @param  list<LibraryTuning>  $shapes  open chords
     * @param  ?LibraryTuning  $usual  what most people tune it to
     * @param  ?LibraryTuning  $standard  the same where tunings are called after its last string
     * @param  int  $highest  how many semitones above the usual tuning the strings bear
     */
    private function __construct(
        public array $known,
        private array $shapes,
        private ?LibraryTuning $usual,
        private ?LibraryTuning $standard,
        private int $highest,
    ) {}

    /**
     * @param  int  $strings  how many there are
     * @param  ?int  $highest  how many semitones above the usual tuning they bear, on a long neck less than none; null where it is not known
     */
    public static function for(Kind $kind, int $strings, ?int $highest = null): self
    {
        $known = TuningLibrary::for($kind, $strings);
        $usual = TuningLibrary::usual($kind, $strings);
        $first = $usual[0] ?? null;
        // Where people tune to a chord, standard and dropped tunings are called as on other guitars.
        $standard = array_values(array_filter($usual, static fn (LibraryTuning $tuning): bool => $tuning->family === 'Standard'))[0] ?? $first;
        $pairs = $first === null ? null : Pairs::of($first->pitches);
        // What six strings can be tuned to, the courses of a twelve-string can, too.
        $doubled = $pairs === null ? [] : array_map(
            static fn (LibraryTuning $six): LibraryTuning => new LibraryTuning($six->name, $six->family, $six->kinds, $pairs->strings($six->pitches)),
            TuningLibrary::usual($kind, $pairs->courses()),
        );
        $new = array_filter($doubled, static fn (LibraryTuning $tuning): bool => ! self::isAmong($tuning, $known));

        return new self([...$known, ...array_values($new)], array_values(array_filter(
            [...$usual, ...$doubled],
            static fn (LibraryTuning $tuning): bool => $tuning->family === 'Open' || str_contains($tuning->name, ' open '),
        )), $first, $standard !== null && self::endsLowest($standard) ? $standard : null, $highest ?? self::HIGHEST);
    }

    /**
     * The usual tuning moved so that its last string sounds this note; null where the instrument has none that is called so.
     *
     * @param  ?int  $exactly  the note number it shall sound, where its octave was said
     */
    public function standard(int $note, ?int $exactly = null): ?LibraryTuning
    {
        if ($this->standard === null) {
            return null;
        }

        return $this->moved($this->standard->pitches, $note, 'Standard', self::spoken($note).' standard', $note + self::RELATIVE, min(self::HIGHEST, $this->highest), $exactly);
    }

    /**
     * The usual tuning, its last string (or course) a tone lower still, so that it sounds this note.
     *
     * @param  ?int  $exactly  the note number it shall sound, where its octave was said
     */
    public function dropped(int $note, ?int $exactly = null): ?LibraryTuning
    {
        return $this->standard === null ? null : $this->moved(
            $this->lowered($this->standard->pitches, 2),
            $note,
            'Drop',
            'Drop '.self::spoken($note),
            $note + 2 + self::RELATIVE,
            min(self::HIGHEST_DROPPED, $this->highest),
            $exactly,
        );
    }

    /** A chord on this note, in the shape of the library that moves the strings least; going up counts twice. */
    public function open(int $note, bool $minor): ?LibraryTuning
    {
        [$shape, $best, $least] = [null, 0, INF];
        $from = $this->usual->pitches ?? [];
        foreach ($from === [] ? [] : $this->shapes($minor) as $pitches) {
            $root = self::root($pitches, $minor);
            foreach ($root === null ? [] : [$note - $root, $note - $root - 12, $note - $root + 12] as $semitones) {
                $effort = self::effort($pitches, $semitones, $from);
                if ($effort < $least) {
                    [$shape, $best, $least] = [$pitches, $semitones, $effort];
                }
            }
        }
        // Only what is chosen is made.
        $moved = $shape === null ? null : self::transposed($shape, $best, self::flats($note, $minor ? $note + self::RELATIVE : $note));

        return $moved === null ? null : new LibraryTuning('Open '.self::spoken($note).($minor ? ' minor' : ''), 'Open', [], $moved);
    }

    /**
     * The tuning of these pitches that has a name; null where none has.
     *
     * @param  list<Pitch>  $pitches  string 1 first
     */
    public function of(array $pitches): ?LibraryTuning
    {
        foreach ([...$this->known, ...$this->all()] as $tuning) {
            if ($tuning->sounds($pitches)) {
                return $tuning;
            }
        }

        return null;
    }

    /** @return list<LibraryTuning> every one that has a name by a rule */
    public function all(): array
    {
        $all = [];
        foreach (range(0, 11) as $note) {
            foreach ([$this->standard($note), $this->dropped($note), $this->open($note, false), $this->open($note, true)] as $tuning) {
                if ($tuning !== null) {
                    $all[] = $tuning;
                }
            }
        }

        return $all;
    }

    /** @return array<string, string> the name of everything that has one here, by its note numbers from string 1, parted by spaces */
    public function byNotes(): array
    {
        $names = [];
        foreach ([...$this->known, ...$this->all()] as $tuning) {
            $names[implode(' ', $tuning->noteNumbers())] ??= $tuning->name;
        }

        return $names;
    }

    /** A note as it is spoken: E flat, F sharp. */
    public static function spoken(int $note): string
    {
        return self::SPOKEN[(($note % 12) + 12) % 12];
    }

    /** @return list<non-empty-list<Pitch>> the shapes of open chords, as they stand in the library */
    private function shapes(bool $minor): array
    {
        $shapes = [];
        foreach ($this->shapes as $tuning) {
            $isMinor = str_ends_with($tuning->name, 'minor');
            $root = self::root($tuning->pitches, $isMinor);
            if ($root !== null && ($minor || ! $isMinor)) {
                $shapes[] = $minor && ! $isMinor ? self::thirdLowered($tuning->pitches, $root) : $tuning->pitches;
            }
        }

        return $shapes;
    }

    /**
     * The root of a chord: the note of which all others are its third and fifth; null where it is no chord.
     *
     * @param  list<Pitch>  $pitches
     */
    private static function root(array $pitches, bool $minor): ?int
    {
        $notes = array_unique(array_map(static fn (Pitch $pitch): int => $pitch->noteNumber() % 12, $pitches));
        foreach ($notes as $root) {
            $above = array_map(static fn (int $note): int => ($note - $root + 12) % 12, $notes);
            sort($above);
            if ($above === [0, $minor ? self::MAJOR_THIRD - 1 : self::MAJOR_THIRD, 7]) {
                return $root;
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Pitch>  $pitches
     * @return non-empty-list<Pitch>
     */
    private static function thirdLowered(array $pitches, int $root): array
    {
        return array_map(static fn (Pitch $pitch): Pitch => ($pitch->noteNumber() - $root + 24) % 12 === self::MAJOR_THIRD
            ? $pitch->transposed(-1)
            : $pitch, $pitches);
    }

    /**
     * @param  non-empty-list<Pitch>  $pitches
     * @param  int  $key  the major key it is written like, semitones above C
     * @param  int  $highest  semitones it may be moved up
     */
    private function moved(array $pitches, int $note, string $family, string $name, int $key, int $highest, ?int $exactly): ?LibraryTuning
    {
        $last = $pitches[count($pitches) - 1]->noteNumber();
        $away = (($note - $last) % 12 + 12) % 12;
        $away = $away > $highest && $last + $away - 12 >= self::LOWEST ? $away - 12 : $away;
        $moved = self::transposed($pitches, $exactly === null ? $away : $exactly - $last, self::flats($note, $key));

        return $moved === null ? null : new LibraryTuning($name, $family, [], $moved);
    }

    /** Whether a tuning on this note is written with flats: as its name says, else as its key. */
    private static function flats(int $note, int $key): bool
    {
        $name = self::spoken($note);

        return str_contains($name, ' ') ? str_ends_with($name, 'flat') : ! in_array($key % 12, self::SHARP_KEYS, true);
    }

    /**
     * @param  non-empty-list<Pitch>  $pitches
     * @return non-empty-list<Pitch>|null null where a string would leave the range of pitches
     */
    private static function transposed(array $pitches, int $semitones, bool $flats): ?array
    {
        foreach ($pitches as $pitch) {
            if ($pitch->noteNumber() + $semitones < 0 || $pitch->noteNumber() + $semitones > 127) {
                return null;
            }
        }

        return array_map(static fn (Pitch $pitch): Pitch => Pitch::numbered($pitch->noteNumber() + $semitones, $flats), $pitches);
    }

    /**
     * The last course lower by so much: of twelve strings both of its strings.
     *
     * @param  non-empty-list<Pitch>  $pitches
     * @return non-empty-list<Pitch>
     */
    private function lowered(array $pitches, int $semitones): array
    {
        $last = count($pitches) - 1;
        $note = $pitches[$last]->noteNumber();
        $lowered = [];
        foreach ($pitches as $index => $pitch) {
            $paired = $index === $last - 1 && $pitch->noteNumber() - $note === 12;
            $lowered[] = $index === $last || $paired ? $pitch->transposed(-$semitones) : $pitch;
        }

        return $lowered;
    }

    /**
     * How far strings are moved in all, going up counted twice.
     *
     * @param  list<Pitch>  $pitches
     * @param  int  $semitones  by which these are moved
     * @param  list<Pitch>  $from
     */
    private static function effort(array $pitches, int $semitones, array $from): float
    {
        return array_sum(array_map(static function (Pitch $to, Pitch $now) use ($semitones): float {
            $up = $to->noteNumber() + $semitones - $now->noteNumber();

            return $up > 0 ? 2.0 * $up : -1.0 * $up;
        }, $pitches, $from));
    }

    /** Whether its last string is its lowest; re-entrant tunings are not called after theirs. */
    private static function endsLowest(LibraryTuning $tuning): bool
    {
        $numbers = $tuning->noteNumbers();

        return $numbers[count($numbers) - 1] === min($numbers);
    }

    /** @param  list<LibraryTuning>  $known */
    private static function isAmong(LibraryTuning $tuning, array $known): bool
    {
        foreach ($known as $other) {
            if ($other->sounds($tuning->pitches)) {
                return true;
            }
        }

        return false;
    }
}
