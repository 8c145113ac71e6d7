<?php

declare(strict_types=1);

namespace Lira\Document;

/** Made from docs/formats/lira-job-event.schema.json by bin/generate-events.php. Change the schema, not this file. */
final class JobEventShapes
{
    /** What belongs to each kind of event, and under * to all of them. */
    public const OF = [
        '*' => [
            'id' => ['says' => 'its name, made where it happened, by which what comes twice is known: a UUID, small letters', 'type' => 'string', 'format' => 'uuid'],
            'device' => ['says' => 'the device on which it was said', 'type' => 'string', 'minLength' => 1, 'maxLength' => 60],
            'sequence' => ['says' => 'its number among all that this device said, growing', 'type' => ['integer', 'null'], 'minimum' => 1],
            'seen' => ['says' => 'the last event of the job, in the order of their receipt, that the device knew of then; 0 for none', 'type' => ['integer', 'null'], 'minimum' => 0],
            'by' => ['says' => 'who did it, where that is known, up to 200 characters', 'type' => ['string', 'null'], 'maxLength' => 200],
            'at' => ['says' => 'when it happened, by the device’s clock', 'type' => 'string', 'format' => 'date-time'],
        ],
        'did' => [
            'key' => ['says' => 'which step of the plan, or part of one, by its key', 'type' => 'string', 'maxLength' => 60, 'pattern' => '^[a-z][a-z-]*[0-9]*(:[0-9]{1,2}){0,2}$'],
            'cents' => ['says' => 'how far from its pitch the tuner read it, cents, -2400 to 2400; not given where it was brought there by hand', 'type' => ['number', 'null'], 'default' => null, 'minimum' => -2400, 'maximum' => 2400],
        ],
        'back' => [
            'key' => ['says' => 'which step of the plan, or part of one, by its key', 'type' => 'string', 'maxLength' => 60, 'pattern' => '^[a-z][a-z-]*[0-9]*(:[0-9]{1,2}){0,2}$'],
        ],
        'rests' => [
            'key' => ['says' => 'which step of the plan, or part of one, by its key', 'type' => 'string', 'maxLength' => 60, 'pattern' => '^[a-z][a-z-]*[0-9]*(:[0-9]{1,2}){0,2}$'],
            'until' => ['says' => 'until when, by the clock of its device', 'type' => 'string', 'format' => 'date-time'],
        ],
        'schools' => [
            'schools' => ['says' => 'which schools', 'type' => 'schools'],
        ],
        'again' => [
            'position' => ['says' => 'which string it is, 1 to 14', 'type' => 'integer', 'minimum' => 1, 'maximum' => 14],
            'reason' => ['says' => 'why it cannot stay', 'enum' => ['cut-short', 'broke', 'wrong', 'spare']],
            'where' => ['says' => 'where it broke; empty where nobody said', 'enum' => ['', 'ball', 'saddle', 'fret', 'nut', 'post', 'elsewhere'], 'default' => ''],
            'was' => ['says' => 'whose string had gone on by mistake, 1 to 14; null for none of this set', 'type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => 14, 'default' => null],
            'whole' => ['says' => 'whether it is whole and goes back into its packet', 'type' => 'boolean', 'default' => false],
        ],
        'shortened' => [
            'position' => ['says' => 'which string it is, 1 to 14', 'type' => 'integer', 'minimum' => 1, 'maximum' => 14],
            'left_mm' => ['says' => 'what is left past its post, millimetres, up to 2000', 'type' => 'number', 'minimum' => 0.1, 'maximum' => 2000],
            'turns' => ['says' => 'turns around its post, up to 20', 'type' => 'number', 'minimum' => 0, 'maximum' => 20],
        ],
        'chose' => [
            'position' => ['says' => 'which string it is, 1 to 14', 'type' => 'integer', 'minimum' => 1, 'maximum' => 14],
            'lot' => ['says' => 'the lot in the drawer, by its number; null for none of the drawer', 'type' => ['integer', 'null'], 'minimum' => 1, 'default' => null],
        ],
        'turned' => [
            'position' => ['says' => 'which string it is, 1 to 14', 'type' => 'integer', 'minimum' => 1, 'maximum' => 14],
            'turns' => ['says' => 'turns around its post, up to 20', 'type' => 'number', 'minimum' => 0.1, 'maximum' => 20],
        ],
        'measured' => [
            'when' => ['says' => 'whether before or after', 'enum' => ['before', 'after']],
            'action_12_mm' => ['says' => 'action at the 12th fret, millimetres, 0 to 20', 'type' => ['number', 'null'], 'default' => null, 'minimum' => 0, 'maximum' => 20],
            'relief_mm' => ['says' => 'relief, millimetres, -5 to 10; negative where the neck bends back', 'type' => ['number', 'null'], 'default' => null, 'minimum' => -5, 'maximum' => 10],
            'bridge_mm' => ['says' => 'the bridge’s place, millimetres from the nut, up to 2000', 'type' => ['number', 'null'], 'default' => null, 'minimum' => 1, 'maximum' => 2000],
            'adjusted' => ['says' => 'whether the rod or the bridge’s height was turned in between', 'type' => 'boolean', 'default' => false],
        ],
        'died' => [
            'position' => ['says' => 'which string it is, 1 to 14', 'type' => 'integer', 'minimum' => 1, 'maximum' => 14],
            'how' => ['says' => 'how it ended', 'enum' => ['dull', 'corroded', 'broken']],
            'where' => ['says' => 'where it broke; empty where nobody said', 'enum' => ['', 'ball', 'saddle', 'fret', 'nut', 'post', 'elsewhere'], 'default' => ''],
        ],
        'drifted' => [
            'rested' => ['says' => 'whether it had been left alone since it was tuned; else it had been stretched', 'type' => 'boolean', 'default' => false],
            'cents' => ['says' => 'cents for each string, string 1 first, flat negative, -3000 to 3000; null where none was read', 'type' => 'array', 'maxItems' => 14, 'items' => ['says' => '', 'type' => ['number', 'null'], 'minimum' => -3000, 'maximum' => 3000]],
        ],
        'noted' => [
            'text' => ['says' => 'what is noted, up to 2000 characters', 'type' => 'string', 'minLength' => 1, 'maxLength' => 2000],
            'position' => ['says' => 'the string it is about, 1 to 14; null for none', 'type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => 14, 'default' => null],
        ],
        'bench' => [
            'bench' => ['says' => 'which bench, up to 60 characters; empty for none', 'type' => 'string', 'maxLength' => 60, 'default' => ''],
        ],
        'agreed' => [
            'owner' => ['says' => 'who it is for, up to 200 characters; empty where nobody is named', 'type' => 'string', 'maxLength' => 200, 'default' => ''],
            'reason' => ['says' => 'why the strings are changed', 'enum' => ['dull', 'broken', 'corroded', 'show', 'season', 'conversion', 'other']],
            'promised_on' => ['says' => 'the day it is promised for, such as 2026-12-03; null for none', 'type' => ['string', 'null'], 'format' => 'date', 'default' => null],
        ],
        'undone' => [
            'event' => ['says' => 'which event, by its id', 'type' => 'string', 'format' => 'uuid'],
        ],
        'finished' => [
            'felt' => ['says' => 'how it feels, up to 2000 characters; empty where nobody said', 'type' => 'string', 'maxLength' => 2000, 'default' => ''],
            'coated' => ['says' => 'whether its strings are coated', 'type' => 'boolean', 'default' => false],
        ],
        'reopened' => [
            'on' => ['says' => 'whose strings are on the instrument now, where a later job has put its own on: these of this job, or those', 'enum' => ['these', 'those'], 'default' => 'those'],
        ],
    ];
}
