<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Json;

/** Questions about an instrument in the hand that cannot be answered, each with where and in what words it is refused. */
final class AskedWrongly
{
    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function all(): iterable
    {
        $cents = ['present_cents' => [0, 0, 0, 0, 0, 0]];
        yield 'no set' => ['retunings', ['set' => null] + $cents, '/set', 'Missing: the set document'];
        yield 'a set that is none' => ['retunings', ['set' => ['format' => 'lira-set', 'version' => 1]] + $cents, '/set/instrument', 'Missing'];
        yield 'another tuning' => ['retunings', ['tuning' => 3] + $cents, '/tuning', 'counted from 0'];
        yield 'five entries' => ['retunings', ['present_cents' => [0, 0, 0, 0, 0]], '/present_cents', 'each of 6 strings'];
        yield 'words for cents' => ['retunings', ['present_cents' => ['flat', 0, 0, 0, 0, 0]], '/present_cents/0', 'or null'];
        yield 'octaves away' => ['retunings', ['present_cents' => [9000, 0, 0, 0, 0, 0]], '/present_cents/0', 'five octaves'];
        yield 'a string twice' => ['retunings', ['order' => [6, 6]] + $cents, '/order/1', 'already'];
        yield 'no such string' => ['retunings', ['order' => [7]] + $cents, '/order/0', 'no such string'];
        yield 'a ceiling below' => ['retunings', ['ceiling_cents' => -5] + $cents, '/ceiling_cents', 'from 0 to 1200'];
        yield 'a tolerance of nothing' => ['retunings', ['tolerance_cents' => 0] + $cents, '/tolerance_cents', 'from 0.1 to 100'];
        yield 'rubber' => ['retunings', ['compliance_um_per_n' => 5000] + $cents, '/compliance_um_per_n', 'from 0 to 1000'];
        yield 'an observation of nothing' => ['retunings', ['observations' => [['position' => 1, 'from_cents' => 0]]] + $cents, '/observations/0/to_cents', 'Missing'];
        yield 'read before it was tuned' => ['settlings', ['strings' => [['position' => 1, 'readings' => [['tuned_s' => 9, 'read_s' => 1, 'cents' => 0]]]]], '/strings/0/readings/0/read_s', 'before it was tuned'];
        yield 'no tolerance' => ['settlings', ['tolerance_cents' => 0, 'strings' => []], '/tolerance_cents', 'from 0.1'];
        yield 'a fret beyond' => ['intonations', ['readings' => [['position' => 1, 'fret' => 40, 'open_hz' => 260, 'fretted_hz' => 520, 'nut_to_saddle_mm' => 686]]], '/readings/0/fret', '1 to 36'];
        yield 'another instrument’s length' => ['intonations', ['readings' => [['position' => 1, 'open_hz' => 260, 'fretted_hz' => 520, 'nut_to_saddle_mm' => 400]]], '/readings/0/nut_to_saddle_mm', 'far from its scale'];
        yield 'stopped lower than open' => ['intonations', ['readings' => [['position' => 1, 'open_hz' => 260, 'fretted_hz' => 130, 'nut_to_saddle_mm' => 686]]], '/readings/0/fretted_hz', 'Read both again'];
        yield 'a string read twice' => ['intonations', ['readings' => array_fill(0, 2, ['position' => 1, 'open_hz' => 260, 'fretted_hz' => 521, 'nut_to_saddle_mm' => 687])], '/readings/1/position', 'read already'];
        yield 'saddles of glass' => ['intonations', ['saddles' => 'glass', 'readings' => []], '/saddles', 'each, loose, fixed'];
        yield 'a dance' => ['practices', ['actions' => [['do' => 'dance']]], '/actions/0/do', 'turn, tune, saddle'];
        yield 'no string to turn' => ['practices', ['actions' => [['do' => 'turn', 'position' => 9, 'turns' => 1]]], '/actions/0/position', 'no string 9'];
        yield 'a life without end' => ['lives', ['prior_median_h' => 40, 'groups' => [['ended_h' => [12]], ['ended_h' => [1e9]]]], '/groups/1/ended_h/0', 'Give hours played'];
        yield 'a life asked as it was once' => ['lives', ['prior_median_h' => 40, 'ended_h' => [12]], '/ended_h', 'on one instrument together'];
        yield 'no life at all' => ['lives', ['prior_median_h' => 0], '/prior_median_h', 'How long half of them'];
        yield 'saddles of glass on the neck' => ['setups', ['saddles' => 'glass'], '/saddles', 'found, best, nut'];
        yield 'a capo beyond' => ['setups', ['capo' => ['fret' => 15]], '/capo/fret', 'fret 1 to 12'];
        yield 'a capo nowhere' => ['setups', ['capo' => ['positions' => [1]]], '/capo/fret', 'Missing: the fret of the capo'];
        yield 'a capo on no string' => ['setups', ['capo' => ['fret' => 2, 'positions' => [1, 9]]], '/capo/positions/1', '1 to 6'];
        yield 'a capo twice on one' => ['setups', ['capo' => ['fret' => 2, 'positions' => [1, 1]]], '/capo/positions/1', 'once'];
        yield 'the open string for a fret' => ['setups', ['readings' => [['position' => 1, 'fret' => 0, 'open_hz' => 261.6, 'fretted_hz' => 261.6]]], '/readings/0/fret', '1 to 36'];
        yield 'another fret than said' => ['setups', ['readings' => [['position' => 1, 'fret' => 3, 'open_hz' => 261.6, 'fretted_hz' => 350]]], '/readings/0/fretted_hz', 'which fret it was'];
        yield 'a reading of no string' => ['setups', ['readings' => [['position' => 8, 'fret' => 3, 'open_hz' => 261.6, 'fretted_hz' => 311]]], '/readings/0/position', 'no string 8'];
        yield 'readings of guesses' => ['setups', ['read_cents' => 50], '/read_cents', 'from 0.01 to 20'];
        yield 'a share of nowhere' => ['setups', ['share' => 7], '/share', 'from -1 to 2'];
        yield 'relief of metres' => ['reliefs', ['pairs' => [['tension_change_n' => 10, 'relief_change_mm' => 2000]]], '/pairs/0/relief_change_mm', 'from -10 to 10'];
    }

    /**
     * About the set of the examples, unless another is said.
     *
     * @param  array<string, mixed>  $ask
     */
    public static function ask(array $ask): \stdClass
    {
        $set = array_key_exists('set', $ask) ? [] : ['set' => Documents::harbour()];

        return Json::object((string) json_encode(isset($ask['pairs']) || isset($ask['prior_median_h']) ? $ask : $ask + $set));
    }
}
