<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Fit\Post;
use Lira\Limit\Limits;
use Lira\Wording\Quarters;
use Lira\Wording\Statement;

/** Whether a string that was cut short still holds: the turns that what is left of it gives. Lengths in metres. */
final readonly class CutShort
{
    /** Below this share of the usual turns an end slips. */
    private const LEAST_SHARE = 0.5;

    private function __construct(public float $turns, public bool $holds, public Statement $verdict) {}

    /** @param  float  $leftM  from the middle of its post to its end, pulled straight; more than 0 */
    public static function of(SetDesign $design, EvaluatedString $string, Limits $limits, float $leftM): self
    {
        $hardware = $design->instrument->hardware;
        $diameterM = $hardware->posts->diameterM;
        $built = $string->string;
        $leave = $string->fit->leave;
        $oneM = Post::woundLengthM(1.0, $diameterM, $built->build->outerDiameterM);
        $slackM = $leftM - ($leave->cutPastPostM - $leave->slackM);
        $turns = max(0.0, ($slackM + (float) $leave->stretchM) / $oneM);
        $least = self::LEAST_SHARE * Post::usualTurns($hardware->posts->type, $built->spec->type);
        $holds = $slackM >= 0.0 && $turns >= $least - 0.01;
        $shallow = $holds && $string->fit->turnsNeeded !== null && $turns < min($string->fit->turnsNeeded, $string->fit->turns) - 0.01;
        $parameters = [
            'string' => $string->position,
            'turns' => Quarters::of($turns, 'turn'),
            'least' => Quarters::of($least, 'turn'),
            'instead' => Quarters::of($string->fit->turns, 'turn'),
        ];

        return new self($turns, $holds, match (true) {
            ! $holds => new Statement('cut-short-no', 'It would give {turns}; under {least} it slips. Never splice a string: take a new one.', $parameters),
            $shallow => new Statement('cut-short-shallow', 'It gives {turns} instead of {instead}: it holds, but leaves the nut at a shallow angle. Should it buzz there, a tree or a new string is the cure.', $parameters),
            default => new Statement('cut-short-yes', 'It gives {turns} instead of {instead}: enough. Go on.', $parameters),
        });
    }
}
