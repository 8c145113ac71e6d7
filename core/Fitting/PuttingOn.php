<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Evaluation\EvaluatedString;
use Lira\Fitting\Anchor\AnchorSteps;
use Lira\Fitting\Post\PostSteps;
use Lira\Fitting\School\Cut;
use Lira\Fitting\School\Leave;
use Lira\Fitting\School\Lock;
use Lira\Fitting\School\Schools;
use Lira\Wording\Quarters;
use Lira\Wording\Statement;

/** How one string goes on, in the words and figures of the schools: in one step, and in the parts that are done with one look each. */
final readonly class PuttingOn
{
    /** From this thickness on a wound string is a bass's. */
    private const HEAVY_M = 1.9e-3;

    /** Of the post: its sentence, with its lengths in the words of the school. */
    private string $winding;

    private Leave $leaving;

    /** @var array<string, int|float|string> */
    public array $parameters;

    /** @var list<Figure> */
    public array $figures;

    private bool $wound;

    /** @param  bool  $underTree  whether a tree holds it down behind the nut */
    public function __construct(
        private EvaluatedString $string,
        private PlannedString $planned,
        private AnchorSteps $anchor,
        private PostSteps $post,
        private Schools $schools,
        bool $underTree,
    ) {
        $leaving = $schools->leave->school;
        $this->leaving = $leaving instanceof Leave ? $leaving : Leave::Millimetres;
        $this->wound = $string->string->spec->type->construction->isWound();
        $this->winding = $this->windingWords().$this->lockWords().($underTree ? ' Pass it under its tree before it pulls.' : '');
        $this->parameters = [
            'string' => $string->position,
            'pitch' => $string->tunings[0]->pitch->label(),
            'gauge_mm' => 1000 * $string->string->spec->type->gauge->inMetres(),
            'made' => $this->wound ? 'wound' : 'plain',
            'turns' => Quarters::of($planned->turns, 'turn'),
            'leave_mm' => 1000 * (float) $planned->slackM,
            'cut_mm' => 1000 * (float) $planned->cutPastPostM,
            'leave' => (string) $planned->slackSaid($this->leaving),
            'cut' => (string) $planned->cutSaid($this->leaving),
            'winds' => $planned->winds->value ?? '',
        ];
        $this->figures = $this->allFigures();
    }

    /** All of it. */
    public function do(): string
    {
        return 'String {string}, {gauge_mm} {made}, to {pitch}. '.$this->untwisted().$this->anchor->on($this->string->string).' '.$this->winding;
    }

    /** A heavy string brings the twist of its packet with it. */
    private function untwisted(): string
    {
        return $this->string->string->build->outerDiameterM >= self::HEAVY_M && $this->wound ? 'Let it hang free once, so that no twist stays in it. ' : '';
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
            new Part("packet:{$position}", null, $this->statement(
                'packet',
                'Take string {string}: {gauge_mm} {made}, to {pitch}, [one=yes|one notch][one=no|{notches} notches] on its packet.',
                ['notches' => $position, 'one' => $position === 1 ? 'yes' : 'no'],
            )),
            new Part(
                "seat:{$position}",
                null,
                $this->statement('seat', $this->untwisted().$this->anchor->on($this->string->string)),
                $this->statement('seat-done', $this->anchor->doneWhen($this->string->string)),
            ),
            new Part(
                "fit:{$position}",
                $lead,
                $this->statement('post', ltrim($this->winding)),
                $this->statement('post-done', $this->post->doneWhen()),
                $figure,
            ),
        ];
    }

    /** @return array{string, Figure} what is read from afar, and what it is of */
    private function key(): array
    {
        $planned = $this->planned;
        $cuts = str_contains($this->winding, '{cut_mm') || str_contains($this->winding, 'cut {cut}');

        return match (true) {
            $planned->slackM === null, $planned->cutPastPostM === null, ! $cuts && ! str_contains($this->winding, '{leave') => ['Wind', Figure::turns($planned->turns)],
            $cuts && $this->foldsBack() => ['Fold it back from its post, and cut at', Figure::length('cut_past_post_mm', $planned->cutPastPostM)],
            $cuts => ['Cut it past its own post by', Figure::length('cut_past_post_mm', $planned->cutPastPostM, $planned->cutShort($this->leaving))],
            default => [match ($this->leaving) {
                Leave::Fret => 'Leave as slack, in first frets',
                Leave::Lift => 'Leave as slack: under it at the 12th go',
                default => 'Leave as slack',
            }, Figure::length('slack_mm', $planned->slackM, $planned->slackShort($this->leaving))],
        };
    }

    /** @param  array<string, int|float|string>  $more */
    private function statement(string $code, string $sentence, array $more = []): Statement
    {
        return new Statement($code, $sentence, $this->parameters + $more);
    }

    private function windingWords(): string
    {
        $planned = $this->planned;
        if ($planned->slackM === null) {
            return 'Wind {turns} on its post, as the old one lay.';
        }
        $words = $this->post->on($this->wound);
        if ($planned->slackSaid($this->leaving) !== null) {
            $words = str_replace('leave {leave_mm:0}', 'leave {leave}', $words);
        }
        $words = match (true) {
            $planned->cutSaid($this->leaving) !== null => str_replace('cut {cut_mm:0} past the post', 'cut {cut}', $words),
            $this->foldsBack() => str_replace('cut {cut_mm:0} past the post', 'fold it back {cut_mm:0} from its post, cut there', $words),
            default => $words,
        };

        return $words.($planned->winds === null ? '' : ' It turns {winds}, seen from its top.')
            .($this->schools->cut->school === Cut::Before && ! str_contains($words, 'cut') ? ($this->wound ? ' Bend it sharply {cut_mm:0} past the post, and cut it there first.' : ' Cut it {cut_mm:0} past the post first.') : '');
    }

    private function lockWords(): string
    {
        return match (true) {
            $this->schools->lock->school === Lock::OverUnder => ' The first turn goes over the tail, the others under it.',
            $this->schools->lock->school === Lock::UnderBack && ! $this->wound => ' The tail goes under the string and back over itself.',
            default => '',
        };
    }

    /** @return list<Figure> */
    private function allFigures(): array
    {
        $planned = $this->planned;
        if ($planned->slackM === null || $planned->cutPastPostM === null) {
            return [Figure::turns($planned->turns)];
        }

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
