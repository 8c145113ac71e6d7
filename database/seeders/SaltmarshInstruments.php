<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The made-up instruments of Saltmarsh Strings, measured with a ruler and a calliper. Lengths in millimetres. */
final class SaltmarshInstruments
{
    /** @return InstrumentFields */
    public static function harbour(): array
    {
        return self::instrument('Harbour', 'electric-guitar', ['type' => 'single', 'length_mm' => 686], [
            'anchor' => 'string-through', 'built_for' => 'steel', 'pickup' => 'magnetic', 'max_total_tension_n' => 900,
            'posts' => [
                'type' => 'standard',
                'diameter_mm' => 6.0,
                'hole_height_mm' => 6.8,
                'hole_diameter_mm' => 2.0,
                'room_below_hole_mm' => 5.3,
                'spacing_mm' => 25.0,
                'distance_mm' => [172, 147, 122, 97, 72, 47],
                'height_mm' => 11,
                'layout' => 'one-side',
            ],
            'headstock' => ['tilt_deg' => 0, 'nut_height_mm' => 10.5],
            'trees' => [
                ['position' => 1, 'height_mm' => 4.5, 'distance_mm' => 45],
                ['position' => 2, 'height_mm' => 4.5, 'distance_mm' => 45],
                ['position' => 3, 'height_mm' => 5.0, 'distance_mm' => 70],
                ['position' => 4, 'height_mm' => 5.0, 'distance_mm' => 70],
            ],
            'nut' => ['spread_mm' => 35.5, 'slots_mm' => [0.35, 0.45, 0.56, 0.82, 1.08, 1.40], 'material' => 'bone'],
            'saddle' => [
                'spread_mm' => 52.5,
                'travel_mm' => [7, 7, 7, 7, 8, 8],
                'screw_pitch_mm' => 0.5,
                'drop_mm' => 8,
                'anchor_distance_mm' => 12,
                'beyond_mm' => 45,
            ],
        ], ['action_12_mm' => 1.9, 'nut_height_mm' => 0.5], [
            'frets' => 24,
            'fingerboard' => 'rosewood',
            'joint' => 'bolted',
            'truss_rod' => 'two-way',
        ], 'Marit Oyelaran, of the Long Reach');
    }

    /** @return InstrumentFields */
    public static function curlew(): array
    {
        return self::instrument('Curlew', 'electric-guitar', ['type' => 'half', 'nut_to_twelfth_mm' => 317.5], [
            'anchor' => 'vibrato', 'built_for' => 'steel', 'pickup' => 'magnetic',
            'posts' => [
                'type' => 'locking',
                'diameter_mm' => 6.0,
                'hole_height_mm' => 8.5,
                'hole_diameter_mm' => 2.0,
                'spacing_mm' => 37.0,
                'distance_mm' => [58, 95, 132, 132, 95, 58],
                'height_mm' => 12,
                'layout' => 'both-sides',
                'rows_apart_mm' => 46,
            ],
            'headstock' => ['tilt_deg' => 11, 'nut_height_mm' => 9.0],
            'nut' => ['spread_mm' => 36, 'slots_mm' => [0.33, 0.42, 0.53, 0.80, 1.05, 1.31], 'material' => 'bone'],
            'saddle' => [
                'spread_mm' => 52.5,
                'travel_mm' => 5,
                'screw_pitch_mm' => 0.5,
                'drop_mm' => 9,
                'anchor_distance_mm' => 14,
                'beyond_mm' => 40,
            ],
            'springs' => ['count' => 4, 'rate_n_per_mm' => 3.2],
        ], ['action_12_mm' => 1.6, 'nut_height_mm' => 0.45], [
            'frets' => 24,
            'fingerboard' => 'maple',
            'joint' => 'bolted',
            'truss_rod' => 'two-way',
        ], 'Marit Oyelaran, of the Long Reach');
    }

