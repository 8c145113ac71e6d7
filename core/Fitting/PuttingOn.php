<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Evaluation\EvaluatedString;
use Lira\Fitting\Anchor\AnchorSteps;
use Lira\Fitting\Post\PostSteps;
use Lira\Fitting\Post\Thickness;
use Lira\Fitting\School\Cut;
use Lira\Fitting\School\Leave;
use Lira\Fitting\School\Lock;
use Lira\Fitting\School\Schools;
use Lira\Material\Material;
use Lira\Wording\Quarters;
use Lira\Wording\Statement;

/** How one string goes on, in the words and figures of the schools: in one step, in the parts that are done with one look each, and in brief. */
final readonly class PuttingOn
{
    /** From this thickness on a wound string is a bass's. */
    private const HEAVY_M = 1.9e-3;

    private Leave $leaving;

    /** Whether it is cut to its length before it goes on. */
    private bool $cutFirst;

    /** @var array<string, int|float|string> */
    public array $parameters;

    /** @var list<Figure> */
    public array $figures;

    private bool $wound;

    /**
     * @param  bool  $underTree  whether a tree holds it down behind the nut
     * @param  bool  $isTight  whether its nut slot is narrower than it needs
     */
    public function __construct(
        private EvaluatedString $string,
        private PlannedString $planned,
        private AnchorSteps $anchor,
        private PostSteps $post,
        private Schools $schools,
        private Thickness $thickness,
        private bool $underTree,
        private bool $isTight,
    ) {
        $leaving = $schools->leave->school;
        $this->leaving = $leaving instanceof Leave ? $leaving : Leave::Millimetres;
        $this->cutFirst = $schools->cut->school === Cut::Before || $post->cutsFirst();
        $this->wound = $string->string->spec->type->construction->isWound();
        $this->parameters = [
            'string' => $string->position,
            'pitch' => $string->tunings[0]->pitch->label(),
            'gauge_mm' => 1000 * $string->string->spec->type->gauge->inMetres(),
            'made' => $this->wound ? 'wound' : 'plain',
            'turns' => Quarters::short($planned->turns, 'turn'),
            'leave_mm' => 1000 * $planned->slackM,
            'cut_mm' => 1000 * $planned->cutPastPostM,
            'leave' => (string) $planned->slackShort($this->leaving),
            'cut' => (string) $planned->cutShort($this->leaving),
        ];
        $this->figures = $this->allFigures();
    }

    /** All of it. */
    public function do(): string
    {
        return 'String {string}, {gauge_mm} {made}, to {pitch}. '.Clauses::sentence($this->seat()).' '.Clauses::sentence($this->winding());
    }

    public function doneWhen(): string
    {
        return $this->anchor->doneWhen($this->string->string).' '.$this->post->doneWhen();
    }

    /** @return list<?Caution> */
    public function cautions(): array
    {
        return [$this->anchor->onCaution($this->string->string), $this->post->caution()];
    }

    /** @return list<Part> the packet in hand, the end that is held, the post */
    public function parts(): array
    {
        $position = $this->string->position;
        [$lead, $figure] = $this->key();

        return [
            new Part("packet:{$position}", null, $this->clauses(
                'packet',
                ['take string {string}, {gauge_mm} {made}', 'to {pitch}, [one=yes|one notch][one=no|{notches} notches] on its packet'],
                parameters: ['notches' => $position, 'one' => $position === 1 ? 'yes' : 'no'],
            )),
            new Part(
                "seat:{$position}",
                null,
                $this->clauses('seat', $this->seat(), $this->anchor->brief($this->string->string, $this->planned->under)),
                $this->statement('seat-done', $this->anchor->doneWhen($this->string->string)),
            ),
            new Part(
                "fit:{$position}",
                $lead,
                $this->clauses('post', $this->winding(), $this->windingInBrief()),
                $this->statement('post-done', $this->post->doneWhen()),
                $figure,
            ),
        ];
    }

    /** @return non-empty-list<string> */
    private function seat(): array
    {
        return [
            // A heavy string brings the twist of its packet with it.
            ...($this->isHeavy() ? ['let it hang free once: no twist'] : []),
            ...$this->anchor->on($this->string->string, $this->planned->under),
        ];
    }

    private function isHeavy(): bool
    {
        return $this->wound && $this->string->string->build->outerDiameterM >= self::HEAVY_M;
    }

    /** @return array{string, Figure} what is read from afar, and what it is of */
    private function key(): array
    {
        $planned = $this->planned;

        return match (true) {
            $this->cutFirst && $this->foldsBack() => ['Fold it back from its post, and cut at', Figure::length('cut_past_post_mm', $planned->cutPastPostM)],
            $this->cutFirst => ['Cut it past its own post by', Figure::length('cut_past_post_mm', $planned->cutPastPostM, $planned->cutShort($this->leaving))],
            ! $this->post->leavesSlack() => ['Wind', Figure::turns($planned->turns)],
            default => [match ($this->leaving) {
                Leave::Fret => 'Let back, in first frets',
                Leave::Lift => 'Let back until under it at the 12th go',
                default => 'Let back',
            }, Figure::length('slack_mm', $planned->slackM, $planned->slackShort($this->leaving))],
        };
    }

    /**
     * @param  non-empty-list<string>  $lines
     * @param  list<string>  $brief
     * @param  array<string, int|float|string>  $parameters  more of them
     */
    private function clauses(string $code, array $lines, array $brief = [], array $parameters = []): Clauses
    {
        return new Clauses($code, $lines, $this->parameters + $parameters, $brief);
    }

    private function statement(string $code, string $sentence): Statement
    {
        return new Statement($code, $sentence, $this->parameters);
    }

    /** @return non-empty-list<string> */
    private function winding(): array
    {
        $lines = [
            ...$this->cutting(),
            ...$this->filled($this->post->on($this->cutFirst, $this->thickness)),
            ...match (true) {
                $this->planned->winds !== null => [$this->planned->winds->clause()],
                $this->post->windsAlong() => ['it leaves the roller at its front'],
                default => [],
            },
            ...$this->besides(),
        ];
        assert($lines !== [], 'Every post says how a string goes on it.');

        return $lines;
    }

    /** @return list<string> for who knows the work: how much, and what is not as always */
    private function windingInBrief(): array
    {
        $wind = array_values(array_filter(
            $this->post->on($this->cutFirst, $this->thickness),
            fn (string $clause): bool => ! $this->post->winds() && ! $this->post->leavesSlack() || str_contains($clause, '{') || str_starts_with($clause, 'pull it'),
        ));

        return [
            ...($this->cutFirst ? [$this->isStretched() ? 'stretched: '.($this->foldsBack() ? '' : 'cut it ').$this->cutWords() : ($this->foldsBack() ? 'fold it back {cut_mm:0}, cut it first' : 'cut it first, '.$this->cutWords())] : []),
            ...array_slice($this->filled($wind), 0, 3),
            ...$this->besides(),
        ];
    }

    /** @return list<string> where it is cut before anything else */
    private function cutting(): array
    {
        return ! $this->cutFirst ? [] : [
            $this->isStretched() ? 'stretched hard, '.($this->foldsBack() ? '' : 'measure ').$this->cutWords() : ($this->wound && ! $this->foldsBack() ? 'bend it sharply ' : ($this->foldsBack() ? '' : 'measure ')).$this->cutWords(),
            'cut it there first',
        ];
    }

    /** Its length is said as it is once somebody holds it stretched. */
    private function isStretched(): bool
    {
        return $this->string->string->spec->type->material === Material::Polyurethane;
    }

    private function cutWords(): string
    {
        return match (true) {
            $this->foldsBack() => 'fold it back {cut_mm:0} from its post',
            $this->planned->cutShort($this->leaving) !== null => '{cut} past its own',
            default => '{cut_mm:0} past its post',
        };
    }

    /**
     * @param  list<string>  $clauses
     * @return list<string>
     */
    private function filled(array $clauses): array
    {
        $letsBack = ! $this->cutFirst && $this->post->leavesSlack();
        $back = match (true) {
            ! $letsBack => null,
            $this->leaving === Leave::Lift => 'let it back: {leave} under the 12th',
            $this->planned->slackShort($this->leaving) === null => 'let {leave_mm:0} back',
            default => 'let {leave} back',
        };
        $both = $this->leaving === Leave::Lift ? [$back, 'wind {turns}'] : [($back === null ? '' : "{$back}, ").'wind {turns}'];
        $filled = [];
        foreach ($clauses as $clause) {
            array_push($filled, ...match ($clause) {
                '{back}' => [$back],
                '{wind}' => $both,
                default => [str_replace('{on}', 'wind {turns}', $clause)],
            });
        }

        return array_values(array_filter($filled, static fn (?string $clause): bool => $clause !== null));
    }

    /** @return list<string> what this string needs besides */
    private function besides(): array
    {
        return [
            ...match (true) {
                $this->schools->lock->school === Lock::OverUnder => ['first turn over the tail, others under'],
                $this->schools->lock->school === Lock::UnderBack && ! $this->wound => ['tail under the string, back over itself'],
                default => [],
            },
            ...($this->underTree ? ['under its tree before it pulls'] : []),
            ...($this->isHeavy() ? ['silk and taper clear of the nut'] : []),
            ...($this->isTight ? ['does it reach its slot’s floor?'] : []),
        ];
    }

    /** @return list<Figure> */
    private function allFigures(): array
    {
        $planned = $this->planned;

        return [
            Figure::turns($planned->turns),
            ...($planned->neededM === null ? [] : [Figure::length('length_needed_mm', $planned->neededM)]),
            Figure::length('slack_mm', $planned->slackM, $planned->slackSaid($this->leaving)),
            Figure::length('cut_past_post_mm', $planned->cutPastPostM, $planned->cutSaid($this->leaving) ?? (
                $this->foldsBack() ? sprintf('fold back %d mm', round(1000 * $planned->cutPastPostM)) : null
            )),
        ];
    }

    private function foldsBack(): bool
    {
        return $this->leaving === Leave::Posts && $this->planned->foldBackM !== null;
    }
}
