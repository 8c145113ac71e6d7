<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Conversion\ConversionKind;
use Lira\Feel\Verdict;
use Lira\Fitting\School\Schools;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Fingerboard;
use Lira\Instrument\NeckJoint;
use Lira\Instrument\TrussRod;
use Lira\Kind\Anchor;
use Lira\Kind\BuiltFor;
use Lira\Kind\Kind;
use Lira\Kind\Pickup;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;
use Lira\Kind\StringEnd;
use Lira\Pitch\Pitch;
use Lira\Target\Profile;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Fitting\InstrumentPlans;

/**
 * Set documents as somebody might have made them, any number of them, each by its seed: every kind in turn, more or less of it measured.
 *
 * @phpstan-type Strung \stdClass&object{construction: string, material: string, gauge_in: float}
 * @phpstan-type Tuned \stdClass&object{pitches: list<string>}
 * @phpstan-type Strings \stdClass&object{instrument: \stdClass&object{scale: \stdClass&object{length_mm: float|int}}, tunings: non-empty-list<Tuned>, strings: list<Strung>}
 */
final readonly class SeededDocuments
{
    use Draws;

    private function __construct(private Randomizer $random, private int $count) {}

    public static function of(int $seed): \stdClass
    {
        $kinds = Kind::cases();
        $random = new Randomizer(new Mt19937($seed));
        /** @var Strings $usual */
        $usual = InstrumentPlans::usual($kinds[$seed % count($kinds)]);
        $self = new self($random, count($usual->strings));
        $json = clone $usual;
        $json->instrument = $self->instrument($usual->instrument);
        $json->strings = array_map($self->string(...), $usual->strings);
        $json->tunings = $self->tunings($usual->tunings[0]);
        if ($self->chance(70)) {
            $json->baseline = $self->baseline($usual);
        }
        $json->job = $self->job();
        $json->conversion = $self->conversion($self->tunings($usual->tunings[0], 2));
        $json->target = $self->target(isset($json->baseline));
        $self->chance(30) ? $json->pool = 'standard' : null;
        $self->chance(20) ? $json->holding_tension_n = $self->between(20, 60) : null;
        $self->chance(20) ? $json->limits = (object) ['break-caution' => $self->between(0.5, 0.7)] : null;
        $self->chance(20) ? $json->samples = [$self->sample($json->strings[$random->getInt(0, $self->count - 1)])] : null;

        return $json;
    }

    /** @param  \stdClass&object{scale: \stdClass&object{length_mm: float|int}}  $usual */
    private function instrument(\stdClass $usual): \stdClass
    {
        $instrument = clone $usual;
        $mm = $usual->scale->length_mm * $this->between(0.92, 1.08);
        $instrument->scale = $this->chance(20)
            ? (object) ['type' => 'multiscale', 'treble_mm' => round($mm * 0.97, 1), 'bass_mm' => round($mm * 1.03, 1)]
            : (object) ['type' => 'single', 'length_mm' => round($mm, 1)];
        $instrument->hardware = $this->some([
            'anchor' => $this->one(Anchor::cases()), 'bridge' => $this->one(BridgeHold::cases()), 'pickup' => $this->one(Pickup::cases()),
            'built_for' => $this->one(BuiltFor::cases()), 'max_total_tension_n' => $this->between(300, 1200),
            'compliance_um_per_n' => $this->between(2, 60),
            'posts' => $this->some([
                'type' => $this->one(PostType::cases()), 'layout' => $this->one(PostLayout::cases()), 'diameter_mm' => $this->between(5, 12),
                'hole_height_mm' => $this->between(6, 14), 'hole_diameter_mm' => $this->between(1.2, 2.4), 'room_below_hole_mm' => $this->between(3, 8),
                'spacing_mm' => $this->between(20, 38), 'distance_mm' => array_map(fn (): float => $this->between(45, 190), range(1, $this->count)),
                'height_mm' => $this->between(12, 20), 'rows_apart_mm' => $this->between(30, 45), 'gear_ratio' => $this->between(12, 20),
            ]),
            'headstock' => $this->some(['tilt_deg' => $this->between(0, 15), 'nut_height_mm' => $this->between(4, 16)]),
            'nut' => $this->some([
                'slots_mm' => array_map(fn (int $string): float => round(0.25 + 0.25 * $string * $this->between(0.8, 1.4), 2), range(1, $this->count)),
                'spread_mm' => $this->between(30, 45), 'clamp' => $this->chance(30),
            ]),
            'saddle' => $this->some([
                'travel_mm' => $this->between(2, 8), 'screw_pitch_mm' => $this->between(0.4, 0.8), 'drop_mm' => $this->between(5, 20),
                'anchor_distance_mm' => $this->between(10, 50), 'beyond_mm' => $this->between(20, 120), 'spread_mm' => $this->between(48, 60),
            ]),
            'trees' => [(object) ['position' => 1, 'height_mm' => $this->between(2, 6), 'distance_mm' => $this->between(30, 60)]],
            'springs' => (object) ['count' => $this->random->getInt(2, 5), 'rate_n_per_mm' => $this->between(1.5, 4)],
        ]);
        $instrument->setup = $this->some([
            'action_12_mm' => $this->between(1, 3.5), 'nut_height_mm' => $this->between(0.2, 0.9), 'relief_mm' => $this->between(0, 0.4),
            'pick_from_saddle_mm' => $this->between(60, 160), 'extra_length_mm' => $this->between(0, 200),
        ]);
        $instrument->neck = $this->some([
            'frets' => $this->random->getInt(12, 24), 'fingerboard' => $this->one(Fingerboard::cases()), 'joint' => $this->one(NeckJoint::cases()),
            'truss_rod' => $this->one(TrussRod::cases()),
        ]);

        return $instrument;
    }

    /**
     * @param  Strung  $usual
     * @return Strung
     */
    private function string(\stdClass $usual): \stdClass
    {
        $string = clone $usual;
        $string->gauge_in = round($usual->gauge_in * $this->between(0.85, 1.2) * 2, 3) / 2;
        $this->chance(15) ? $string->end = $this->one(StringEnd::cases()) : null;
        $this->chance(15) ? $string->length_mm = round($this->between(700, 1300)) : null;
        $this->chance(10) ? $string->hold = 'locked' : null;
        if ($this->chance(10)) {
            $string->density = (object) ['source' => 'supplied', 'kg_per_m' => round(0.0055 * ($string->gauge_in * 25.4) ** 2, 7)];
        }

        return $string;
    }

    /**
     * @param  Tuned  $usual
     * @return list<\stdClass>
     */
    private function tunings(\stdClass $usual, int $least = 1): array
    {
        $lowered = fn (int $by, ?int $only = null): array => array_map(
            static fn (string $name, int $index): string => Pitch::numbered(Pitch::named($name)->noteNumber() - ($only === null || $only === $index ? $by : 0))->name(),
            $usual->pitches,
            array_keys($usual->pitches),
        );
        $by = $this->random->getInt(-2, 4);
        $tunings = [(object) ['name' => 'First', 'a4_hz' => $this->chance(20) ? 442 : 440, 'pitches' => $lowered($by)]];
        if ($least > 1 || $this->chance(40)) {
            $tunings[] = (object) ['name' => 'Dropped', 'a4_hz' => 440, 'pitches' => $lowered(2, $this->count - 1), 'capo' => $this->random->getInt(0, 3)];
        }
        if ($this->chance(20)) {
            $tunings[0]->cents = array_map(fn (): float => $this->between(-6, 6), range(1, $this->count));
        }

        return $tunings;
    }

    /** @param  Strings  $usual */
    private function baseline(\stdClass $usual): \stdClass
    {
        $baseline = (object) ['name' => 'Known', 'instrument' => $usual->instrument, 'tunings' => $usual->tunings, 'strings' => $usual->strings];
        if ($this->chance(40)) {
            $baseline->trials = array_map(fn (int $semitones): \stdClass => (object) [
                'semitones' => $semitones,
                'felt' => array_map(fn (): string => $this->chance(60) ? $this->one(Verdict::cases()) : '', range(1, $this->count)),
            ], [-1, 0, 1]);
        }

        return $baseline;
    }

    private function job(): \stdClass
    {
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $this->chance(40) ? $schools[$aspect] = $this->one($enum::cases()) : null;
        }
        $job = (object) ['schools' => (object) $schools, 'left_handed' => $this->chance(20)];
        $this->chance(20) ? $job->finger_mm = $this->between(12, 22) : null;
        $this->chance(20) ? $job->strings = [$this->random->getInt(1, $this->count)] : null;

        return $job;
    }

    /** @param  list<\stdClass>  $tunings */
    private function conversion(array $tunings): \stdClass
    {
        $kind = $this->one(ConversionKind::cases());

        return (object) ['to' => $kind, 'semitones' => $this->random->getInt(1, 6), ...match (ConversionKind::from($kind)) {
            ConversionKind::Scale => ['length_mm' => $this->between(600, 760)],
            ConversionKind::Several => ['tunings' => $tunings],
            ConversionKind::Lower, ConversionKind::Baritone, ConversionKind::Octave, ConversionKind::AddLower => [],
        }];
    }

    private function target(bool $hasBaseline): \stdClass
    {
        $profile = $hasBaseline && $this->chance(60) ? Profile::Baseline : [Profile::PerString, Profile::Equal, Profile::Progressive, Profile::Total][$this->random->getInt(0, 3)];

        return (object) ['profile' => $profile->value, 'tunings' => $this->chance(50) ? 'worst' : 'mean', 'pool' => 'standard', ...match ($profile) {
            Profile::PerString => ['tension_n' => array_map(fn (): float => $this->between(45, 90), range(1, $this->count))],
            Profile::Equal => ['tension_n' => $this->between(45, 90)],
            Profile::Progressive => ['tension_n' => (object) ['first' => $this->between(50, 70), 'last' => $this->between(70, 95)]],
            Profile::Total => ['tension_n' => $this->between(45, 90) * $this->count],
            Profile::Baseline => [],
        }];
    }

    /** @param  Strung  $string */
    private function sample(\stdClass $string): \stdClass
    {
        return (object) ['construction' => $string->construction, 'material' => $string->material, 'gauge_in' => $string->gauge_in, 'length_mm' => 1000, 'length_resolution_mm' => 1, 'mass_g' => round(1000 * 0.0057 * ($string->gauge_in * 25.4) ** 2 * $this->between(0.9, 1.1), 3), 'mass_resolution_g' => 0.01];
    }

    /**
     * Some of what could be said, each with the chance of a half.
     *
     * @param  array<string, mixed>  $all
     */
    private function some(array $all): \stdClass
    {
        return (object) array_filter($all, fn (): bool => $this->chance(50));
    }

    /** @param  array<\BackedEnum>  $cases */
    private function one(array $cases): string
    {
        return (string) $cases[$this->random->getInt(0, count($cases) - 1)]->value;
    }

    private function chance(int $ofHundred): bool
    {
        return $this->random->getInt(1, 100) <= $ofHundred;
    }
}