    /** @return InstrumentFields */
    public static function dunlin(): array
    {
        return self::instrument('Dunlin', 'acoustic-guitar', ['type' => 'single', 'length_mm' => 645], [
            'anchor' => 'bridge-pins', 'built_for' => 'steel', 'pickup' => 'piezo', 'max_total_tension_n' => 720,
            'posts' => [
                'type' => 'standard',
                'diameter_mm' => 6.0,
                'hole_height_mm' => 9.0,
                'hole_diameter_mm' => 2.0,
                'room_below_hole_mm' => 7.5,
                'spacing_mm' => 37.0,
                'distance_mm' => [54, 91, 128, 128, 91, 54],
                'height_mm' => 13,
                'layout' => 'both-sides',
                'rows_apart_mm' => 48,
            ],
            'headstock' => ['tilt_deg' => 15, 'nut_height_mm' => 8.0],
            'nut' => ['spread_mm' => 36.5, 'slots_mm' => [0.38, 0.47, 0.70, 0.90, 1.17, 1.48], 'material' => 'bone'],
            'saddle' => ['spread_mm' => 54, 'drop_mm' => 7, 'anchor_distance_mm' => 9, 'beyond_mm' => 20],
        ], ['action_12_mm' => 2.3, 'nut_height_mm' => 0.6], [
            'frets' => 20,
            'fingerboard' => 'ebony',
            'joint' => 'glued',
            'truss_rod' => 'one-way',
        ], 'Ansel Thwaite');
    }

    /** @return InstrumentFields its slots were cut for the usual set */
    public static function ketch(): array
    {
        return self::instrument('Ketch', 'bass', ['type' => 'single', 'length_mm' => 864], [
            'anchor' => 'top-loading', 'built_for' => 'steel', 'pickup' => 'magnetic',
            'posts' => [
                'type' => 'slotted',
                'diameter_mm' => 12.5,
                'hole_height_mm' => 11.0,
                'hole_diameter_mm' => 3.6,
                'room_below_hole_mm' => 10,
                'spacing_mm' => 38.0,
                'distance_mm' => [180, 142, 104, 66],
                'height_mm' => 15,
                'layout' => 'one-side',
            ],
            'headstock' => ['tilt_deg' => 0, 'nut_height_mm' => 13.0],
            'trees' => [['position' => 1, 'height_mm' => 6, 'distance_mm' => 55], ['position' => 2, 'height_mm' => 6, 'distance_mm' => 55]],
            'nut' => ['spread_mm' => 30.5, 'slots_mm' => [1.20, 1.72, 2.22, 2.74], 'material' => 'bone'],
            'saddle' => [
                'spread_mm' => 57,
                'travel_mm' => [9, 9, 8, 8],
                'screw_pitch_mm' => 0.8,
                'drop_mm' => 10,
                'anchor_distance_mm' => 25,
                'beyond_mm' => 55,
            ],
        ], ['action_12_mm' => 2.4, 'nut_height_mm' => 0.7], [
            'frets' => 20,
            'fingerboard' => 'maple',
            'joint' => 'bolted',
            'truss_rod' => 'one-way',
        ], 'Per Lindqvist-Rowe, of the Long Reach');
    }

    /** @return InstrumentFields a short bass; its posts were made for thinner strings */
    public static function wherry(): array
    {
        return self::instrument('Wherry', 'bass', ['type' => 'single', 'length_mm' => 762], [
            'anchor' => 'string-through', 'built_for' => 'steel', 'pickup' => 'magnetic',
            'posts' => [
                'type' => 'slotted',
                'diameter_mm' => 10.0,
                'hole_height_mm' => 10.0,
                'hole_diameter_mm' => 3.0,
                'room_below_hole_mm' => 9,
                'spacing_mm' => 34.0,
                'distance_mm' => [160, 126, 92, 58],
                'height_mm' => 14,
                'layout' => 'one-side',
            ],
            'headstock' => ['tilt_deg' => 10, 'nut_height_mm' => 11.0],
            'nut' => ['spread_mm' => 30, 'slots_mm' => [1.10, 1.72, 2.50, 3.50], 'material' => 'brass'],
            'saddle' => [
                'spread_mm' => 56,
                'travel_mm' => 8,
                'screw_pitch_mm' => 0.8,
                'drop_mm' => 12,
                'anchor_distance_mm' => 20,
                'beyond_mm' => 60,
            ],
        ], ['action_12_mm' => 2.2, 'nut_height_mm' => 0.6], [
            'frets' => 22,
            'fingerboard' => 'rosewood',
            'joint' => 'bolted',
            'truss_rod' => 'one-way',
        ], 'Ines Calloway');
    }

