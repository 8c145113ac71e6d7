<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Fit\Springs;
use Lira\Fitting\Anchor\AnchorSteps;
use Lira\Fitting\Post\PostSteps;
use Lira\Fitting\Post\Thickness;
use Lira\Fitting\School\OffAtOnce;
use Lira\Fitting\School\Order;
use Lira\Fitting\School\Schools;
use Lira\Fitting\School\Stretch;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Fingerboard;
use Lira\Intonation\Saddles;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Material\Material;
use Lira\Wording\Statement;

/** Plans the fitting of a set: from what is on the instrument now to what it should carry, by the schools. */
final class Planner
{
    /** How far below its pitch everything stands first where the neck is loaded in stages, cents. */
    private const FIRST_BELOW_CENTS = 100;

    private const STAGES = 3;

    /** So many pairs of strings are named; how it goes on is plain then. */
    private const PAIRS_SAID = 4;

    /** So long steel is played until it holds. */
    /** So long a conditioner soaks into bare wood. */
    private const SOAKS_S = 300;

    /** Less nobody turns a claw by. */
    private const LEAST_CLAW_M = 0.0003;

    /** From this share of what an instrument bears it is taken for weak. */
    private const WEAK = 0.9;

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, ?float> what the next step changes: the pull of strings by position, newtons; null of one that is off */
    private array $pulls = [];

    /** @var array<string, true> cautions that were said */
    private array $said = [];

    private readonly AnchorSteps $anchor;

    private readonly BridgeHold $bridge;

    /** @var list<int> the positions that are changed */
    private readonly array $changed;

    /** @var list<PlannedString> */
    private readonly array $planned;

    /** @var list<int> the changed ones in the order in which they go on */
    private readonly array $positions;

    /** @param  list<int>  $changed  positions; none for all */
    private function __construct(
        private readonly SetDesign $design,
        private readonly SetEvaluation $evaluation,
        private readonly ?SetEvaluation $present,
        private readonly Limits $limits,
        private readonly Schools $schools,
        bool $leftHanded,
        float $fingerM,
        array $changed,
    ) {
        $this->changed = $changed === [] ? range(1, max(count($evaluation->strings), count($present->strings ?? []))) : $changed;
        $hardware = $design->instrument->hardware;
        $this->anchor = AnchorSteps::at($hardware->anchor);
        $this->bridge = BridgeHold::of($design->instrument->kind, $design->instrument->hardware);
        $order = $schools->order->school;
        $this->positions = array_values(array_intersect(
            ($order instanceof Order ? $order : Order::OutsideIn)->positions(max(count($evaluation->strings), count($present->strings ?? []))),
            $this->changed,
        ));
        $this->planned = array_map(
            fn (EvaluatedString $string): PlannedString => PlannedString::of(
                $design, $string, $schools, $limits, $leftHanded, $fingerM, $this->tuned($string->position), $this->tiedAfter($string->position),
            ),
            $evaluation->strings,
        );
    }

    /**
     * @param  ?SetEvaluation  $present  what is on the instrument now; null where nothing is
     * @param  float  $fingerM  how thick a finger of the user is
     * @param  list<int>  $changed  the positions that are changed, the others stay as they are; none for all
     */
    public static function plan(
        SetDesign $design,
        SetEvaluation $evaluation,
        ?SetEvaluation $present,
        Limits $limits,
        Schools $schools,
        bool $leftHanded = false,
        float $fingerM = PlannedString::FINGER_M,
        array $changed = [],
    ): Plan {
        return (new self($design, $evaluation, $present, $limits, $schools, $leftHanded, $fingerM, $changed))->planned();
    }

