<?php

declare(strict_types=1);

namespace App\Models;

/** What can happen in a job. */
enum JobEventKind: string
{
    /** A step, or a part of one, was done. */
    case Did = 'did';
    /** It was gone back to. */
    case Back = 'back';
    /** It is left alone until some time. */
    case Rests = 'rests';
    /** The rest of it goes by other schools. */
    case Schools = 'schools';
    /** A string has to come off again, and a new one on. */
    case Again = 'again';
    /** A string was cut short and still holds. */
    case Shortened = 'shortened';
    /** Where a string comes from was settled: a lot, or not from the drawer. */
    case Chose = 'chose';
    /** How many turns a string really gave. */
    case Turned = 'turned';
    /** Action, relief and the bridge's place were measured. */
    case Measured = 'measured';
    /** How a string that came off had ended, and where. */
    case Died = 'died';
    /** How far each string had drifted before it was tuned again. */
    case Drifted = 'drifted';
    case Noted = 'noted';
    /** It was handed to another bench. */
    case Bench = 'bench';
    /** Who it is for, why, and until when. */
    case Agreed = 'agreed';
    /** Something of this was a slip, and never was. */
    case Undone = 'undone';
    case Finished = 'finished';
    case Reopened = 'reopened';
}