    /** @return InstrumentFields */
    public static function sandpiper(): array
    {
        return ['short_strings' => [['position' => 5, 'starts_at_fret' => 5]]]
            + self::instrument('Sandpiper', 'banjo', ['type' => 'single', 'length_mm' => 670], [
                'anchor' => 'loop-end', 'built_for' => 'steel', 'pickup' => 'none',
                'posts' => [
                    'type' => 'standard',
                    'diameter_mm' => 6.0,
                    'hole_height_mm' => 8.5,
                    'hole_diameter_mm' => 1.6,
                    'room_below_hole_mm' => 7,
                    'distance_mm' => [46, 80, 80, 46, 14],
                    'height_mm' => 12,
                    'layout' => 'both-sides',
                    'rows_apart_mm' => 38,
                ],
                'headstock' => ['tilt_deg' => 13, 'nut_height_mm' => 7.5],
                'nut' => ['spread_mm' => 28.5, 'slots_mm' => [0.33, 0.36, 0.42, 0.58, 0.33], 'material' => 'bone'],
                'saddle' => ['spread_mm' => 42, 'drop_mm' => 13, 'anchor_distance_mm' => 75, 'beyond_mm' => 95],
            ], ['action_12_mm' => 2.6], [
                'frets' => 22,
                'fingerboard' => 'ebony',
                'joint' => 'bolted',
                'truss_rod' => 'two-way',
            ], 'Tobias Fenn');
    }

    /** @return InstrumentFields */
    public static function teal(): array
    {
        return self::instrument('Teal', 'ukulele', ['type' => 'single', 'length_mm' => 432], [
            'anchor' => 'tie-block', 'built_for' => 'nylon', 'pickup' => 'none',
            'posts' => [
                'type' => 'standard',
                'diameter_mm' => 6.0,
                'hole_height_mm' => 7.0,
                'hole_diameter_mm' => 1.6,
                'room_below_hole_mm' => 5,
                'distance_mm' => [40, 70, 70, 40],
                'height_mm' => 10,
                'layout' => 'both-sides',
                'rows_apart_mm' => 36,
            ],
            'headstock' => ['tilt_deg' => 12, 'nut_height_mm' => 6.5],
            'nut' => ['spread_mm' => 27, 'slots_mm' => [0.65, 0.75, 0.90, 0.75], 'material' => 'bone'],
            'saddle' => ['spread_mm' => 40, 'drop_mm' => 5, 'anchor_distance_mm' => 9, 'beyond_mm' => 30],
        ], ['action_12_mm' => 2.5], ['frets' => 18, 'fingerboard' => 'rosewood', 'joint' => 'glued', 'truss_rod' => 'none']);
    }

    /** @return InstrumentFields */
    public static function avocet(): array
    {
        return self::instrument('Avocet', 'classical-guitar', ['type' => 'single', 'length_mm' => 650], [
            'anchor' => 'tie-block', 'built_for' => 'nylon', 'pickup' => 'none', 'max_total_tension_n' => 480,
            'posts' => [
                'type' => 'roller',
                'diameter_mm' => 10.0,
                'hole_diameter_mm' => 3.0,
                'distance_mm' => [42, 84, 126, 126, 84, 42],
                'layout' => 'both-sides',
                'rows_apart_mm' => 34,
            ],
            'headstock' => ['tilt_deg' => 14],
            'nut' => ['spread_mm' => 43, 'slots_mm' => [0.78, 0.90, 1.10, 0.82, 0.98, 1.20], 'material' => 'bone'],
            'saddle' => ['spread_mm' => 58, 'drop_mm' => 6, 'anchor_distance_mm' => 11, 'beyond_mm' => 35],
        ], ['action_12_mm' => 3.2, 'nut_height_mm' => 0.8], [
            'frets' => 19,
            'fingerboard' => 'ebony',
            'joint' => 'glued',
            'truss_rod' => 'none',
        ], 'Ansel Thwaite');
    }

    /** @return InstrumentFields its last saddle stands nearly at the end of its screw */
    public static function smack(): array
    {
        return self::instrument('Smack', 'electric-guitar', ['type' => 'multiscale', 'treble_mm' => 648, 'bass_mm' => 690], [
            'anchor' => 'top-loading', 'built_for' => 'steel', 'pickup' => 'magnetic',
            'posts' => [
                'type' => 'locking',
                'diameter_mm' => 6.0,
                'hole_height_mm' => 8.0,
                'hole_diameter_mm' => 2.2,
                'spacing_mm' => 24.0,
                'distance_mm' => [192, 168, 144, 120, 96, 72, 48],
                'height_mm' => 11.5,
                'layout' => 'one-side',
            ],
            'headstock' => ['tilt_deg' => 9, 'nut_height_mm' => 9.0],
            'nut' => ['spread_mm' => 42, 'slots_mm' => [0.30, 0.38, 0.48, 0.70, 0.95, 1.25, 1.80], 'material' => 'brass'],
            'saddle' => [
                'spread_mm' => 63,
                'travel_mm' => [5, 5, 5, 4, 4, 3, 1.5],
                'screw_pitch_mm' => 0.5,
                'drop_mm' => 7,
                'anchor_distance_mm' => 18,
                'beyond_mm' => 40,
            ],
        ], ['action_12_mm' => 1.5, 'nut_height_mm' => 0.4], [
            'frets' => 24,
            'fingerboard' => 'ebony',
            'joint' => 'through',
            'truss_rod' => 'two-way',
            'straight_fret' => 8,
        ], 'Wren Adeyemi-Holt');
    }