    private function planned(): Plan
    {
        $presentN = [];
        foreach ($this->present->strings ?? [] as $string) {
            $presentN[$string->position] = $string->tunings[0]->tensionN;
        }
        $this->prepare();
        $off = $this->schools->offAtOnce->school;
        $off = $off instanceof OffAtOnce ? $off : OffAtOnce::Pairs;
        $order = $this->schools->order->school;
        if ($off === OffAtOnce::All && $this->present !== null) {
            $this->slacken();
        }
        foreach (array_chunk($this->positions, max(1, $off->strings(count($this->positions)))) as $at => $together) {
            // What holds a loose bridge on its mark comes off last.
            array_map($this->off(...), $order === Order::MiddleFirst ? array_reverse($together) : $together);
            if ($at === 0) {
                $this->care($off);
            }
            foreach ($together as $position) {
                $this->fit($position);
                if ($off !== OffAtOnce::All) {
                    $this->tuneUp($position);
                }
            }
        }
        $this->tune($off);
        $this->settle();
        $this->intonate();
        $this->finish();

        return Plan::of(
            $this->design->name,
            $this->schools,
            array_values(array_filter($this->planned, fn (PlannedString $string): bool => $this->isChanged($string->position))),
            $this->steps === [] ? throw new \LogicException('There is always something to do') : $this->steps,
            $presentN,
            $this->design->instrument->hardware->assumedValues(),
        );
    }

    private function prepare(): void
    {
        $bring = ['tuner', 'cutters', 'something to wind with', 'a cloth', ...$this->anchor->bring(), ...($this->isTied() ? ['a flame'] : [])];
        $stay = $this->present === null ? [] : array_values(array_filter(
            array_map(static fn (EvaluatedString $string): int => $string->position, $this->present->strings),
            fn (int $position): bool => ! $this->isChanged($position),
        ));
        $this->say(Phase::Prepare, null, 'prepare', [
            'on a table, its neck supported',
            'at hand: '.implode(', ', array_slice($bring, 0, 3)),
            ...array_map(static fn (array $some): string => implode(', ', $some), array_chunk(array_slice($bring, 3), 2)),
            ...($stay === [] ? [] : ['{stay} [one=yes|stays][one=no|stay] on', '[one=yes|it gives][one=no|they give] the pitch']),
        ], null, [Caution::Neck], more: new More(parameters: [
            'one' => count($stay) === 1 ? 'yes' : 'no', 'stay' => match (true) {
                count($stay) === 1 => "string {$stay[0]}",
                substr_count(self::runs($stay), ' ') > 3 => 'the other strings',
                default => 'strings '.self::runs($stay),
            },
        ]));
        $this->say(Phase::Prepare, null, 'note-before', ['measure action and relief', 'note where the saddles stand', 'take a photograph'], 'What was before can be found again.');
        if ($this->bridge === BridgeHold::Loose) {
            $this->present === null
                ? $this->say(Phase::Prepare, null, 'place-bridge', ['stand the bridge {bridge_mm:0} from the nut', 'twice as far as the 12th fret', 'mark it at both its feet'], 'Both feet can be found again.', more: new More(parameters: ['bridge_mm' => 1000 * $this->evaluation->strings[0]->speakingLengthM]))
                : $this->say(Phase::Prepare, null, 'mark-bridge', ['mark where the bridge stands', 'at both its feet'], 'Both feet can be found again.');
        }
        if ($this->bridge === BridgeHold::Blocked) {
            $this->say(Phase::Prepare, null, 'block-bridge', ['block the bridge level with the body'], 'It moves neither way.');
        }
        if ($this->design->instrument->hardware->nutClamps && $this->present !== null) {
            $this->say(Phase::Prepare, null, 'open-clamps', ['open the clamps at the nut', 'fine tuners to the middle'], 'Every string slides in its slot.');
        }
    }

    /**
     * @param  list<int>  $positions  rising
     * @return string such as "2 to 4, 6"
     */
    private static function runs(array $positions): string
    {
        $runs = [];
        $first = $last = null;
        foreach ([...$positions, null] as $position) {
            if ($last !== null && $position === $last + 1) {
                $last = $position;

                continue;
            }
            if ($last !== null) {
                $runs[] = match ($last - (int) $first) {
                    0 => (string) $last,
                    1 => "{$first}, {$last}",
                    default => "{$first} to {$last}",
                };
            }
            $first = $last = $position;
        }

        return implode(', ', $runs);
    }

    private function slacken(): void
    {
        foreach ($this->present->strings ?? [] as $string) {
            if ($this->isChanged($string->position)) {
                $this->pulls[$string->position] = 0.0;
            }
        }
        $this->isWhole()
            ? $this->say(Phase::Off, null, 'slacken-all', ['slacken all evenly', 'a little each in turn, until they flop'], 'No string pulls.')
            : $this->say(Phase::Off, null, 'slacken-all', ['slacken {which}', 'a little each in turn, until they flop'], 'None of them pulls.', more: new More(parameters: ['which' => self::runs($this->changed)]));
    }

