import { useState, type RefObject, type SyntheticEvent, type Dispatch, type SetStateAction } from 'react';
import type { StringPlanned } from '../../generated/formats';
import type { JobString } from '../../generated/views';
import { pitchLabel } from '../../units/pitch';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { onDemand } from '../../ui/onDemand';
import type { JobNow } from '../useJob';
import { THIS_ONE } from '../step/claims';
import { WayOn } from '../step/WayOn';
import { foundBy } from './code';
import { ballWords, notchWords } from './marks';
import { Notches } from './Notches';
import { useScanner } from './useScanner';

const ScanDialog = onDemand(
    () => import('./ScanDialog').then((module) => module.ScanDialog),
    ({ onClose }: { onCode: (typed: string) => void; onClose: () => void }) => onClose(),
);

interface Props {
    now: JobNow;
    string: JobString;
    planned: StringPlanned;
    main: RefObject<HTMLButtonElement | null>;
    onDone: () => void;
}

/** Before a string goes on: whether it is the one. Asked twice where another of the job is nearly as thick. */
export function PacketGuard({ now, string, planned, main, onDone }: Props) {
    const units = useUnits();
    const [sure, setSure] = useState(false);
    const [problem, setProblem] = useState<string | null>(null);
    const [typed, setTyped] = useState('');
    const [scanning, setScanning] = useState(false);
    const alike = now.job.strings.filter(({ position }) => planned.alike.includes(position));
    const gauge = (each: JobString) => formatGauge(gaugeInches(each), units);
    const confirm = () => {
        setProblem(null);
        if (alike.length > 0 && !sure) {
            setSure(true);
        } else {
            onDone();
        }
    };
    const wrong = (other: JobString) => {
        setSure(false);
        setProblem(
            `That is string ${other.position}, ${pitchLabel(other.pitch)} ${gauge(other)}. Put it back: string ${string.position} is wanted, ${[`${pitchLabel(string.pitch)} ${gauge(string)}`, ...notchWords(string)].join(', ')}.`,
        );
    };
    const hear = (code: string) => {
        setScanning(false);
        const found = foundBy(code, string.position, now.job.strings);
        if (found.is === 'right') {
            setTyped('');
            confirm();
        } else if (found.is === 'wrong') {
            const other = now.job.strings.find(({ position }) => position === found.position);
            if (other !== undefined) {
                wrong(other);
            }
        } else {
            setSure(false);
            setProblem(
                found.is === 'stranger'
                    ? `That packet is for another job. String ${string.position} is wanted, ${pitchLabel(string.pitch)} ${gauge(string)}.`
                    : `“${code.trim()}” is no packet’s code. It stands below the square on the label, such as S17-4.`,
            );
        }
    };
    useScanner(hear);
    const choices = sure ? [string, ...alike].sort((a, b) => a.position - b.position) : [];
    return (
        <article className="min-w-0">
            {sure ? (
                <LookOnce string={string} choices={choices} onDone={onDone} wrong={wrong} gauge={gauge} />
            ) : (
                <TakeIt string={string} gauge={gauge} />
            )}
            <CodeForm hear={hear} typed={typed} problem={problem} setTyped={setTyped} setScanning={setScanning} />
            {problem !== null && (
                <p
                    id="packet-wrong"
                    role="alert"
                    className="mt-3 max-w-3xl border-l-4 border-l-stop pl-3 text-xl font-semibold text-stop"
                >
                    {problem}
                </p>
            )}
            <OnWithIt sure={sure} main={main} confirm={confirm} onDone={onDone} gauge={gauge} string={string} />
            {scanning && <ScanDialog onCode={hear} onClose={() => setScanning(false)} />}
        </article>
    );
}

