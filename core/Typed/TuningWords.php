<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Pitch\InvalidPitch;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Pitch\TuningNames;

/**
 * Finds the tuning somebody means: by its name ("D standard", "drop C", "open e"), by what it does to the present one ("half a step
 * down", "a fourth lower", "as it is"), or by its notes in either order. Notes that are a tuning with a name carry it.
 */
final readonly class TuningWords
{
    /** What some tunings are called beside their names. */
    private const ALSO = [
        'Lower four an octave up' => ['octave strung', 'octave stringing', 'octave tuning', 'nashville', 'high strung', 'high string'],
        'All fourths' => ['fourths', 'perfect fourths', 'p4'],
        'All fifths' => ['fifths', 'perfect fifths', 'p5'],
        'DADGAD' => ['dad gad', 'd modal', 'open d sus', 'open dsus4'],
        'Double drop D' => ['double drop', 'drop d both', 'd d'],
        'Baritone B' => ['baritone'],
        'Tenor bass' => ['bass tenor'],
        'Banjo C standard' => ['drop c', 'dropped c', 'standard c'],
        'Banjo sawmill' => ['g modal', 'mountain minor', 'sawmill'],
        'Ukulele C, re-entrant' => ['high g', 'gcea', 're entrant', 'reentrant'],
        'Ukulele C, low G' => ['low g', 'linear'],
        'Tenor banjo, octave below fiddle' => ['irish', 'irish tenor', 'celtic'],
        'Tenor guitar, octave below fiddle' => ['irish', 'irish tenor', 'celtic'],
        'Tenor guitar, as a guitar’s four' => ['chicago', 'as a guitar'],
        'Bass, five strings, high C' => ['high c', 'eadgc'],
        'Bass, five strings, low B' => ['low b'],
    ];

    private const AS_IT_IS = [
        'as it is', 'as now', 'same', 'the same', 'as it feels now', 'just as it feels now', 'just as it is', 'unchanged', 'keep it', 'no change',
        'the same tuning', 'same tuning', 'present', 'as before',
    ];

    private const STANDARD = ['standard', 'std', 'normal', 'usual', 'concert', 'regular', 'concert pitch', 'as usual'];

    private const COUNTS = [
        'a' => 1.0, 'an' => 1.0, 'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0,
        'eight' => 8.0, 'nine' => 9.0, 'ten' => 10.0, 'eleven' => 11.0, 'twelve' => 12.0,
        'half' => 0.5, 'half a' => 0.5, 'a half' => 0.5, 'whole' => 1.0, 'a whole' => 1.0, 'full' => 1.0, 'a full' => 1.0,
        'one and a half' => 1.5, '1 and a half' => 1.5, 'two and a half' => 2.5, '2 and a half' => 2.5,
    ];

    /** Steps as people count them, in semitones. */
    private const STEPS = [
        'semitone' => 1.0, 'semitones' => 1.0, 'semi' => 1.0, 'semis' => 1.0, 'fret' => 1.0, 'frets' => 1.0,
        'half step' => 1.0, 'half steps' => 1.0, 'halfstep' => 1.0, 'halfsteps' => 1.0, 'half tone' => 1.0, 'half tones' => 1.0,
        'step' => 2.0, 'steps' => 2.0, 'tone' => 2.0, 'tones' => 2.0, 'whole step' => 2.0, 'whole steps' => 2.0, 'whole tone' => 2.0, 'whole tones' => 2.0, 'full step' => 2.0, 'full steps' => 2.0,
        'minor third' => 3.0, 'major third' => 4.0, 'third' => 4.0, 'fourth' => 5.0, 'perfect fourth' => 5.0, 'tritone' => 6.0, 'fifth' => 7.0, 'perfect fifth' => 7.0,
        'octave' => 12.0, 'octaves' => 12.0,
    ];

    /** "Bass drop D" is drop D to whoever has a bass. */
    private const KINDS_BEFORE = '/^(?:bass|banjo|ukulele) /i';

    /** Words that begin the names of tunings and mean none. */
    private const BARE = ['lower', 'higher', 'down', 'up', 'open', 'drop', 'dropped', 'low', 'high', 'all', 'bass', 'double'];

    /** What people say before a tuning. */
    private const TO = '/^(?:(?:please )?(?:re)?tuned?(?: it)?(?: down| up)?(?: to| in)?|take it(?: down| up)? to|(?:down|up) to|in|to) (?=\S)/u';

    /** Nobody moves a whole tuning farther. */
    private const FARTHEST = 24;

    private TuningNames $names;

    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @param  list<LibraryTuning>  $own  tunings somebody named, before all others
     * @param  ?int  $highest  how many semitones above the usual tuning its strings bear, at most; null where that is not known
     * @param  ?LibraryTuning  $home  what the instrument is usually tuned to, where that is not what its kind is
     */
    public function __construct(private Kind $kind, private array $present, private array $own = [], ?int $highest = null, private ?LibraryTuning $home = null)
    {
        $this->names = TuningNames::for($kind, count($present), $highest);
    }

    /**
     * The tuning that is meant.
     *
     * @throws InvalidInput if there is none, with the nearest there is
     */
    public function one(string $typed): LibraryTuning
    {
        $found = in_array(self::plain($typed), self::BARE, true) ? [] : $this->found($typed);
        if ($found !== []) {
            return $found[0];
        }
        if (TypedNotes::areNotes($typed)) {
            return $this->byNotes($typed);
        }
        throw Unreadable::tuning($typed, $this->offers($typed));
    }

    /**
     * Every tuning that can be meant, the likeliest first: the name itself, a name by rule, what is done to the present one, notes, what
     * begins so, what has a word that begins so. Nothing typed gives every tuning that is known.
     *
     * @return list<LibraryTuning>
     */
    public function found(string $typed): array
    {
        $known = $this->known();
        if (self::plain($typed) === '') {
            return $known;
        }
        $found = $this->called(self::plain($typed), $typed);

        return $found !== [] ? $found : $this->called((string) preg_replace(self::TO, '', self::plain($typed)), (string) preg_replace(self::TO.'i', '', trim($typed)));
    }

    /** @return list<LibraryTuning> */
    private function called(string $plain, string $typed): array
    {
        $known = $this->known();
        $isCalled = static fn (LibraryTuning $tuning): bool => in_array($plain, self::namesOf($tuning), true);
        // A name of such an instrument goes before what a rule makes of it, and that before the name of another's.
        $exactly = array_filter($known, fn (LibraryTuning $tuning): bool => $isCalled($tuning) && (in_array($this->kind, $tuning->kinds, true) || $tuning->kinds === []));
        $others = array_filter($known, $isCalled);
        $begins = array_filter($known, static fn (LibraryTuning $tuning): bool => self::any(
            self::namesOf($tuning),
            static fn (string $name): bool => str_starts_with($name, $plain),
        ));
        $within = array_filter($known, static fn (LibraryTuning $tuning): bool => self::any(
            self::namesOf($tuning),
            static fn (string $name): bool => str_contains(" {$name}", " {$plain}"),
        ));
        $meant = array_filter([$this->byRule($plain), $this->moved($plain), $this->onNote($plain), TypedNotes::areNotes($typed) ? $this->byNotesIfAny($typed) : null]);

        return self::once([...$exactly, ...$meant, ...$others, ...$begins, ...$within]);
    }

    /** @throws InvalidInput if there is not a note for each string or course */
    private function byNotes(string $typed): LibraryTuning
    {
        $readings = TypedNotes::both($typed, $this->present);
        foreach ($readings as $pitches) {
            $named = $this->named($pitches);
            if ($named !== null) {
                return new LibraryTuning($named->name, 'As typed', [], $pitches);
            }
        }

        return new LibraryTuning('', 'As typed', [], $readings[0]);
    }

    private function byNotesIfAny(string $typed): ?LibraryTuning
    {
        try {
            return $this->byNotes($typed);
        } catch (InvalidPitch) {
            return null;
        }
    }

    /** @param  list<Pitch>  $pitches */
    private function named(array $pitches): ?LibraryTuning
    {
        foreach ($this->own as $own) {
            if ($own->sounds($pitches)) {
                return $own;
            }
        }

        return $this->names->of($pitches);
    }

    /** @return list<LibraryTuning> */
    private function known(): array
    {
        return [...$this->own, ...$this->names->known];
    }

    /** A standard, dropped or open tuning on any note; a single note means the standard on it. */
    private function byRule(string $plain): ?LibraryTuning
    {
        if (in_array($plain, self::STANDARD, true)) {
            return $this->home ?? $this->names->known[0] ?? null;
        }
        $note = '([a-g](?:#{1,2}|b{1,2})?(?:-?\d)?)';
        $standard = implode('|', self::STANDARD);
        $by = [
            "/^(?:down to |up to |tuned to |in )?{$note}(?: (?:{$standard}))?$/" => fn (int $root, ?int $exact): ?LibraryTuning => $this->names->standard($root, $exact),
            "/^(?:{$standard}) {$note}$/" => fn (int $root, ?int $exact): ?LibraryTuning => $this->names->standard($root, $exact),
            "/^(?:drop|dropped) {$note}$|^{$note} drop$/" => fn (int $root, ?int $exact): ?LibraryTuning => $this->names->dropped($root, $exact),
            "/^open {$note}(?: ?maj(?:or)?)?$/" => fn (int $root): ?LibraryTuning => $this->names->open($root, false),
            "/^open {$note} ?(?:m|min|minor)$/" => fn (int $root): ?LibraryTuning => $this->names->open($root, true),
        ];
        foreach ($by as $pattern => $tuning) {
            if (preg_match($pattern, $plain, $parts) === 1) {
                $note = self::noteOf($parts[count($parts) - 1]);

                return $note === null ? null : $tuning(...$note);
            }
        }

        return null;
    }

    /** A tuning by its name on another note: "nashville in e flat", "baritone in a". */
    private function onNote(string $plain): ?LibraryTuning
    {
        if (preg_match('/^(.+?) (?:in|on) ([a-g](?:#|b)?)$/', $plain, $parts) !== 1) {
            return null;
        }
        $note = self::noteOf($parts[2]);
        if ($note === null) {
            return null;
        }
        foreach ($this->known() as $tuning) {
            if (in_array($parts[1], self::namesOf($tuning), true)) {
                // Down from where it stands, or a tone up at most.
                $semitones = ($note[0] - $tuning->noteNumbers()[count($tuning->pitches) - 1]) % 12;
                $semitones = ($semitones + 12) % 12;
                $moved = array_map(static fn (Pitch $pitch): Pitch => $pitch->transposed($semitones > 2 ? $semitones - 12 : $semitones), $tuning->pitches);

                return $this->named($moved) ?? new LibraryTuning('', 'As typed', [], $moved);
            }
        }

        return null;
    }

    /**
     * A note without octave, or with one.
     *
     * @return array{int, ?int}|null semitones above C, and the note number where its octave is said; null outside the range of pitches
     */
    private static function noteOf(string $name): ?array
    {
        $exactly = preg_match('/\d$/', $name) === 1;
        try {
            $number = Pitch::named($exactly ? $name : "{$name}4")->noteNumber();
        } catch (InvalidPitch) {
            return null;
        }

        return [$number % 12, $exactly ? $number : null];
    }

    /** What is done to the present tuning: half a step down, two semitones lower, up a fourth, as it is. */
    private function moved(string $plain): ?LibraryTuning
    {
        $semitones = in_array($plain, self::AS_IT_IS, true) ? 0 : self::semitones($plain);
        if ($semitones === null || abs($semitones) > self::FARTHEST) {
            return null;
        }
        try {
            $pitches = array_map(static fn (Pitch $pitch): Pitch => $semitones === 0 ? $pitch : $pitch->transposed($semitones), $this->present);
        } catch (InvalidPitch) {
            return null;
        }

        return $semitones === 0
            ? new LibraryTuning($this->named($pitches)->name ?? '', 'As typed', [], $pitches)
            : $this->named($pitches) ?? new LibraryTuning('', 'As typed', [], $pitches);
    }

    /** How many semitones up or down is meant; null where nothing like it is. */
    private static function semitones(string $plain): ?int
    {
        $way = '(?<way>down|lower|below|flat|up|higher|above)';
        $counts = implode('|', array_map(static fn (string $count): string => str_replace(' ', '\s', $count), self::longestFirst(array_keys(self::COUNTS))));
        $steps = implode('|', array_map(static fn (string $step): string => str_replace(' ', '\s', $step), self::longestFirst(array_keys(self::STEPS))));
        $much = "(?:(?<count>\d{1,2}(?:\.\d)?|{$counts})\s?)?(?<step>{$steps})?";
        $signed = preg_match("/^(?<sign>[-−+])\s?(?<count>\d{1,2}(?:\.\d)?)\s?(?<step>{$steps})?$/u", $plain, $parts) === 1;
        if (
            ! $signed
            && preg_match("/^(?:tuned? |by )?{$much}\s(?:tuned )?{$way}$/u", $plain, $parts) !== 1
            && preg_match("/^(?:tuned? |take it )?{$way}(?: by)?\s{$much}$/u", $plain, $parts) !== 1
        ) {
            return null;
        }
        [$count, $step] = [$parts['count'] ?? '', $parts['step'] ?? ''];
        if ($count === '' && $step === '') {
            return null;
        }
        // Half a step is half of a whole one; half steps are counted as they stand.
        $semitones = (self::COUNTS[$count] ?? ($count === '' ? 1.0 : (float) $count)) * (self::STEPS[$step] ?? 1.0);
        $down = $signed ? ($parts['sign'] ?? '') !== '+' : in_array($parts['way'] ?? '', ['down', 'lower', 'below', 'flat'], true);

        return $semitones === floor($semitones) ? (int) ($down ? -$semitones : $semitones) : null;
    }

    /** @return list<string> what may be meant by a name that is not known */
    private function offers(string $typed): array
    {
        $names = [];
        foreach ([...$this->known(), ...$this->names->all()] as $tuning) {
            array_push($names, $tuning->name, (string) preg_replace(self::KINDS_BEFORE, '', $tuning->name), ...self::ALSO[$tuning->name] ?? []);
        }
        $nearest = Nearest::to(self::plain($typed), ['standard', ...$names]);

        return $nearest === null ? [] : [$nearest];
    }

    /** @return list<string> everything it is called, plainly */
    private static function namesOf(LibraryTuning $tuning): array
    {
        $plain = self::plain($tuning->name);
        // "Bass drop D" is drop D to whoever has a bass; what stands behind a comma tells it from others.
        $short = (string) preg_replace(self::KINDS_BEFORE, '', $plain);

        return array_values(array_unique([$plain, $short, self::plain(explode(',', $tuning->name)[0]), ...self::ALSO[$tuning->name] ?? []]));
    }

    /** Small letters, signs as # and b, one space between words. */
    private static function plain(string $text): string
    {
        $text = strtr(mb_strtolower(trim($text)), ['♯' => '#', '♭' => 'b', ',' => ' ', '_' => ' ']);
        $text = (string) preg_replace(
            ['/\btunings?\b/u', '/(?<=\p{L})-(?=\p{L})/u', '/\b([a-g])[\s-]*sharp\b/u', '/\b([a-g])[\s-]*flat\b/u', '/^(drop|open)(?=[a-g][#b]?(?:$|\s))/u'],
            ['', ' ', '$1#', '$1b', '$1 '],
            $text,
        );

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /**
     * @param  list<string>  $words
     * @param  \Closure(string): bool  $is
     */
    private static function any(array $words, \Closure $is): bool
    {
        foreach ($words as $word) {
            if ($is($word)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<LibraryTuning>  $tunings
     * @return list<LibraryTuning> each once, by the first of its names
     */
    private static function once(array $tunings): array
    {
        $seen = [];
        foreach ($tunings as $tuning) {
            $seen[implode(' ', $tuning->noteNumbers())] ??= $tuning;
        }

        return array_values($seen);
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function longestFirst(array $words): array
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $words;
    }
}
