<?php

declare(strict_types=1);

namespace Lira\Target;

/** A playing style, and what it does to each string's target: contributions that add up. */
final readonly class PlayingStyle
{
    /** @param  array<string, string>  $answers  by aspect */
    private function __construct(private array $answers) {}

    public static function unspecified(): self
    {
        return new self([]);
    }

    /** @throws InvalidStyle if that is no answer to this aspect */
    public function with(StyleAspect $aspect, string $answer): self
    {
        if (! isset($aspect->answers()[$answer])) {
            throw InvalidStyle::unknownAnswer($aspect, $answer);
        }

        return new self([$aspect->value => $answer] + $this->answers);
    }

    /**
     * What each answer adds to the target of a string, as a share of its tension.
     *
     * @param  float  $bassShare  0 for the highest string of the set, 1 for the lowest, evenly between
     * @return list<array{aspect: StyleAspect, answer: string, share: float}> only what changes something
     */
    public function contributions(float $bassShare): array
    {
        $contributions = [];
        foreach (StyleAspect::cases() as $aspect) {
            $answer = $this->answers[$aspect->value] ?? null;
            if ($answer === null) {
                continue;
            }
            [$bass, $treble] = $aspect->answers()[$answer];
            $share = $bass * $bassShare + $treble * (1 - $bassShare);
            if (abs($share) > 1e-12) {
                $contributions[] = ['aspect' => $aspect, 'answer' => $answer, 'share' => $share];
            }
        }

        return $contributions;
    }

    /** The factor they come to: 1 and their sum. */
    public function factor(float $bassShare): float
    {
        return 1 + array_sum(array_column($this->contributions($bassShare), 'share'));
    }

    /**
     * Where each string stands between the highest (0) and the lowest (1) of a set, by rank of pitch.
     *
     * @param  non-empty-list<float>  $hertz  string 1 first
     * @return non-empty-list<float>
     */
    public static function bassShares(array $hertz): array
    {
        $count = count($hertz);

        return array_map(static function (float $own) use ($hertz, $count): float {
            $above = count(array_filter($hertz, static fn (float $other): bool => $other > $own));
            $same = count(array_filter($hertz, static fn (float $other): bool => $other === $own)) - 1;

            return $count < 2 ? 0.0 : ($above + $same / 2) / ($count - 1);
        }, $hertz);
    }
}
