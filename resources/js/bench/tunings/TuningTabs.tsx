import { clsx } from 'clsx';
import { memo, useState, type ReactNode } from 'react';
import type { SetDocument, Tuning, Tunings } from '../../generated/formats';
import type { Refused } from '../../server/api';
import { tuningLabel } from '../../units/pitch';
import { formatLength } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine } from '../../ui/Menu';
import { onDemand } from '../../ui/onDemand';
import type { ShowPanel } from '../panels';
import { TypedInput } from '../../ui/TypedInput';
import { toast } from '../../ui/toasts';
import { useBench, useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import type { Edit } from '../design/edits';
import { useCheckedEdit } from '../design/useCheckedEdit';
import type { Retune } from './useRetune';
import { readHertz } from '../../units/typed';

const MOST_TUNINGS = 12;

interface Props {
    refused: Refused | null;
    retune: Retune;
    show: ShowPanel;
}

/** The tunings the set must serve: which one is shown, another one, another choice. */
export const TuningTabs = memo(function TuningTabs({ refused, retune, show }: Props) {
    const tunings = useBench((state) => state.document.tunings);
    const shown = useBench((state) => state.tuning);
    const { edit, showTuning } = useBenchActions();
    const present = tunings[shown];
    const checkedEdit = useCheckedEdit();
    const [typed, setTyped] = useState<Refused | null>(null);
    const take = (made: Edit) => void checkedEdit(made).then(setTyped);
    const errorAt = (key: string) => (typed ?? refused)?.at(`/tunings/${shown}/${key}`)?.message;

    const add = () => {
        edit(edits.addTuning(shown));
        showTuning(tunings.length);
        show('tuning');
    };

    return (
        <div className="mt-2 flex flex-wrap items-center gap-x-2 gap-y-1.5 max-sm:contents">
            <ServedTunings tunings={tunings} shown={shown} show={show} showTuning={showTuning} />
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5 max-sm:order-1 max-sm:mt-3 sm:flex-1">
                <div className="flex items-center">
                    <Button look="quiet" className="h-8 px-2" aria-label="Choose tuning…" onClick={() => show('tuning')}>
                        Tuning…
                    </Button>
                    {tunings.length < MOST_TUNINGS && (
                        <Button look="quiet" className="h-8 px-2" title="Another tuning that this set must serve" onClick={add}>
                            + tuning
                        </Button>
                    )}
                    <RetuneMenu retune={retune}>
                        {tunings.length > 1 && present !== undefined && (
                            <>
                                <MenuLine />
                                <MenuItem onSelect={() => edit(edits.removeTuning(shown))}>
                                    Remove {tuningLabel(present)}
                                </MenuItem>
                            </>
                        )}
                    </RetuneMenu>
                </div>
                <span className="ml-auto max-sm:hidden" />
                <Capo present={present} error={errorAt('capo')} retune={retune} take={take} />
                <ReferenceInput
                    hertz={present?.a4_hz ?? 440}
                    error={errorAt('a4_hz')}
                    onTake={(hertz) => take(edits.a4(shown, hertz))}
                />
                <div className="flex gap-2">
                    <Button
                        className="h-8"
                        onClick={() => show('convert')}
                        title="To another tuning, scale or number of strings (C)"
                    >
                        Convert…
                    </Button>
                    <Button
                        look="strong"
                        className="h-8"
                        onClick={() => show('solve')}
                        title="The best sets for what it should feel like (S)"
                    >
                        Choose gauges
                    </Button>
                </div>
            </div>
        </div>
    );
});

/** Tunes several strings at once. */
function RetuneMenu({ retune, children }: { retune: Retune; children: ReactNode }) {
    return (
        <Menu
            align="start"
            trigger={
                <Button look="quiet" className="h-8">
                    Retune <Glyph sign="down" />
                </Button>
            }
        >
            <MenuItem keys="Shift Page Up" onSelect={() => retune.all(1)}>
                All strings a semitone up
            </MenuItem>
            <MenuItem keys="Shift Page Down" onSelect={() => retune.all(-1)}>
                All strings a semitone down
            </MenuItem>
            <MenuItem onSelect={() => retune.all(2)}>All strings a tone up</MenuItem>
            <MenuItem onSelect={() => retune.all(-2)}>All strings a tone down</MenuItem>
            <MenuItem onSelect={() => retune.all(12)}>All strings an octave up</MenuItem>
            <MenuItem onSelect={() => retune.all(-12)}>All strings an octave down</MenuItem>
            <MenuLine />
            <MenuItem keys="D" onSelect={() => retune.lowest(-2)}>
                Lowest string a tone down
            </MenuItem>
            {children}
        </Menu>
    );
}

const HIGHEST_CAPO = 12;

const CapoDialog = onDemand(
    () => import('./CapoDialog').then((module) => module.CapoDialog),
    ({ onClose }) => onClose(),
);

interface CapoProps {
    present: Tuning | undefined;
    error: string | undefined;
    retune: Retune;
    take: (made: Edit) => void;
}

/** The fret of a capo, what it leaves to sound, and what stays as it is: asked once, and shown from then on. */
function Capo({ present, error, retune, take }: CapoProps) {
    const units = useUnits();
    const scale = useBench((state) => state.document.instrument.scale);
    const [asked, setAsked] = useState<number | null>(null);
    const fret = present?.capo ?? 0;
    const keeps = present?.capo_keeps;
    const made = (edit: Edit | null) => {
        if (edit === null) {
            toast('No pitch goes further that way.', { tone: 'failed' });
        } else {
            take(edit);
        }
    };
    const typed = (to: number) => {
        if (to > 0 && to <= HIGHEST_CAPO && keeps === undefined) {
            setAsked(to);
        } else {
            made(retune.capo(to, keeps));
        }
    };
    const answer = (meant: edits.CapoKeeps) => {
        if (asked !== null) {
            made(retune.capo(asked, meant));
        }
        setAsked(null);
    };
    const lengthMm = soundingMm(scale, fret);
    return (
        <>
            <label className="flex items-center gap-1.5 text-ink-soft" title="The pitches are what sounds with the capo on">
                Capo
                <TypedInput
                    shown={fret === 0 ? '' : String(fret)}
                    placeholder="none"
                    inputMode="numeric"
                    aria-label="Capo on fret"
                    aria-invalid={error !== undefined || undefined}
                    onTake={(text) => /^\d*$/.test(text) && typed(Number(text))}
                    // What is asked takes the focus at once: the key must not answer it.
                    onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
                    className="w-11 rounded-mark border-b border-rule-strong bg-transparent px-1 text-right text-ink hover:border-ink aria-invalid:text-stop"
                />
                {error !== undefined && (
                    <span role="alert" className="text-sm text-stop">
                        {error}
                    </span>
                )}
            </label>
            {fret > 0 && (
                <span className="flex items-center gap-1.5 text-sm text-ink-soft">
                    {lengthMm !== null && `sounds on ${formatLength(Math.round(lengthMm), units)}`}
                    {keeps !== undefined && (
                        <Button
                            look="quiet"
                            className="h-8 px-1.5"
                            title={
                                keeps === 'shapes'
                                    ? 'Strings as they are, everything sounds higher'
                                    : 'Strings tuned lower, it sounds as written'
                            }
                            onClick={() => made(retune.capoMeant(keeps === 'shapes' ? 'pitches' : 'shapes'))}
                            aria-label={`${keeps === 'shapes' ? 'The shapes' : 'The pitches'} stay: change to ${keeps === 'shapes' ? 'the pitches' : 'the shapes'}`}
                        >
                            {keeps === 'shapes' ? 'shapes stay' : 'pitches stay'}
                        </Button>
                    )}
                </span>
            )}
            {asked !== null && <CapoDialog fret={asked} onAnswer={answer} onClose={() => setAsked(null)} />}
        </>
    );
}

/** What sounds from a capo to the saddle, millimetres; null where strings differ in length. */
function soundingMm(scale: SetDocument['instrument']['scale'], fret: number): number | null {
    const openMm =
        scale.type === 'single'
            ? scale.length_mm
            : scale.type === 'half' && scale.nut_to_twelfth_mm
              ? 2 * scale.nut_to_twelfth_mm
              : null;
    return openMm == null ? null : openMm * 2 ** (-fret / 12);
}

function ReferenceInput({ hertz, error, onTake }: { hertz: number; error: string | undefined; onTake: (hertz: number) => void }) {
    const [refused, setRefused] = useState<string | null>(null);
    const wrong = refused ?? error;
    return (
        <label className="flex items-center gap-1.5 text-ink-soft">
            A4
            <TypedInput
                shown={String(hertz)}
                inputMode="decimal"
                aria-invalid={wrong !== undefined || undefined}
                onFocus={() => setRefused(null)}
                onTake={(typed) => {
                    const value = readHertz(typed);
                    setRefused(value === null ? `“${typed}” is no frequency. Type it in Hz, such as 440 or 432.` : null);
                    if (value !== null) {
                        onTake(value);
                    }
                }}
                className="w-14 rounded-mark border-b border-rule-strong bg-transparent px-1 text-right text-ink hover:border-ink aria-invalid:text-stop"
            />
            Hz
            {wrong !== undefined && (
                <span role="alert" className="text-sm text-stop">
                    {wrong}
                </span>
            )}
        </label>
    );
}

/** The tunings that the set serves, one of them shown. */
function ServedTunings({
    tunings,
    shown,
    show,
    showTuning,
}: {
    tunings: Tunings;
    shown: number;
    show: Props['show'];
    showTuning: (index: number) => void;
}) {
    return (
        <div
            role="group"
            aria-label="Tunings this set serves"
            className="-m-1 flex min-w-0 [scrollbar-width:thin] gap-2 overflow-x-auto p-1 max-sm:mt-0.5"
        >
            {tunings.map((tuning, index) => (
                <button
                    key={index}
                    type="button"
                    aria-pressed={index === shown}
                    onClick={() => (index === shown ? show('tuning') : showTuning(index))}
                    className={clsx(
                        'h-8 shrink-0 rounded-field border px-3 whitespace-nowrap',
                        index === shown
                            ? 'border-accent bg-accent font-semibold text-accent-ink'
                            : 'border-rule-strong bg-sheet hover:border-ink',
                    )}
                >
                    {tuningLabel(tuning)}
                </button>
            ))}
        </div>
    );
}
