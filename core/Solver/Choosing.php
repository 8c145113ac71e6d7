<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Pitch\Tuning;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;

/** What each string of a set may become by a brief: every gauge of the pool as it would pull there, and why one may not be taken. */
final readonly class Choosing
{
    /** @var non-empty-list<non-empty-list<float>> by string, the length that sounds in each tuning, metres */
    private array $lengthsM;

    /** @var non-empty-list<non-empty-list<float>> by string, the frequency in each tuning */
    private array $hertz;

    /** @var list<float> what each string of the pool is certain to bear, newtons; endless where it has no modelled core */
    private array $safeN;

    public function __construct(private SetDesign $design, private Brief $brief)
    {
        $count = count($design->strings);
        [$lengths, $hertz] = [[], []];
        foreach (array_keys($design->strings) as $index) {
            $lengths[] = array_map(
                static fn (Tuning $tuning): float => $design->instrument->scale->speakingLengthM($index + 1, $count, $tuning->capo),
                $design->tunings,
            );
            $hertz[] = array_map(static fn (Tuning $tuning): float => $tuning->frequencyHz($index + 1), $design->tunings);
        }
        $this->lengthsM = $lengths;
        $this->hertz = $hertz;
        $this->safeN = array_map($this->bearsN(...), $brief->pool->strings);
    }

    /** @return non-empty-list<float> how high each string sounds: the logarithm of its frequency, over all tunings */
    public function heights(): array
    {
        return array_map(static fn (array $hertz): float => array_sum(array_map(log(...), $hertz)), $this->hertz);
    }

    public function candidate(BuiltString $string, int $index): Candidate
    {
        $tensionsN = [];
        foreach ($this->hertz[$index] as $tuning => $hertz) {
            $tensionsN[] = $string->tension->tensionN($this->lengthsM[$index][$tuning], $hertz);
        }

        return new Candidate(
            $string,
            $tensionsN,
            $this->brief->serving->miss($tensionsN, $this->brief->bands[$index]->targetN),
            $this->brief->serving->towardsTotalN($tensionsN),
            $this->brief->cautions?->about($string, $index, $tensionsN),
        );
    }

    /** Whether it takes more of its breaking load than is allowed in any tuning, even with the thickest core it may have. */
    public function breaks(Candidate $candidate): bool
    {
        return max($candidate->tensionsN) > $this->bearsN($candidate->string);
    }

    /**
     * What string `$index` may become, wherever the border lies.
     *
     * @return list<Candidate>
     */
    public function of(int $index): array
    {
        if ($this->isKept($index)) {
            return [$this->candidate($this->design->strings[$index], $index)];
        }
        $candidates = [];
        foreach ($this->brief->pool->strings as $place => $string) {
            if ($this->brief->allows($index + 1, $string->spec->type->construction)) {
                $candidate = $this->candidate($string, $index);
                if (max($candidate->tensionsN) <= $this->safeN[$place]) {
                    $candidates[] = $candidate;
                }
            }
        }

        return $candidates;
    }

    /**
     * Every string of the pool as it would pull there, whatever it bears.
     *
     * @return list<Candidate>
     */
    public function whole(int $index): array
    {
        return array_map(fn (BuiltString $string): Candidate => $this->candidate($string, $index), $this->brief->pool->strings);
    }

    public function isKept(int $index): bool
    {
        return in_array($index + 1, $this->brief->keep, true);
    }

    /** A string for which nothing may be chosen, as if it pulled what it should: the others are chosen all the same. */
    public function standIn(int $index): Candidate
    {
        $tensionsN = array_map(fn (): float => $this->brief->bands[$index]->targetN, $this->hertz[$index]);

        return new Candidate($this->design->strings[$index], $tensionsN, 0.0, $this->brief->serving->towardsTotalN($tensionsN), standsIn: true);
    }

    /** Why nothing may be chosen for a string. */
    public function why(int $index): Unserved
    {
        $position = $index + 1;
        if ($this->brief->pool->strings === []) {
            return Unserved::emptyPool($position);
        }
        $pitch = $this->design->tunings[0]->pitch($position)->label();
        // The least share of the breaking load that any takes, of what it may be made of and of what it may not.
        $least = ['may' => INF, 'may-not' => INF];
        $wound = false;
        foreach ($this->brief->pool->strings as $place => $string) {
            $may = $this->brief->allows($position, $string->spec->type->construction);
            $share = $this->brief->breakShare * max($this->candidate($string, $index)->tensionsN) / $this->safeN[$place];
            $wound = $may ? $string->spec->type->construction->isWound() : $wound;
            $least[$may ? 'may' : 'may-not'] = min($least[$may ? 'may' : 'may-not'], $share);
        }

        return match (true) {
            $least['may'] === INF => Unserved::construction($position, $this->rule($position)),
            $least['may'] <= $this->brief->breakShare => Unserved::mixed($position),
            $least['may-not'] <= $this->brief->breakShare => Unserved::ruledOut(
                $position,
                $pitch,
                $this->rule($position),
                $wound,
                $least['may'],
                $this->brief->breakShare,
            ),
            default => Unserved::breakShare($position, $pitch, min($least), $this->brief->breakShare),
        };
    }

    /**
     * Which of two neighbours is the lower in pitch, by the mean of its tunings: 1 the second, -1 the first, 0 neither.
     *
     * @return list<int>
     */
    public function lowerIs(): array
    {
        $height = $this->heights();
        $lower = [];
        for ($index = 1; $index < count($height); $index++) {
            $difference = $height[$index - 1] - $height[$index];
            $lower[] = abs($difference) < 1e-9 ? 0 : ($difference > 0 ? 1 : -1);
        }

        return $lower;
    }

    /** What says which strings may be plain or wound, as documents name it. */
    private function rule(int $position): string
    {
        return match (true) {
            in_array($position, $this->brief->plainOnly, true) => 'plain_only',
            in_array($position, $this->brief->woundOnly, true) => 'wound_only',
            $this->brief->woundFrom !== null && $position < $this->brief->woundFrom => 'wound_from',
            default => 'plain_to',
        };
    }

    private function bearsN(BuiltString $string): float
    {
        return Breaking::certainlyN($string, $this->brief->breakShare) ?? INF;
    }
}