    private function off(int $position): void
    {
        if ($this->at($this->present, $position) === null) {
            return;
        }
        $this->pulls[$position] = null;
        $lines = ['slacken it until it flops', 'cut it, both ends held', ...$this->anchor->off(), 'look how and where it died'];
        $this->say(
            Phase::Off,
            $position,
            'off',
            $lines,
            'It is off, coiled and in the bin.',
            [Caution::Cutting, $this->anchor->offCaution()],
            more: new More(do: 'String {string}: '.implode('; ', $lines).'.', brief: ['slack, then cut, then off: look why']),
        );
    }

    private function care(OffAtOnce $off): void
    {
        if ($off !== OffAtOnce::All || ! $this->isWhole()) {
            $this->say(
                Phase::Care,
                null,
                'care',
                ['wipe what lay under each', 'tighten loose tuner screws', 'look at nut slots and saddle grooves'],
                'Nothing rattles, no slot is worn through.',
                [Caution::Board],
            );

            return;
        }
        $board = $this->design->instrument->neck->fingerboard;
        $this->say(Phase::Care, null, 'care-board', match ($board) {
            Fingerboard::Rosewood, Fingerboard::Ebony => ['clean the bare board', 'two or three times'],
            Fingerboard::Maple => ['wipe the lacquer with a damp cloth', 'nothing else'],
            Fingerboard::Other, null => ['wipe the board', 'conditioner only where its wood is bare'],
        }, 'The cloth stays clean.', [Caution::Board]);
        if ($board?->isBare() === true) {
            $this->say(Phase::Care, null, 'care-oil', ['a little conditioner along each fret', 'let it soak'], 'It has soaked in.', more: new More(restsS: self::SOAKS_S));
            $this->say(Phase::Care, null, 'care-wipe', ['wipe off what the wood left'], 'The board is dry to a finger.');
        }
        $this->say(Phase::Care, null, 'care-look', ['tighten loose tuner screws', 'look at nut slots and saddle grooves'], 'Nothing rattles, no slot is worn through.');
    }

    private function fit(int $position): void
    {
        $string = $this->at($this->evaluation, $position);
        $planned = $this->planned[$position - 1] ?? null;
        if ($string === null || $planned === null) {
            return;
        }
        $this->pulls[$position] = 0.0;
        $on = new PuttingOn(
            $string,
            $planned,
            $this->anchor,
            PostSteps::at($this->design->instrument->postType($position)),
            $this->schools,
            Thickness::of($this->design, $position),
            isset($this->design->instrument->hardware->trees[$position]),
            $this->design->instrument->hardware->pinches($position, $string->string->build->outerDiameterM),
        );
        $this->say(
            Phase::Fit,
            $position,
            'fit',
            ['string {string} goes on'],
            $on->doneWhen(),
            [$this->present === null ? Caution::Cutting : null, ...$on->cautions()],
            more: new More(parameters: $on->parameters, figures: $on->figures, parts: $on->parts(), do: $on->do()),
        );
    }

    /** The string beside it that is tied after it, under whose loop its end goes; null for its own. Of two the one nearer the middle. */
    private function tiedAfter(int $position): ?int
    {
        $at = array_flip($this->positions);
        if (! isset($at[$position]) || ! $this->design->instrument->hardware->anchor->tucksEnds()) {
            return null;
        }
        $inwards = $position <= count($this->evaluation->strings) / 2 ? 1 : -1;
        foreach ([$position + $inwards, $position - $inwards] as $beside) {
            if (isset($at[$beside]) && $at[$beside] > $at[$position]) {
                return $beside;
            }
        }

        // The last of all lies under the one that was tied before it; where some stayed on it lies under itself.
        return $this->schools->order->school === Order::TieBlock && $this->schools->offAtOnce->school === OffAtOnce::All && isset($at[$position + 1]) ? $position + 1 : null;
    }

