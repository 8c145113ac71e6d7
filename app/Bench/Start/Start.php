<?php

declare(strict_types=1);

namespace App\Bench\Start;

use App\Bench\StoredSets;
use App\Bench\TypedWords;
use App\Instruments\OnInstrument;
use App\Models\Instrument;
use App\Models\StringSet;
use App\Strings\Samples\Samples;
use Lira\Document\InstrumentReader;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Document\SetReader;
use Lira\Document\StartedSet;
use Lira\Instrument\Instrument as Described;
use Lira\InvalidInput;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Tuning;
use Lira\Solver\StartingSet;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Lira\Typed\TypedInstrument;
use Lira\Typed\TypedPresent;
use Lira\Typed\TypedSet;
use Lira\Typed\TypedWish;
use Lira\Typed\Unreadable;
use Lira\Wording\Units;

/**
 * From three answers to a set on the Bench: what instrument, what is on it and how it is tuned, what it should become. One reading
 * serves what is shown while somebody types and what is kept.
 */
final readonly class Start
{
    private const MOST_ALIKE = 99;

    public function __construct(
        private StoredSets $sets,
        private OnInstrument $on,
        private TypedWords $words,
        private Samples $samples,
        private KeptInstruments $instruments,
    ) {}

    public function read(Answers $answers, Units $units): Reading
    {
        $own = $answers->instrumentId === null ? null : Instrument::query()->find($answers->instrumentId);
        $kept = [];
        try {
            [$json, $strings] = $own === null ? $this->described($answers->instrument, $units) : [$own->document, $own->strings];
            // The words may be the name of one that is kept, too: that is asked, not taken.
            $kept = $own === null && $answers->instrument !== '' ? $this->instruments->alike($answers->instrument) : [];
        } catch (InvalidInput $refused) {
            $kept = $this->instruments->alike($answers->instrument);
            $own = $this->instruments->sure($answers->instrument, $kept);
            if ($own === null) {
                $problem = count($kept) < 2 ? self::sentence($refused) : 'Several instruments here are called so. Which one is it?';

                return Reading::refused($problem, self::offers('instrument', $refused), $this->instruments->offered($kept));
            }
            [$json, $strings, $kept] = [$own->document, $own->strings, []];
        }
        try {
            $instrument = InstrumentReader::alone($json, $strings);
        } catch (InvalidInput $refused) {
            return Reading::refused(self::sentence($refused), [], []);
        }
        [$problems, $offers, $present, $baseline, $wish] = [[], [], null, null, null];
        try {
            [$present, $baseline] = $this->present($own, $instrument, $strings, $answers->present, $units);
        } catch (InvalidInput $refused) {
            $problems['present'] = self::sentence($refused);
            $offers += self::offers('present', $refused);
        }
        $from = $present->tuning ?? self::named(StartingSet::tuning($instrument, $strings));
        try {
            $wish = TypedWish::read(
                $answers->wish,
                $this->words->tunings($instrument->kind, $from->pitches, $instrument),
                $instrument->kind,
                $units->length,
                $this->sets($instrument, $strings, $units),
            );
        } catch (InvalidInput $refused) {
            $problems['wish'] = self::sentence($refused);
            $offers += self::offers('wish', $refused);
        }

        return new Reading($json, $instrument, $strings, $present, $baseline, $wish, $problems, $offers, $this->instruments->offered($kept), $own?->name);
    }

    /**
     * Keeps the set that was chosen, and its instrument unless that is here already.
     *
     * @throws InvalidDocument with the place of every answer that cannot be read
     */
    public function begin(Answers $answers, Units $units): StringSet
    {
        return $this->sets->add($this->design($answers, $units));
    }

    /**
     * The set that is chosen, not kept yet.
     *
     * @throws InvalidDocument with the place of every answer that cannot be read
     */
    public function design(Answers $answers, Units $units): SetDocument
    {
        $reading = $this->read($answers, $units);
        [$json, $present, $wish] = $reading->whole();
        $kind = $reading->instrument?->kind;
        $started = StartedSet::of(
            $json,
            $present,
            $wish,
            $reading->baseline ?? Words::called($present, $units),
            $kind === null ? [] : $this->samples->forDocuments($kind),
            $units,
        );

        return $wish->scale === null ? $started : self::renamed($started, $reading->strings, $units);
    }

    /** @return array{\stdClass, int} the instrument as documents say it, and its number of strings */
    private function described(string $typed, Units $units): array
    {
        $read = TypedInstrument::read($typed === '' ? 'electric guitar' : $typed, $units->length);
        $name = Words::kind($read->kind, $read->strings);
        $scale = Words::scale(InstrumentReader::alone($read->toJson($name), $read->strings), $read->strings, $units);
        // Another one of that name is told from it by its scale, then by a number.
        $names = [$name, "{$name}, {$scale}", ...array_map(static fn (int $number): string => "{$name}, {$scale} ({$number})", range(2, self::MOST_ALIKE))];
        $json = $read->toJson($name);
        foreach ($names as $each) {
            $json = $read->toJson($each);
            if (! Instrument::query()->where('name', $each)->exists() || $this->sets->kept($json, $read->strings) !== null) {
                break;
            }
        }

        return [$json, $read->strings];
    }

    /**
     * What is on it: as it was typed; else what a job put there; else the usual set.
     *
     * @return array{TypedPresent, ?\stdClass} and as documents say it, where it is known already
     */
    private function present(?Instrument $own, Described $instrument, int $strings, string $typed, Units $units): array
    {
        $known = $own === null || trim($typed) !== '' ? null : $this->known($own);
        if ($known !== null) {
            return $known;
        }
        $tuning = StartingSet::tuning($instrument, $strings);
        $tunings = $this->words->tunings($instrument->kind, $tuning->pitches, $instrument);

        return [TypedPresent::read($typed, $this->sets($instrument, $strings, $units), $tunings), null];
    }

    private function sets(Described $instrument, int $strings, Units $units): TypedSet
    {
        $usual = StartingSet::strings($instrument, StartingSet::tuning($instrument, $strings));

        return $this->words->sets($instrument->kind, $strings, $usual, $units);
    }

    /**
     * What a job put on it. A design that nobody fitted is on nothing, and feels like nothing yet.
     *
     * @return array{TypedPresent, \stdClass}|null
     */
    private function known(Instrument $own): ?array
    {
        $json = $this->on->baseline($own);
        if ($json === null) {
            return null;
        }
        $whole = clone $json;
        $whole->format = SetReader::FORMAT;
        $whole->version = SetReader::VERSION;
        $design = SetDocument::from($whole)->design;
        $specs = array_map(static fn (BuiltString $string): StringSpec => $string->spec, $design->strings);

        return [TypedPresent::of($specs, self::named($design->tunings[0])), $json];
    }

    /** The instrument with another scale is another one, and says so in its name. */
    private static function renamed(SetDocument $document, int $strings, Units $units): SetDocument
    {
        $json = clone $document->json;
        $instrument = $json->instrument instanceof \stdClass ? clone $json->instrument : new \stdClass;
        $scale = Words::scale($document->design->instrument, $strings, $units);
        $base = preg_replace('/, [\d.]+ (?:mm|in)(?: to [\d.]+ (?:mm|in))?$/', '', $document->design->instrument->name);
        $instrument->name = mb_substr("{$base}, {$scale}", 0, 190);
        $json->name = str_replace($document->design->instrument->name, $instrument->name, $document->design->name);
        $json->instrument = $instrument;

        return SetDocument::from($json);
    }

    private static function named(Tuning $tuning): LibraryTuning
    {
        return new LibraryTuning($tuning->name, '', [], $tuning->pitches);
    }

    /**
     * @param  'instrument'|'present'|'wish'  $answer
     * @return array<'instrument'|'present'|'wish', list<string>>
     */
    private static function offers(string $answer, InvalidInput $refused): array
    {
        return $refused instanceof Unreadable && $refused->offers !== [] ? [$answer => $refused->offers] : [];
    }

    private static function sentence(InvalidInput $refused): string
    {
        return $refused instanceof InvalidDocument ? ($refused->problems[0]->message ?? $refused->getMessage()) : $refused->getMessage();
    }
}
