<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Design\SetDesign;
use Lira\Feel\Trial;
use Lira\Feel\Verdict;
use Lira\Instrument\Hand;
use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Limit\InvalidLimit;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Pitch\InvalidPitch;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\PlainText;
use Lira\Pool\Pool;
use Lira\Strings\BuiltString;
use Lira\Strings\Measurements;
use Lira\Target\Hold;
use Lira\Target\Intent;
use Lira\Target\Winding;

/** Reads set documents. Reads everything before it complains, so that all problems are said at once. */
final readonly class SetReader
{
    public const FORMAT = 'lira-set';

    public const VERSION = 1;

    public const MOST_STRINGS = 14;

    public const MOST_TUNINGS = 12;

    public const HIGHEST_CAPO = 12;

    public const MOST_TRIALS = 50;

    /** So many tensions of a pool's gauges are worked out at once: strings × tunings × gauges. */
    public const MOST_TENSIONS = 100_000;

    private StringReader $strings;

    private InstrumentReader $instruments;

    private function __construct(private Problems $problems)
    {
        $this->strings = new StringReader($problems);
        $this->instruments = new InstrumentReader($problems);
    }

    /** @throws InvalidDocument with every problem and its path */
    public static function read(\stdClass $json): SetDocument
    {
        $problems = new Problems;

        return (new self($problems))->document(Node::root($json, $problems), $json);
    }

    private function document(Node $root, \stdClass $json): SetDocument
    {
        if ($root->text('format', 'the format, "lira-set"') !== self::FORMAT) {
            throw InvalidDocument::at('/format', 'This is not a set document: its "format" is not "lira-set".');
        }
        if ($root->number('version', 'the version') !== (float) self::VERSION) {
            throw InvalidDocument::at('/version', 'This version of the set document is not known here. Give "version": 1.');
        }
        $root->words('name', 'the set’s name', 0, PlainText::LONGEST_NAME);
        $measurements = $this->measurements($root, $json);
        $design = $this->design($root, $measurements, self::handOf($json));
        $baseline = $root->has('baseline') ? $root->object('baseline', 'the baseline') : null;
        $baselineDesign = $baseline === null ? null : $this->design($baseline, $measurements);
        $baseline?->knows('format', 'version', 'notes', 'trials')->reportUnknownKeys();
        $pool = $root->has('pool') ? (new PoolReader($this->problems, $this->strings, $measurements))->read($root, $design) : null;
        if ($root->has('notes')) {
            $root->words('notes', 'the notes', 0, PlainText::LONGEST_NOTES);
        }
        $this->checkAmount($root, $pool, $design);
        $limits = $this->limits($root);
        $holdingN = $root->has('holding_tension_n') ? $this->holding($root) : null;
        $root->knows('target', 'history', 'conversion', 'job')->reportUnknownKeys();
        $this->problems->throwIfAny();

        return new SetDocument(
            $json,
            $design ?? throw InvalidDocument::at('', 'Describe the set.'),
            $baselineDesign,
            $limits,
            $holdingN,
            $measurements,
            $pool,
            $this->problems->unknownKeys(),
        );
    }

    /** Whether the tensions of the pool are not more than can be worked out while somebody waits. */
    private function checkAmount(Node $root, ?Pool $pool, ?SetDesign $design): void
    {
        if ($pool === null || $design === null) {
            return;
        }
        $tensions = count($pool->strings) * count($design->strings) * count($design->tunings);
        if ($tensions > self::MOST_TENSIONS) {
            $this->problems->add($root->pathOf('pool'), sprintf(
                '%d gauges on %d strings in %d tunings are %s tensions; %s is the most. Take a smaller pool or fewer tunings.',
                count($pool->strings), count($design->strings), count($design->tunings), number_format($tensions),
                number_format(self::MOST_TENSIONS),
            ));
        }
    }

    /** What measured samples say about the model. They are read first, since they correct the strings. */
    private function measurements(Node $root, \stdClass $json): Measurements
    {
        if (! $root->has('samples')) {
            return new Measurements;
        }
        $named = $json->instrument ?? null;
        $kind = Kind::tryFrom($named instanceof \stdClass && is_string($named->kind ?? null) ? $named->kind : '') ?? Kind::Other;
        $samples = (new SampleReader($this->problems, $this->strings))->read($root, $kind);

        return $this->problems->at($root->pathOf('samples'), static fn (): Measurements => Measurements::of($samples, $kind)) ?? new Measurements;
    }

    private function limits(Node $root): Limits
    {
        $limits = Limits::usual();
        $node = $root->has('limits') ? $root->object('limits', 'the limits') : null;
        if ($node === null) {
            return $limits;
        }
        foreach ($node->keys() as $id) {
            $value = $node->number($id, 'the limit');
            $limit = Limit::tryFrom($id);
            if ($limit === null) {
                $this->problems->add($node->pathOf($id), InvalidLimit::unknown($id)->getMessage());
            } elseif ($value !== null) {
                $limits = $this->problems->at($node->pathOf($id), static fn (): Limits => $limits->with($limit, $value)) ?? $limits;
            }
        }

        return $limits;
    }

    private function holding(Node $root): ?float
    {
        $newtons = $root->number('holding_tension_n', 'the tension below which a string flaps, in N');
        if ($newtons !== null && ($newtons < 1 || $newtons > 1000)) {
            $this->problems->add($root->pathOf('holding_tension_n'), 'Give the tension below which a string flaps, from 1 to 1000 N.');
        }

        return $newtons;
    }

    /** How hard it is said to be picked, where a target says so; what is wrong there is said when it is solved. */
    private static function handOf(\stdClass $json): ?Hand
    {
        $style = ($json->target ?? null) instanceof \stdClass ? $json->target->style ?? null : null;
        $attack = $style instanceof \stdClass ? $style->attack ?? null : null;

        return is_string($attack) ? Hand::tryFrom($attack) : null;
    }

    private function design(Node $node, Measurements $measurements, ?Hand $hand = null): ?SetDesign
    {
        $name = $node->has('name') ? $node->words('name', 'the set’s name', 0, PlainText::LONGEST_NAME) : '';
        $nodes = $this->stringNodes($node);
        $count = $nodes === null ? null : count($nodes);
        $instrument = $this->instruments->read($node->object('instrument', 'the instrument'), $count);
        $tunings = $this->tuningsOf($node, $count);
        $strings = $this->stringsOf($nodes ?? [], $instrument->kind ?? Kind::Other, $measurements);
        $intents = $this->intentsOf($nodes ?? []);
        $setbacks = $this->setbacksOf($nodes ?? [], $strings !== null);
        $trials = $node->path === '' ? [] : $this->trialsOf($node, $count);

        return $strings === null || $instrument === null || $tunings === null ? null
            : new SetDesign((string) $name, $instrument, $tunings, $strings, $intents, $trials, $setbacks, $hand);
    }

    /** @return list<Node>|null */
    private function stringNodes(Node $root): ?array
    {
        $nodes = $root->objects('strings', 'the strings');
        if ($nodes !== null && ($nodes === [] || count($nodes) > self::MOST_STRINGS)) {
            $this->problems->add(
                $root->pathOf('strings'),
                sprintf('A set has 1 to %d strings; this one has %d.', self::MOST_STRINGS, count($nodes)),
            );

            return null;
        }

        return $nodes;
    }

    /**
     * @param  list<Node>  $nodes
     * @return non-empty-list<BuiltString>|null
     */
    private function stringsOf(array $nodes, Kind $kind, Measurements $measurements): ?array
    {
        $byPosition = [];
        foreach ($nodes as $node) {
            $position = $node->integer('position', 'the string’s position');
            $string = $this->built($node, $kind, $measurements);
            if ($position !== null && ($position < 1 || $position > count($nodes) || isset($byPosition[$position]))) {
                $this->problems->add(
                    $node->pathOf('position'),
                    sprintf('Positions go from 1 to %d, each once; string 1 is on the thinnest side.', count($nodes)),
                );
            } elseif ($position !== null && $string !== null) {
                $byPosition[$position] = $string;
            }
        }
        ksort($byPosition);

        return $byPosition !== [] && count($byPosition) === count($nodes) ? array_values($byPosition) : null;
    }

    /**
     * @param  list<Node>  $nodes
     * @param  bool  $placed  whether their positions are in order; what is wrong with them was said else
     * @return array<int, float> where saddles were found, metres behind the scale length, by position
     */
    private function setbacksOf(array $nodes, bool $placed): array
    {
        $found = [];
        foreach ($nodes as $node) {
            $setback = $this->strings->saddleM($node);
            $position = $placed ? $node->integer('position', 'the string’s position') : null;
            if ($position !== null && $setback !== null) {
                $found[$position] = $setback;
            }
        }

        return $found;
    }

    private function built(Node $node, Kind $kind, Measurements $measurements): ?BuiltString
    {
        $spec = $this->strings->read($node);

        return $spec === null ? null : $this->problems->at(
            $node->path,
            static fn (): BuiltString => BuiltString::of($spec, $kind, $measurements),
        );
    }

    /** @return non-empty-list<Tuning>|null */
    private function tuningsOf(Node $root, ?int $strings): ?array
    {
        $nodes = $root->objects('tunings', 'the tunings');
        if ($nodes === null) {
            return null;
        }
        if ($nodes === [] || count($nodes) > self::MOST_TUNINGS) {
            $this->problems->add(
                $root->pathOf('tunings'),
                sprintf('Give 1 to %d tunings; this has %d.', self::MOST_TUNINGS, count($nodes)),
            );

            return null;
        }
        $tunings = [];
        foreach ($nodes as $node) {
            $tuning = $this->tuning($node, $strings);
            $node->reportUnknownKeys();
            if ($tuning !== null) {
                $tunings[] = $tuning;
            }
        }

        return $tunings !== [] && count($tunings) === count($nodes) ? $tunings : null;
    }

    private function tuning(Node $node, ?int $strings): ?Tuning
    {
        $name = $node->has('name') ? $node->words('name', 'the tuning’s name', 0, PlainText::LONGEST_NAME) : '';
        $a4 = ReferencePitch::concert();
        if ($node->has('a4_hz')) {
            $hertz = $node->number('a4_hz', 'the frequency of A4 in Hz');
            $a4 = $hertz === null ? null : $this->problems->at(
                $node->pathOf('a4_hz'),
                static fn (): ReferencePitch => ReferencePitch::hertz($hertz),
            );
        }
        $pitches = $this->pitchesOf($node, $strings);
        $cents = $this->centsOf($node, $pitches, $strings);
        $capo = $this->capoOf($node);
        if ($node->has('capo_keeps')) {
            $node->oneOf('capo_keeps', 'what stays when the capo is moved', CapoKeeps::class);
        }
        if ($a4 === null || $pitches === null || $cents === null) {
            return null;
        }

        return $this->problems->at(
            $node->pathOf('cents'),
            static fn (): Tuning => new Tuning((string) $name, $a4, $pitches, $cents, $capo),
        );
    }

    private function capoOf(Node $node): int
    {
        $fret = $node->has('capo') ? $node->integer('capo', 'the fret of the capo') : 0;
        if ($fret !== null && ($fret < 0 || $fret > self::HIGHEST_CAPO)) {
            $this->problems->add($node->pathOf('capo'), sprintf('A capo goes on fret 1 to %d; 0 is none.', self::HIGHEST_CAPO));

            return 0;
        }

        return $fret ?? 0;
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Intent> string 1 first
     */
    private function intentsOf(array $nodes): array
    {
        $intents = [];
        foreach ($nodes as $index => $node) {
            $position = $node->has('position') ? $node->integer('position', 'the string’s position') : null;
            $intents[$position ?? $index + 1] = new Intent(
                $node->has('hold') ? $node->oneOf('hold', 'a way to hold a string', Hold::class) : null,
                $node->has('only') ? $node->oneOf('only', 'plain or wound', Winding::class) : null,
            );
        }
        ksort($intents);

        return array_values($intents);
    }

    /** @return list<Trial> */
    private function trialsOf(Node $baseline, ?int $strings): array
    {
        $nodes = $baseline->has('trials') ? $baseline->objects('trials', 'the trials') ?? [] : [];
        if (count($nodes) > self::MOST_TRIALS) {
            $this->problems->add($baseline->pathOf('trials'), sprintf('Keep at most %d trials.', self::MOST_TRIALS));

            return [];
        }
        $trials = [];
        foreach ($nodes as $node) {
            $semitones = $node->integer('semitones', 'the semitones from the baseline’s tuning');
            $felt = $this->feltOf($node, $strings);
            $node->reportUnknownKeys();
            if ($semitones !== null && abs($semitones) > 24) {
                $this->problems->add(
                    $node->pathOf('semitones'),
                    'Give how far the strings were tuned from the baseline’s tuning, -24 to 24 semitones.',
                );
            } elseif ($semitones !== null) {
                $trials[] = new Trial($semitones, $felt);
            }
        }

        return $trials;
    }

    /** @return list<?Verdict> */
    private function feltOf(Node $trial, ?int $strings): array
    {
        $said = $trial->texts('felt', 'how each string felt') ?? [];
        if ($strings !== null && count($said) !== $strings) {
            $this->problems->add(
                $trial->pathOf('felt'),
                'There are '
                    .count($said)
                    ." verdicts for {$strings} strings. Give one for each string, string 1 first, an empty text where nothing was said.",
            );
        }
        $felt = [];
        foreach ($said as $index => $word) {
            $verdict = $word === '' ? null : Verdict::tryFrom($word);
            if ($word !== '' && $verdict === null) {
                $this->problems->add($trial->pathOf('felt').'/'.$index, 'Say "too-loose", "right", "too-tight", or an empty text.');
            }
            $felt[] = $verdict;
        }

        return $felt;
    }

    /** @return non-empty-list<Pitch>|null */
    private function pitchesOf(Node $node, ?int $strings): ?array
    {
        $names = $node->texts('pitches', 'the pitches');
        if ($names === null) {
            return null;
        }
        $pitches = [];
        foreach ($names as $index => $name) {
            $pitch = $this->problems->at($node->pathOf('pitches').'/'.$index, static fn (): Pitch => Pitch::named($name));
            if ($pitch !== null) {
                $pitches[] = $pitch;
            }
        }
        if ($strings !== null && count($names) !== $strings) {
            $this->problems->add($node->pathOf('pitches'), InvalidPitch::wrongCount(count($names), $strings)->getMessage());

            return null;
        }

        return $pitches !== [] && count($pitches) === count($names) ? $pitches : null;
    }

    /**
     * @param  list<Pitch>|null  $pitches
     * @return list<float>|null
     */
    private function centsOf(Node $node, ?array $pitches, ?int $strings): ?array
    {
        if (! $node->has('cents')) {
            return [];
        }
        $cents = $node->numbers('cents', 'the offsets in cents');
        if ($cents === null) {
            return null;
        }
        if ($strings !== null && count($cents) !== $strings) {
            $this->problems->add(
                $node->pathOf('cents'),
                'There are '.count($cents)." offsets for {$strings} strings. Give one for each string, 0 where there is none.",
            );

            return null;
        }
        foreach ($cents as $index => $offset) {
            try {
                ($pitches[$index] ?? Pitch::numbered(60))->frequencyHz(ReferencePitch::concert(), $offset);
            } catch (InvalidInput $refused) {
                $this->problems->add($node->pathOf('cents').'/'.$index, $refused->getMessage());
            }
        }

        return $cents;
    }
}