    private function tuneUp(int $position): void
    {
        $string = $this->at($this->evaluation, $position);
        if ($string === null) {
            return;
        }
        $this->pulls[$position] = $string->tunings[0]->tensionN;
        $lines = ['a thumb in its slot, up from below', ...$this->anchor->tuned(), ...$this->cutting($string)];
        $this->say(
            Phase::Tune,
            $position,
            'tune-string',
            $lines,
            'It sounds {pitch}, no end stands out.',
            [Caution::TooHigh, Caution::Tails],
            more: new More(parameters: self::named($string) + ['tail_mm' => 1000 * $this->tail($position)->leftM], do: 'String {string}, to {pitch}: '.implode('; ', $lines).'.', brief: ['up from below to {pitch}', ...$this->anchor->tuned(), $this->cutting($string)[0]]),
        );
    }

    private function tune(OffAtOnce $off): void
    {
        if ($off === OffAtOnce::All && $this->isStaged()) {
            $this->pullAt(self::FIRST_BELOW_CENTS);
            $this->say(Phase::Tune, null, 'tune-below', ['all to a semitone below, from below'], 'All stand a semitone low.', [Caution::TooHigh]);
            for ($stage = 1; $stage <= self::STAGES; $stage++) {
                $cents = self::FIRST_BELOW_CENTS * (self::STAGES - $stage) / self::STAGES;
                $this->pullAt($cents);
                $this->say(
                    Phase::Tune,
                    null,
                    'tune-stage',
                    ['look at the relief', $stage === self::STAGES ? 'then all up to pitch' : 'then all to {cents} cents below pitch', ...($stage === self::STAGES ? $this->cuttingAll() : [])],
                    'The neck moved no more than foretold.',
                    [Caution::Repairer, $stage === self::STAGES ? Caution::Tails : null],
                    more: new More(parameters: ['cents' => (string) round($cents)], key: "tune-stage-{$stage}"),
                );
            }
        } elseif ($off === OffAtOnce::All) {
            $this->pullAt(0.0);
            $this->say(Phase::Tune, null, 'tune-all', ['all up to pitch, from below', 'go round until none has moved', ...$this->cuttingAll()], 'All sound their pitch, no end stands out.', [Caution::TooHigh, Caution::Tails]);
        } else {
            $this->say(Phase::Tune, null, 'tune-again', ['go round again, from below', 'each that was tuned pulls the others'], 'None has moved.');
        }
        if ($this->bridge === BridgeHold::Floating || $this->bridge === BridgeHold::Blocked) {
            $clawM = $this->clawM();
            $this->say(
                Phase::Tune,
                null,
                'level-bridge',
                [
                    ...($this->bridge === BridgeHold::Blocked ? ['take the block out'] : []),
                    'level the bridge by its springs',
                    ...(abs($clawM) < self::LEAST_CLAW_M ? [] : [$clawM > 0.0 ? 'the claw about {claw_mm:1} tighter' : 'the claw about {claw_mm:1} looser']),
                    'tune again',
                ],
                'Bridge and body are parallel.',
                more: new More(parameters: ['claw_mm' => 1000 * abs($clawM)]),
            );
        }
    }

    /** How far the claw of the springs has to go for what pulls more or less, metres; positive tightens, 0 where that is not known. */
    private function clawM(): float
    {
        $springs = $this->design->instrument->hardware->springs;
        if ($springs === null || $this->present === null) {
            return 0.0;
        }
        [$before, $now] = [$this->present->totals[0]->tensionN, $this->totalN()];

        return Springs::travelM($now - $before, $springs->lever, $springs->rateNPerM, $springs->count);
    }

    /** What all pull once the new ones are at pitch, newtons. */
    private function totalN(): float
    {
        $total = 0.0;
        foreach ($this->evaluation->strings as $string) {
            $stays = $this->isChanged($string->position) ? null : $this->at($this->present, $string->position);
            $total += ($stays ?? $string)->tunings[0]->tensionN;
        }

        return $total;
    }

