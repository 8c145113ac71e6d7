<?php

declare(strict_types=1);

namespace Lira\Limit;

/** Every limit a finding is judged by, with its usual value and the reason for it. They can be changed in a document. */
enum Limit: string
{
    case ShorterLife = 'shorter-life';
    case BreakCaution = 'break-caution';
    case BreakStop = 'break-stop';
    case HoldingShare = 'holding-share';
    case HardShare = 'hard-share';
    case Dull = 'dull-inharmonicity';
    case ThickForScale = 'thick-for-scale';
    case NeighbourJump = 'neighbour-jump';
    case TotalRetune = 'total-retune';
    case TotalSetup = 'total-setup';
    case NutAngle = 'nut-angle-deg';
    case NutAngleMost = 'nut-angle-most-deg';
    case SaddleAngle = 'saddle-angle-deg';
    case SaddleAngleMost = 'saddle-angle-most-deg';
    case SlotPlay = 'slot-play-mm';
    case SpareLength = 'spare-length-mm';
    case FretCents = 'fret-cents';
    case NutGainCents = 'nut-gain-cents';

    public function usual(): float
    {
        return match ($this) {
            self::ShorterLife => 0.60,
            self::BreakCaution => 0.75,
            self::BreakStop => 0.85,
            self::HoldingShare => 0.75,
            self::HardShare => 1.35,
            self::Dull => 3.0e-4,
            self::ThickForScale => 3.0e-3,
            self::NeighbourJump => 0.35,
            self::TotalRetune => 0.05,
            self::TotalSetup => 0.10,
            self::NutAngle => 4.0,
            self::NutAngleMost => 25.0,
            self::SaddleAngle => 8.0,
            self::SaddleAngleMost => 45.0,
            self::SlotPlay => 0.15,
            self::SpareLength => 30.0,
            self::FretCents => 8.0,
            self::NutGainCents => 3.0,
        };
    }

    /**
     * The range in which it can be set.
     *
     * @return array{float, float} least and most
     */
    public function range(): array
    {
        return match ($this) {
            self::ShorterLife, self::BreakCaution, self::BreakStop => [0.05, 1.0],
            self::HoldingShare => [0.1, 1.0],
            self::HardShare => [1.0, 5.0],
            self::Dull => [1e-6, 0.1],
            self::ThickForScale => [1e-4, 0.05],
            self::NeighbourJump, self::TotalRetune, self::TotalSetup => [0.0, 5.0],
            self::NutAngle, self::SaddleAngle => [0.0, 45.0],
            self::NutAngleMost, self::SaddleAngleMost => [0.0, 90.0],
            self::SlotPlay => [0.0, 2.0],
            self::SpareLength => [0.0, 500.0],
            self::FretCents, self::NutGainCents => [0.5, 50.0],
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::ShorterLife => 'Share of the breaking load above which strings last less long: bends, kinks and corrosion use up the rest.',
            self::BreakCaution => 'Share of the breaking load above which a string is likely to break while it is tuned or bent.',
            self::BreakStop => 'Share of the breaking load above which a string is not worth fitting.',
            self::HoldingShare => 'Share of the lightest tension one is used to, below which a string flaps, buzzes and will not hold its pitch.',
            self::HardShare => 'Share of the tightest tension one is used to, above which a string is hard on the hand: it cuts, and does not bend.',
            self::Dull => 'Inharmonicity above which a string sounds dull: its tenth partial is then a quarter of a semitone sharp.',
            self::ThickForScale => 'Share of the speaking length beyond which a string is too thick for it: a guitar’s 76 on 648 mm, a bass’s 140 on 864 mm.',
            self::NeighbourJump => 'Difference between neighbours’ tensions, as a share of the lighter, that the hand notices from string to string.',
            self::TotalRetune => 'Change of the total above which the neck moves enough to retune twice and look at the relief.',
            self::TotalSetup => 'Change of the total above which relief and action have to be set anew.',
            self::NutAngle => 'Degrees behind the nut below which a string can rattle in its slot; 6 to 12 are usual.',
            self::NutAngleMost => 'Degrees behind the nut above which a string binds in its slot, feels stiffer and wears.',
            self::SaddleAngle => 'Degrees behind the saddle below which a string can slide or buzz on it.',
            self::SaddleAngleMost => 'Degrees behind the saddle above which a string is bent sharply: it feels stiffer, and breaks there sooner.',
            self::SlotPlay => 'Millimetres by which a nut slot may be wider than its string before it rattles; a tenth of the gauge where that is more.',
            self::FretCents => 'Cents off equal temperament, at the least that they may be, beyond which a fret sounds wrong to anybody.',
            self::NutGainCents => 'Cents that moving the nut must take off the mean of the first three frets before it is worth a repairer’s work.',
            self::SpareLength => 'Millimetres of string to hold on to beyond what the post takes up.',
        };
    }
}
