<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Kind\Kind;
use Lira\Strings\Sample;

/** Reads strings that somebody weighed, or sounded under a known load. */
final readonly class SampleReader
{
    /** What was read off the scale or, hung on a load, the tuner. */
    public const READINGS = [
        'mass_g',
        'mass_resolution_g',
        'length_mm',
        'length_resolution_mm',
        'load_n',
        'load_resolution_n',
        'frequency_hz',
        'frequency_resolution_hz',
    ];

    public const MOST = 500;

    public function __construct(private Problems $problems, private StringReader $strings) {}

    /** @return list<Sample> */
    public function read(Node $root, Kind $kind): array
    {
        $nodes = $root->objects('samples', 'the measured samples') ?? [];
        if (count($nodes) > self::MOST) {
            $this->problems->add($root->pathOf('samples'), sprintf('Give at most %d samples.', self::MOST));

            return [];
        }
        $samples = [];
        foreach ($nodes as $node) {
            $sample = $this->sample($node, $kind);
            if ($sample !== null) {
                $samples[] = $sample;
            }
        }

        return $samples;
    }

    private function sample(Node $node, Kind $kind): ?Sample
    {
        // The string's own keys are read by the same reader; what is left are the readings.
        $node->knows('workshop', ...self::READINGS);
        $weighed = $node->has('mass_g');
        $lengthM = $this->si($node, 'length_mm', 'the length in mm', 1e-3);
        $lengthResolutionM = $this->si($node, 'length_resolution_mm', 'what the ruler can tell in mm', 1e-3);
        $spec = $this->strings->read($node);
        [$firstKey, $first] = $weighed ? ['mass_g', 'the mass in g'] : ['load_n', 'the load in N'];
        [$secondKey, $second] = $weighed ? ['mass_resolution_g', 'what the scale can tell in g'] : [
            'load_resolution_n',
            'how well the load is known in N',
        ];
        $value = $this->si($node, $firstKey, $first, $weighed ? 1e-3 : 1.0);
        $resolution = $this->si($node, $secondKey, $second, $weighed ? 1e-3 : 1.0);
        $hertz = $weighed ? 0.0 : $this->si($node, 'frequency_hz', 'the frequency in Hz', 1.0);
        $hertzResolution = $weighed ? 0.0 : $this->si($node, 'frequency_resolution_hz', 'what the tuner can tell in Hz', 1.0);
        if (
            $spec === null
            || $lengthM === null
            || $lengthResolutionM === null
            || $value === null
            || $resolution === null
            || $hertz === null
            || $hertzResolution === null
        ) {
            return null;
        }

        return $this->problems->at($node->path, static fn (): Sample => $weighed
            ? Sample::weighed($spec, $value, $lengthM, $resolution, $lengthResolutionM)
            : Sample::sounded($spec, $kind, $value, $hertz, $lengthM, $resolution, $hertzResolution, $lengthResolutionM));
    }

    /** @param  non-empty-string  $what */
    private function si(Node $node, string $key, string $what, float $factor): ?float
    {
        $number = $node->number($key, $what);

        return $number === null ? null : $number * $factor;
    }
}