    private function settle(): void
    {
        $school = $this->schools->stretch->school;
        $how = match ($school instanceof Stretch ? $school : Stretch::Pairs) {
            Stretch::Pairs => $this->squeezing(),
            Stretch::ThumbAndFinger => ['thumb down, forefinger up', 'along each string'],
            Stretch::Lift => ['lift each at the 12th fret', 'a few times'],
            Stretch::Play => ['just play'],
            Stretch::PreStretch => ['they were stretched as they went on', 'play, and tune as they give'],
        };
        $this->say(Phase::Settle, null, 'stretch', [...$how, 'then tune from below', 'two or three rounds'], 'A round moves none by much.');
        $softest = Softness::ofSoftest($this->fitted());
        $this->say(Phase::Settle, null, 'wait', $softest->waiting(), 'It stands as it was left.', more: new More(restsS: $softest->restsS()));
    }

    /** @return non-empty-list<string> every other string together: two side by side would only push each other aside */
    private function squeezing(): array
    {
        $pairs = [];
        for ($position = 1; $position + 2 <= count($this->evaluation->strings); $position++) {
            if ($this->isChanged($position) || $this->isChanged($position + 2)) {
                $pairs[] = "{$position} and ".($position + 2);
            }
        }

        return $pairs === [] ? ['squeeze each along its length'] : [
            'squeeze every other string together',
            ...array_map(static fn (array $some): string => implode(', ', $some), array_chunk(array_slice($pairs, 0, self::PAIRS_SAID), 2)),
            ...(count($pairs) > self::PAIRS_SAID ? ['and so on, to the last'] : []),
        ];
    }

    private function intonate(): void
    {
        if (Softness::ofSoftest($this->fitted()) !== Softness::Elastomer) {
            $this->say(Phase::Intonate, null, 'witness', ['press each string down once', 'just before its saddle, just past the nut'], 'Each leaves both of them straight.');
        }
        $short = array_values(array_filter($this->fitted(), fn (EvaluatedString $string): bool => $this->design->instrument->scale->startFret($string->position) > 0));
        $this->say(Phase::Intonate, null, 'intonate', [
            ...match (true) {
                $this->bridge === BridgeHold::Loose => ['set the bridge by harmonics', 'the first string’s foot, then the last’s'],
                Saddles::of($this->design->instrument) === Saddles::Fixed => ['compare open and fretted at the 12th', 'its saddle stays', 'note what it is off by'],
                default => ['compare open and fretted at the 12th', 'the median of three', 'slacken before you turn a saddle’s screw'],
            },
            ...array_map(fn (EvaluatedString $string): string => "string {$string->position}: at its ".($this->design->instrument->scale->startFret($string->position) + 12).'th fret', $short),
        ], 'Each is within a few cents.');
    }

    private function finish(): void
    {
        // Last: whoever moves a saddle has to slacken its string again.
        if ($this->design->instrument->hardware->nutClamps) {
            $this->say(Phase::Finish, null, 'clamp', ['close the clamps at the nut', 'fine tuners in the middle', 'tune with these'], 'A bend comes back to its pitch.');
        }
        if ($this->hasGut()) {
            $this->say(
                Phase::Finish,
                null,
                'seal-ends',
                ['the gut has taken its load', 'cut its ends close', 'seal each with heat'],
                'No end frays, none catches a cloth.',
                [Caution::Flame, Caution::Tails],
            );
        }
        $this->say(Phase::Finish, null, 'note-after', ['measure action and relief', 'take a photograph', 'keep the packets’ labels'], 'What was done can be read again.', [Caution::Repairer]);
    }

    /** With all strings on, so many cents below their pitch: tension goes as the square of frequency. */
    private function pullAt(float $cents): void
    {
        foreach ($this->evaluation->strings as $string) {
            if (! $this->isChanged($string->position)) {
                continue;
            }
            $this->pulls[$string->position] = $string->tunings[0]->tensionN * 2 ** (-2 * $cents / 1200);
        }
    }

    /** A load that rises by a tenth or more, and a top that is said to bear hardly more, come up in stages. */
    private function isStaged(): bool
    {
        [$before, $now] = [$this->present->totals[0]->tensionN ?? null, $this->totalN()];
        $most = $this->design->instrument->hardware->maxTotalN;

        return ($before !== null && $now >= $before * (1 + $this->limits->of(Limit::TotalSetup)))
            || ($most !== null && $now >= self::WEAK * $most);
    }

