<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Fitting\Anchor\AnchorSteps;
use Lira\Fitting\Post\PostSteps;
use Lira\Fitting\School\OffAtOnce;
use Lira\Fitting\School\Order;
use Lira\Fitting\School\Schools;
use Lira\Fitting\School\Stretch;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;
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

    private const DAY_S = 86_400;

    /** So long steel is played until it holds. */
    private const PLAYED_S = 1800;

    /** So long a conditioner soaks into bare wood. */
    private const SOAKS_S = 300;

    /** From this share of what an instrument bears it is taken for weak. */
    private const WEAK = 0.9;

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, ?float> what the next step changes: the pull of strings by position, newtons; null of one that is off */
    private array $pulls = [];

    /** @var array<string, true> cautions that were said */
    private array $said = [];

    private readonly AnchorSteps $anchor;

    private readonly PostSteps $post;

    private readonly BridgeHold $bridge;

    /** @var list<int> the positions that are changed */
    private readonly array $changed;

    /** @var list<PlannedString> */
    private readonly array $planned;

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
        $this->post = PostSteps::at($hardware->posts->type);
        $this->bridge = BridgeHold::of($design->instrument->kind, $design->instrument->hardware);
        $this->planned = array_map(
            fn (EvaluatedString $string): PlannedString => PlannedString::of($design, $string, $schools, $limits, $leftHanded, $fingerM, $this->tuned($string->position)),
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
        $strings = max(count($this->evaluation->strings), count($this->present->strings ?? []));
        $order = $this->schools->order->school;
        $positions = array_values(array_intersect(($order instanceof Order ? $order : Order::OutsideIn)->positions($strings), $this->changed));
        if ($off === OffAtOnce::All && $this->present !== null) {
            $this->slacken();
        }
        foreach (array_chunk($positions, max(1, $off->strings(count($positions)))) as $at => $together) {
            array_map($this->off(...), $together);
            if ($at === 0) {
                $this->care($off);
            }
            array_map($this->fit(...), $together);
            if ($off !== OffAtOnce::All) {
                array_map($this->tuneUp(...), $together);
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
        $this->say(Phase::Prepare, null, 'prepare', 'Lay the instrument on a table, its neck supported. Have at hand: {bring}.[some=yes| What stays on gives the pitch: {stay}.]', null, [Caution::Neck], [
            'bring' => implode(', ', $bring), 'some' => $stay === [] ? 'no' : 'yes',
            'stay' => (count($stay) === 1 ? 'string ' : 'strings ').implode(', ', $stay),
        ]);
        $this->say(Phase::Prepare, null, 'note-before', 'Note action, relief and where the saddles stand, and take a photograph.', 'What was before can be found again.');
        match ($this->bridge) {
            BridgeHold::Loose => $this->say(Phase::Prepare, null, 'mark-bridge', 'Mark where the bridge stands, at both its feet.', 'Both feet can be found again.'),
            BridgeHold::Blocked => $this->say(Phase::Prepare, null, 'block-bridge', 'Block the bridge level with the body.', 'It moves neither way.'),
            default => null,
        };
        if ($this->design->instrument->hardware->nutClamps && $this->present !== null) {
            $this->say(Phase::Prepare, null, 'open-clamps', 'Open the clamps at the nut, and set the fine tuners to the middle.', 'Every string slides in its slot.');
        }
    }

    private function slacken(): void
    {
        foreach ($this->present->strings ?? [] as $string) {
            if ($this->isChanged($string->position)) {
                $this->pulls[$string->position] = 0.0;
            }
        }
        $this->isWhole()
            ? $this->say(Phase::Off, null, 'slacken-all', 'Slacken all strings evenly, a little each in turn, until they flop.', 'No string pulls.')
            : $this->say(Phase::Off, null, 'slacken-all', 'Slacken strings {which} evenly, a little each in turn, until they flop.', 'None of them pulls.', parameters: ['which' => implode(', ', $this->changed)]);
    }

    private function off(int $position): void
    {
        if ($this->at($this->present, $position) === null) {
            return;
        }
        $this->pulls[$position] = null;
        $this->say(
            Phase::Off,
            $position,
            'off',
            'Slacken string {string} until it flops, cut it and take it off. '.$this->anchor->off().' Look where and how it died.',
            'It is off, coiled and in the bin.',
            [Caution::Cutting, $this->anchor->offCaution()],
        );
    }

    private function care(OffAtOnce $off): void
    {
        if ($off !== OffAtOnce::All || ! $this->isWhole()) {
            $this->say(
                Phase::Care,
                null,
                'care',
                'As each string is off, wipe what lay under it. Tighten loose tuner screws; look at nut slots and saddle grooves.',
                'Nothing rattles, and no slot is worn through.',
                [Caution::Board],
            );

            return;
        }
        $board = $this->design->instrument->neck->fingerboard;
        $bare = in_array($board, [Fingerboard::Rosewood, Fingerboard::Ebony], true);
        $this->say(Phase::Care, null, 'care-board', match (true) {
            $bare => 'Clean the bare board, two or three times.',
            $board === Fingerboard::Maple => 'Wipe the lacquered board with a damp cloth, and nothing else.',
            default => 'Wipe the board; condition it only where its wood is bare.',
        }, 'The cloth stays clean.', [Caution::Board]);
        if ($bare) {
            $this->say(Phase::Care, null, 'care-oil', 'A little conditioner along each fret: let it soak.', 'It has soaked in.', restsS: self::SOAKS_S);
            $this->say(Phase::Care, null, 'care-wipe', 'Wipe off what the wood has not taken.', 'The board is dry to a finger.');
        }
        $this->say(Phase::Care, null, 'care-look', 'Tighten loose tuner screws; look at nut slots and saddle grooves.', 'Nothing rattles, and no slot is worn through.');
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
            $string, $planned, $this->anchor, $this->post, $this->schools, isset($this->design->instrument->hardware->trees[$position]),
        );
        $this->say(
            Phase::Fit,
            $position,
            'fit',
            $on->do(),
            $on->doneWhen(),
            [$this->present === null ? Caution::Cutting : null, ...$on->cautions()],
            $on->parameters,
            $on->figures,
            parts: $on->parts(),
        );
    }

    private function tuneUp(int $position): void
    {
        $string = $this->at($this->evaluation, $position);
        if ($string === null) {
            return;
        }
        $this->pulls[$position] = $string->tunings[0]->tensionN;
        $this->say(
            Phase::Tune,
            $position,
            'tune-string',
            'Keep string {string} in its slot with a thumb, and come up to {pitch} from below.'.$this->cutting($string),
            'It sounds {pitch}, and no end stands out.',
            [Caution::TooHigh, Caution::Tails],
            self::named($string) + ['tail_mm' => 1000 * $this->tail($position)->leftM],
        );
    }

    private function tune(OffAtOnce $off): void
    {
        if ($off === OffAtOnce::All && $this->isStaged()) {
            $this->pullAt(self::FIRST_BELOW_CENTS);
            $this->say(Phase::Tune, null, 'tune-below', 'Bring the new strings to a semitone below their pitch, from below.', 'All stand a semitone low.', [Caution::TooHigh]);
            for ($stage = 1; $stage <= self::STAGES; $stage++) {
                $cents = self::FIRST_BELOW_CENTS * (self::STAGES - $stage) / self::STAGES;
                $this->pullAt($cents);
                $this->say(
                    Phase::Tune,
                    null,
                    'tune-stage',
                    'Look at the relief, then bring all up [last=no|by a third of the way, to {cents} cents below their pitch.][last=yes|to their pitch.]'.($stage === self::STAGES ? $this->cuttingAll() : ''),
                    'The neck has not moved more than it should.',
                    [Caution::Repairer, $stage === self::STAGES ? Caution::Tails : null],
                    ['cents' => (string) round($cents), 'last' => $stage === self::STAGES ? 'yes' : 'no'],
                    key: "tune-stage-{$stage}",
                );
            }
        } elseif ($off === OffAtOnce::All) {
            $this->pullAt(0.0);
            $this->say(Phase::Tune, null, 'tune-all', 'Tune all strings up from below, and go round again until none has moved.'.$this->cuttingAll(), 'All sound their pitch, and no end stands out.', [Caution::TooHigh, Caution::Tails]);
        } else {
            $this->say(Phase::Tune, null, 'tune-again', 'Go round again, from below: every string that was tuned pulls the others down.', 'None has moved.');
        }
        if ($this->bridge === BridgeHold::Floating || $this->bridge === BridgeHold::Blocked) {
            $this->say(Phase::Tune, null, 'level-bridge', ($this->bridge === BridgeHold::Blocked ? 'Take the block out. ' : '').'Level the bridge by its springs, and tune again.', 'Bridge and body are parallel.');
        }
    }

    private function settle(): void
    {
        $school = $this->schools->stretch->school;
        $how = match ($school instanceof Stretch ? $school : Stretch::Pairs) {
            Stretch::Pairs => 'Squeeze every other string together, first and third, second and fourth, along their length.',
            Stretch::ThumbAndFinger => 'Thumb down, forefinger up, along each string.',
            Stretch::Lift => 'Lift each string at the 12th fret, a few times.',
            Stretch::Play => 'Just play.',
            Stretch::PreStretch => 'They were stretched as they were fitted: play, and tune as they give.',
        };
        $this->say(Phase::Settle, null, 'stretch', $how.' Then tune again from below; two or three rounds.', 'A round moves no string by more than a few cents.');
        $this->say(Phase::Settle, null, 'wait', match ($this->softest()) {
            Material::Polyurethane => 'These strings go on giving for weeks: tune before each playing.',
            Material::Nylon => 'Nylon holds after some days: tune whenever it is passed.',
            default => 'Steel holds after 15 to 30 minutes of playing, or a day or two.',
        }, 'It stands as it was left.', restsS: match ($this->softest()) {
            Material::Polyurethane => 7 * self::DAY_S,
            Material::Nylon => 3 * self::DAY_S,
            default => self::PLAYED_S,
        });
        if ($this->design->instrument->hardware->nutClamps) {
            $this->say(Phase::Settle, null, 'clamp', 'Close the clamps at the nut, fine tuners in the middle, and tune with these.', 'A bend comes back to its pitch.');
        }
    }

    private function intonate(): void
    {
        $this->say(Phase::Intonate, null, 'witness', 'Press each string down once, just before its saddle and just past the nut.', 'Each leaves both of them straight.');
        $this->say(Phase::Intonate, null, 'intonate', match (true) {
            $this->bridge === BridgeHold::Loose => 'Once they hold: set the bridge by harmonics, the first string’s foot, then the last’s.',
            $this->design->instrument->hardware->anchor === Anchor::TieBlock,
            in_array($this->design->instrument->kind, [Kind::AcousticGuitar, Kind::TenorGuitar], true) => 'Once they hold: compare open and fretted at the 12th. A one-piece saddle is not moved here; note what it is off by.',
            default => 'Once they hold: compare open and fretted at the 12th, the median of three; slacken before you turn a saddle’s screw.',
        }, 'Each string is within a few cents at the 12th fret, or its saddle is at its end.');
    }

    private function finish(): void
    {
        if ($this->hasGut()) {
            $this->say(
                Phase::Finish,
                null,
                'seal-ends',
                'The gut has taken its load: cut its ends close, and seal each with heat.',
                'No end frays, and none catches a cloth.',
                [Caution::Flame, Caution::Tails],
            );
        }
        $this->say(
            Phase::Finish,
            null,
            'note-after',
            'Note action and relief as they are now, take a photograph, and put the packets’ labels to the job.',
            'What was done can be read again.',
            [Caution::Repairer],
        );
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
        $before = $this->present->totals[0]->tensionN ?? null;
        $now = 0.0;
        foreach ($this->evaluation->strings as $string) {
            $stays = $this->isChanged($string->position) ? null : $this->at($this->present, $string->position);
            $now += ($stays ?? $string)->tunings[0]->tensionN;
        }
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

    /** What is said of its tail as one string comes to pitch. */
    private function cutting(EvaluatedString $string): string
    {
        $tail = $this->tail($string->position);

        return match (true) {
            $tail->isGut => ' Lock its end under itself, and leave {tail_mm:0} of it.',
            $tail->step !== "tune-string:{$string->position}" => ' Bend its tail away from the hand.',
            $string->string->spec->type->construction->isWound() => ' Bend its tail sharply, cut it {tail_mm:0} past the post, and bend that away from the hand.',
            default => ' Cut its tail {tail_mm:0} past the post, and bend it away from the hand.',
        };
    }

    /** The same of all of them. */
    private function cuttingAll(): string
    {
        $tails = array_map(fn (EvaluatedString $string): Tail => $this->tail($string->position), $this->fitted());
        $gut = array_filter($tails, static fn (Tail $tail): bool => $tail->isGut);
        $cut = array_filter($tails, static fn (Tail $tail): bool => str_starts_with($tail->step, 'tune-'));

        return ($cut === [] ? '' : ' Bend wound strings sharply where they are cut, and cut every tail short.')
            .($gut === [] ? ' Bend the tails away from the hand.' : ' Lock the ends of the gut under themselves, an inch left of each.');
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

    private function softest(): Material
    {
        $softest = Material::MusicWire;
        foreach ($this->fitted() as $string) {
            $softest = match (true) {
                $string->string->spec->type->material === Material::Polyurethane => Material::Polyurethane,
                $softest !== Material::Polyurethane && $string->string->isPolymer() => Material::Nylon,
                default => $softest,
            };
        }

        return $softest;
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
     * @param  array<string, int|float|string>  $parameters
     * @param  list<?Caution>  $cautions  of which those are kept that no earlier step said
     * @param  list<Figure>  $figures
     * @param  ?string  $key  where code and position do not tell it from all others
     * @param  list<Part>  $parts
     */
    private function say(
        Phase $phase,
        ?int $position,
        string $code,
        string $do,
        ?string $doneWhen = null,
        array $cautions = [],
        array $parameters = [],
        array $figures = [],
        ?string $key = null,
        array $parts = [],
        ?int $restsS = null,
    ): void {
        $parameters += $position === null ? [] : ['string' => $position];
        $new = [];
        foreach ($cautions as $caution) {
            if ($caution !== null && ! isset($this->said[$caution->value])) {
                $this->said[$caution->value] = true;
                $new[] = $caution;
            }
        }
        $this->steps[] = new Step(
            $key ?? ($position === null ? $code : "{$code}:{$position}"),
            $phase,
            $position,
            new Statement($code, $do, $parameters),
            $doneWhen === null ? null : new Statement("{$code}-done", $doneWhen, $parameters),
            array_values(array_filter($figures, static fn (Figure $figure): bool => $figure->value > 0.0)),
            $new,
            $this->pulls,
            $parts,
            $restsS,
        );
        $this->pulls = [];
    }
}
