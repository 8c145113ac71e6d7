<?php

declare(strict_types=1);

namespace Lira\Wording;

/** The field's words, as they are used here. To add one: a line here; where it stands on a screen it is asked for by its name. */
final class Glossary
{
    /** Each word with what it means here, under what it belongs to. */
    public const GROUPS = [
        'Strings' => [
            'gauge' => 'How thick a string is outside: in thousandths of an inch, as most packets say it (10 is 0.010 in), or in millimetres.',
            'plain' => 'A string of one wire or filament. Steel is plain up to about 0.026 in; a thicker one is too stiff to sound well.',
            'wound' => 'A core with a wrap round it, so that it is heavy without being stiff. The wrap may be round, half-round (ground), flat or tape.',
            'core' => 'What is inside a wound string and carries the pull: a hexagonal or round steel wire, or a bundle of filaments. How thick it is decides what the string bears; where nobody measured it, figures are ranges.',
            'wrap' => 'What is wound round the core and gives the string its weight and its surface.',
            'linear density' => 'What a metre of the string weighs, in grams. With length and pitch it decides how hard the string pulls.',
            'course' => 'Strings that are played as one, in unison or an octave apart: a twelve-string has six.',
            'ball end' => 'The small ring at the end of a string that holds it at the bridge.',
            'loop end' => 'A loop at the end of a string that hangs on a hook, as on banjos.',
            'packaged set' => 'A set that is sold as one. Where it has none for a string, or the wrong one, singles complete it.',
            'pool' => 'The gauges one chooses from: what is usually sold, what some suppliers list, or what lies in the drawer.',
        ],
        'How it pulls and feels' => [
            'tension' => 'How hard a string pulls on the instrument at its pitch, in newtons, pounds or kilograms. It rises with the square of the pitch and of the length, and with the weight of the string.',
            'total' => 'What all strings together pull: what the neck, the top and the springs have to bear.',
            'baseline' => 'The strings that feel right to you, in the tuning in which they do. Everything else is said beside them.',
            'target' => 'What each string should pull: as the baseline does, the same on all, or a figure of your own.',
            'band' => 'How far from its target a string may pull and still be near enough.',
            'change' => 'How much more or less a string pulls than the same one of the baseline. A few per cent feel the same; a fifth is another instrument.',
            'pull range' => 'Over several tunings one string pulls differently in each; its mark is then a span from the least to the most.',
            'attack' => 'How far a string goes sharp in the moment it is picked, before it settles: the slacker the string and the harder the pick, the more.',
            'bend' => 'How far a string has to be pushed sideways to sound a tone higher, and with what force.',
            'flaps' => 'Below this pull a string is so slack that it buzzes and sounds sharp when picked hard.',
        ],
        'What it can bear' => [
            'breaking load' => 'The pull at which a string breaks. A string is kept well below it, as it is bent, picked and tired by use.',
            'highest safe pitch' => 'How high a string can be tuned at this length without coming too near its breaking load. It hardly depends on the gauge.',
            'lowest pitch that holds' => 'How low a string can be tuned before it flaps.',
            'finding' => 'Something the figures warn of: a stop, a caution, or only a note, each with its number, its limit and what cures it.',
        ],
        'The instrument' => [
            'scale length' => 'The sounding length of the open string before compensation: nut to saddle of string 1, or twice nut to 12th fret.',
            'speaking length' => 'The part of a string that sounds: from nut, fret or capo to saddle.',
            'multiscale' => 'Fanned frets: the bass strings are longer than the treble strings.',
            'nut' => 'What the strings leave the headstock over. Its slots have to fit their gauges.',
            'saddle' => 'What the strings leave the bridge over.',
            'setback' => 'How far a saddle stands behind the scale length, so that fretted notes are in tune. Thicker and slacker strings need more.',
            'intonation' => 'Whether fretted notes are in tune when the open string is: read open and at the 12th fret, cured at the saddle.',
            'break angle' => 'By how much a string bends over nut or saddle. Too little and it buzzes or slips out, too much and it wears.',
            'post' => 'What a string is wound on at the headstock. It can hold only so much string, and its hole only so thick a one.',
            'string tree' => 'A small hook on the headstock that presses strings down, for more break angle at the nut.',
            'action' => 'How high strings stand over the frets, measured at the 12th.',
            'relief' => 'How far the neck is bowed forward under the strings’ pull.',
            'truss rod' => 'A rod in the neck that works against the strings. One that resists is for a qualified repairer.',
        ],
        'Tunings' => [
            'tuning' => 'What each open string sounds. It is spoken from the last string to the first: E A D G B E.',
            'drop' => 'A tuning whose last string is a tone lower than the others suppose: drop D is D A D G B E.',
            'open tuning' => 'A tuning whose open strings sound a chord.',
            're-entrant' => 'A tuning that does not fall from string to string, as the usual one of a ukulele or a banjo.',
            'baritone' => 'An instrument tuned a third to a fifth lower than usual, best with a longer scale.',
            'octave stringing' => 'The four lower strings an octave up, with thin strings made for it: the old ones would break.',
            'capo' => 'A clamp behind a fret that shortens all strings.',
            'reference pitch' => 'What A4 sounds in hertz; 440 unless a band tunes to something else.',
        ],
        'On the bench' => [
            'settling' => 'New strings stretch, seat and creep; they hold once a round of tuning moves none by more than a few cents.',
            'round' => 'Tuning all strings once. Each string that is tuned pulls the others down, so one round is seldom enough.',
            'coupling' => 'How far tuning one string moves the others: little on a fixed bridge, much on a floating one.',
            'school' => 'One of several ways good technicians do the same thing, such as how many turns go on a post.',
            'life' => 'How many hours strings last before they are dull or break, learned from what ended.',
            'due' => 'When strings or care are wanted again, by hours, days, shows and seasons.',
        ],
    ];

    /** What people say, and the word under which it is explained. */
    private const SAID = [
        'snap' => 'breaking load', 'snaps' => 'breaking load', 'breaks' => 'breaking load', 'buzz' => 'flaps', 'rattle' => 'flaps', 'floppy' => 'flaps', 'slack' => 'flaps',
        'loose' => 'flaps', 'stretch' => 'settling', 'stretching' => 'settling', 'drift' => 'settling', 'compensation' => 'setback', 'fan fret' => 'multiscale',
        'fanned' => 'multiscale', 'bow' => 'relief', 'height' => 'action', 'density' => 'linear density', 'mass' => 'linear density', 'feel' => 'tension', 'pull' => 'tension',
        'stiffness' => 'bend', 'a4' => 'reference pitch', '440' => 'reference pitch', 'tuner' => 'tuning', 'peg' => 'post', 'machine head' => 'post',
    ];

    /** @return array<string, string> every word with what it means */
    public static function words(): array
    {
        return array_merge(...array_values(self::GROUPS));
    }

    /**
     * The words that answer what somebody types: the one that is meant by it, those that are called so, then those that are explained by it.
     *
     * @return list<string>
     */
    public static function about(string $typed): array
    {
        $sought = mb_strtolower(trim($typed));
        $meant = self::SAID[$sought] ?? null;
        [$called, $explained] = [$meant === null ? [] : [$meant], []];
        foreach ($sought === '' ? [] : self::words() as $word => $meaning) {
            if ($word === $meant) {
                continue;
            }
            if (str_contains(mb_strtolower($word), $sought)) {
                $called[] = $word;
            } elseif (preg_match('/\b'.preg_quote($sought, '/').'/iu', $meaning) === 1) {
                $explained[] = $word;
            }
        }

        return [...$called, ...$explained];
    }
}