    /** The key of the step in which a string comes to its pitch. */
    private function tuned(int $position): string
    {
        return match (true) {
            $this->schools->offAtOnce->school !== OffAtOnce::All => "tune-string:{$position}",
            $this->isStaged() => 'tune-stage-'.self::STAGES,
            default => 'tune-all',
        };
    }

    private function tail(int $position): Tail
    {
        return $this->planned[$position - 1]->tail;
    }

    /** @return non-empty-list<string> what is said of its tail as one string comes to pitch */
    private function cutting(EvaluatedString $string): array
    {
        $tail = $this->tail($string->position);

        return match (true) {
            // Cut as it went on, and blunt.
            $string->string->spec->type->material === Material::Polyurethane => ['nothing bunched low on its post'],
            $tail->isGut => ['lock its end under itself, leave {tail_mm:0}'],
            $tail->step !== "tune-string:{$string->position}" => ['bend its tail away from the hand'],
            $string->string->spec->type->construction->isWound() => ['bend the tail sharply, cut at {tail_mm:0}', 'bend that away from the hand'],
            default => ['cut the tail {tail_mm:0} past the post', 'bend that away from the hand'],
        };
    }

    /** @return non-empty-list<string> the same of all of them */
    private function cuttingAll(): array
    {
        $tails = array_map(fn (EvaluatedString $string): Tail => $this->tail($string->position), $this->fitted());
        $gut = array_filter($tails, static fn (Tail $tail): bool => $tail->isGut);
        $cut = array_filter($tails, static fn (Tail $tail): bool => str_starts_with($tail->step, 'tune-'));

        return [
            ...($cut === [] ? [] : ['bend wound tails sharply, cut all short']),
            $gut === [] ? 'bend the tails away from the hand' : 'lock the gut’s ends, leave an inch',
        ];
    }

    private function isChanged(int $position): bool
    {
        return in_array($position, $this->changed, true);
    }

    private function isWhole(): bool
    {
        return count($this->changed) >= count($this->evaluation->strings);
    }

    /** @return list<EvaluatedString> the new strings */
    private function fitted(): array
    {
        return array_values(array_filter($this->evaluation->strings, fn (EvaluatedString $string): bool => $this->isChanged($string->position)));
    }

    private function hasGut(): bool
    {
        return array_filter($this->fitted(), fn (EvaluatedString $string): bool => $this->tail($string->position)->isGut) !== [];
    }

    private function isTied(): bool
    {
        foreach ($this->fitted() as $string) {
            if ($this->anchor->onCaution($string->string) === Caution::Flame) {
                return true;
            }
        }

        return false;
    }

    private function at(?SetEvaluation $evaluation, int $position): ?EvaluatedString
    {
        return $evaluation->strings[$position - 1] ?? null;
    }

    /** @return array{string: int, pitch: string, gauge_mm: float} */
    private static function named(EvaluatedString $string): array
    {
        return [
            'string' => $string->position,
            'pitch' => $string->tunings[0]->pitch->label(),
            'gauge_mm' => 1000 * $string->string->spec->type->gauge->inMetres(),
        ];
    }

    /**
     * @param  non-empty-list<string>  $lines  clauses of at most eight words
     * @param  list<?Caution>  $cautions  of which those are kept that no earlier step said
     */
    private function say(Phase $phase, ?int $position, string $code, array $lines, ?string $doneWhen = null, array $cautions = [], More $more = new More): void
    {
        $parameters = $more->parameters + ($position === null ? [] : ['string' => $position]);
        $new = [];
        foreach ($cautions as $caution) {
            if ($caution !== null && ! isset($this->said[$caution->value])) {
                $this->said[$caution->value] = true;
                $new[] = $caution;
            }
        }
        $this->steps[] = new Step(
            $more->key ?? ($position === null ? $code : "{$code}:{$position}"),
            $phase,
            $position,
            new Statement($code, $more->do ?? Clauses::sentence($lines), $parameters),
            new Clauses($code, $lines, $parameters, $more->brief),
            $doneWhen === null ? null : new Statement("{$code}-done", $doneWhen, $parameters),
            array_values(array_filter($more->figures, static fn (Figure $figure): bool => $figure->value > 0.0)),
            $new,
            $this->pulls,
            $more->parts,
            $more->restsS,
        );
        $this->pulls = [];
    }
}