/** Which of those that are nearly alike it is. */
function LookOnce({
    string,
    choices,
    onDone,
    wrong,
    gauge,
}: {
    string: Props['string'];
    choices: JobString[];
    onDone: Props['onDone'];
    wrong: (other: JobString) => void;
    gauge: (each: JobString) => string;
}) {
    return (
        <fieldset>
            <legend className="text-[1.75rem] leading-snug">Look once more: which is in your hand?</legend>
            <p className="text-lg text-ink-soft">
                They are nearly as thick as each other. {string.labelled ? 'Count the notches, or measure it.' : 'Measure it.'}
            </p>
            <div className="mt-3 grid max-w-3xl grid-cols-[repeat(auto-fit,minmax(13rem,1fr))] gap-3">
                {choices.map((each) => (
                    <button
                        key={each.position}
                        type="button"
                        className="rounded-float border-2 border-rule-strong bg-sheet px-4 py-4 text-left hover:border-ink"
                        onClick={() => (each.position === string.position ? onDone() : wrong(each))}
                    >
                        <span className="block text-4xl font-extrabold">{gauge(each)}</span>
                        <span className="block text-xl">
                            string {each.position}, {pitchLabel(each.pitch)}
                            {ballWords(each)}
                        </span>
                        {each.labelled && <Notches count={each.position} />}
                    </button>
                ))}
            </div>
        </fieldset>
    );
}

/** The packet that is wanted. */
function TakeIt({ string, gauge }: { string: Props['string']; gauge: (each: JobString) => string }) {
    return (
        <>
            <p className="text-[1.75rem] leading-snug">Take the packet of string {string.position}</p>
            <p data-figure="key" className="text-[96px] leading-[1.02] font-extrabold tracking-tight max-sm:text-[56px]">
                {pitchLabel(string.pitch)} <span className="font-normal text-ink-faint">·</span> {gauge(string)}
            </p>
            <div className="mt-2 flex flex-wrap items-center gap-4">
                {string.labelled && <Notches count={string.position} large />}
                <span className="text-xl">
                    {[
                        ...notchWords(string),
                        `${familyWords(string)}${ballWords(string)}`,
                        ...(string.lot === null ? [] : [`from the drawer: ${string.lot}`]),
                    ].join(', ')}
                </span>
            </div>
        </>
    );
}

/** The code on a packet, typed or scanned. */
function CodeForm({
    hear,
    typed,
    problem,
    setTyped,
    setScanning,
}: {
    hear: (code: string) => void;
    typed: string;
    problem: string | null;
    setTyped: Dispatch<SetStateAction<string>>;
    setScanning: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <form
            className="mt-5 flex flex-wrap items-center gap-2.5"
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                hear(typed);
            }}
        >
            <label className="flex items-center gap-2 text-lg whitespace-nowrap text-ink-soft">
                Packet’s code
                <span className="w-40">
                    <input
                        className={`${fieldClass} h-16 text-xl`}
                        value={typed}
                        autoComplete="off"
                        aria-describedby={problem === null ? undefined : 'packet-wrong'}
                        onChange={(event) => setTyped(event.target.value)}
                    />
                </span>
            </label>
            <Button type="submit" large className="h-16">
                Check
            </Button>
            {'mediaDevices' in navigator && (
                <Button large className="h-16" onClick={() => setScanning(true)}>
                    Scan it
                </Button>
            )}
        </form>
    );
}

/** The press that goes on with it. */
function OnWithIt({
    sure,
    main,
    confirm,
    onDone,
    gauge,
    string,
}: {
    sure: boolean;
    main: Props['main'];
    confirm: () => void;
    onDone: Props['onDone'];
    gauge: (each: JobString) => string;
    string: Props['string'];
}) {
    return (
        <>
            {!sure && (
                <WayOn main={main} onGo={confirm}>
                    {THIS_ONE}
                </WayOn>
            )}
            {sure && (
                <WayOn main={main} onGo={onDone}>
                    It is {[gauge(string), ...notchWords(string)].join(', ')}
                </WayOn>
            )}
        </>
    );
}