    /** @return InstrumentFields */
    public static function eider(): array
    {
        return self::instrument('Eider', 'elastomer-bass', ['type' => 'single', 'length_mm' => 530], [
            'anchor' => 'slotted-elastomer', 'pickup' => 'piezo',
            'posts' => [
                'type' => 'slotted',
                'diameter_mm' => 12.5,
                'distance_mm' => [52, 92, 92, 52],
                'layout' => 'both-sides',
                'rows_apart_mm' => 40,
            ],
            'headstock' => ['tilt_deg' => 12],
            'nut' => ['spread_mm' => 28, 'slots_mm' => [2.2, 2.7, 3.5, 4.4], 'material' => 'bone'],
            'saddle' => ['spread_mm' => 44, 'drop_mm' => 8, 'anchor_distance_mm' => 12, 'beyond_mm' => 30],
        ], ['action_12_mm' => 3.5], ['frets' => 0, 'fingerboard' => 'other', 'joint' => 'bolted', 'truss_rod' => 'one-way']);
    }

    /** @return InstrumentFields four courses of two, the lower two with an octave */
    public static function turnstone(): array
    {
        return ['courses' => [2, 2, 2, 2]]
            + self::instrument('Turnstone', 'other', ['type' => 'single', 'length_mm' => 585], [
                'anchor' => 'loop-end', 'built_for' => 'steel', 'pickup' => 'none', 'max_total_tension_n' => 620,
                'posts' => [
                    'type' => 'standard',
                    'diameter_mm' => 6.0,
                    'hole_height_mm' => 8.0,
                    'hole_diameter_mm' => 1.6,
                    'room_below_hole_mm' => 6,
                    'spacing_mm' => 23.5,
                    'distance_mm' => [48, 72, 96, 120, 120, 96, 72, 48],
                    'height_mm' => 11,
                    'layout' => 'both-sides',
                    'rows_apart_mm' => 50,
                ],
                'headstock' => ['tilt_deg' => 13, 'nut_height_mm' => 7.0],
                'nut' => ['spread_mm' => 26, 'slots_mm' => [0.36, 0.36, 0.46, 0.46, 0.72, 0.40, 1.12, 0.62], 'material' => 'bone'],
                'saddle' => ['spread_mm' => 38, 'drop_mm' => 12, 'anchor_distance_mm' => 85, 'beyond_mm' => 110],
            ], ['action_12_mm' => 2.2, 'nut_height_mm' => 0.5], [
                'frets' => 20,
                'fingerboard' => 'rosewood',
                'joint' => 'glued',
                'truss_rod' => 'two-way',
            ], 'Tobias Fenn');
    }

    /**
     * @param  InstrumentFields['kind']  $kind
     * @param  SingleScaleFields|HalfScaleFields|MultiscaleFields  $scale
     * @param  HardwareFields  $hardware
     * @param  SetupFields  $setup
     * @param  NeckFields  $neck
     * @return InstrumentFields
     */
    private static function instrument(
        string $name,
        string $kind,
        array $scale,
        array $hardware,
        array $setup,
        array $neck,
        string $owner = 'Saltmarsh Strings',
    ): array {
        // Slots, posts and holes were measured with a calliper, the rest with a ruler.
        $fine = array_filter(
            ['hardware/nut/slots_mm', 'hardware/posts/diameter_mm', 'hardware/posts/hole_diameter_mm'],
            static fn (string $path): bool => data_get($hardware, str_replace('/', '.', substr($path, 9))) !== null,
        );

        return [
            'name' => $name,
            'kind' => $kind,
            'scale' => $scale,
            'hardware' => $hardware,
            'setup' => $setup,
            'neck' => $neck,
            'owner' => $owner,
            'resolutions_mm' => array_fill_keys($fine, 0.01),
        ];
    }
}
