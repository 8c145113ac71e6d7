import { router, usePage } from '@inertiajs/react';
import { useRef, useState, type Dispatch, type SetStateAction } from 'react';
import { DemoOut } from '../frame/DemoOut';
import { ask } from '../server/api';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { toast } from '../ui/toasts';
import { timeWords } from '../units/times';
import { BringBackDialog } from './BringBackDialog';
import { sizeWords } from './copies';
import { Part, WorkshopFrame } from './WorkshopFrame';
import { Folder } from './copies/Folder';
import { benchLast, copiesIndex, copiesStore, demoStore, openShow } from '../generated/addresses/places';
import type { CopiesPage as Props } from '../generated/pages';
import { Kept } from './copies/Kept';
import { OneFile } from './copies/OneFile';

/** Copies of the whole workshop: made each day, taken away in one file, brought back. */
export default function CopiesPage({
    kept,
    folder,
    own_folder: isOwn,
    made_at: madeAt,
    space,
    free,
    served,
    demo,
    empty,
}: Props) {
    const missing = usePage<{ copies_missing: string | null }>().props.copies_missing;
    const [coming, setComing] = useState<File | string | null>(null);
    const [takingOut, setTakingOut] = useState(false);
    const chosen = useRef<HTMLInputElement>(null);
    const { act, busy, problem } = useAct();
    const makeOne = () =>
        act(async () => {
            const { name } = await ask<{ name: string }>(copiesStore, { method: 'POST' });
            toast(`The copy ${name} is kept.`);
            router.reload();
        });
    const putDemoIn = () =>
        act(async () => {
            await ask(demoStore, { method: 'POST' });
            await go(benchLast);
        });
    return (
        <WorkshopFrame at={copiesIndex}>
            <div className="mt-4 grid gap-x-14 gap-y-9 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <div className="grid content-start gap-9">
                    <Part
                        title="A copy each day"
                        about="Made by itself while Lira runs: those of the last seven days are kept, and one of each month before."
                    >
                        {missing !== null && <p className="mb-2 text-caution">{missing}</p>}
                        <p>
                            {madeAt === null ? 'None was made yet.' : `The last one was made on ${timeWords(madeAt)}.`}{' '}
                            {kept.length > 0 && 'Each holds everything: instruments, sets, jobs, log, lists, photographs.'}
                        </p>
                        <Kept kept={kept} served={served} setComing={setComing} />
                        <p className="mt-3 flex flex-wrap items-center gap-3">
                            <Button disabled={busy} onClick={makeOne}>
                                Make one now
                            </Button>
                            {problem !== undefined && (
                                <span role="alert" className="text-stop">
                                    {problem}
                                </span>
                            )}
                        </p>
                        <Folder folder={folder} isOwn={isOwn} />
                    </Part>
                    <OneFile served={served} chosen={chosen} setComing={setComing} />
                    <Part
                        title="For other programs"
                        about="The same as open formats: set and instrument documents, lists, jobs with what happened, and the log as JSON and CSV, with every column described. It can be brought back like any copy."
                    >
                        <a className={buttonClass.plain} href={openShow}>
                            Take everything as open formats
                        </a>
                    </Part>
                </div>
                <div className="grid content-start gap-9">
                    <Part title="Space used">
                        <Space space={space} free={free} />
                    </Part>
                    <DemoPart demo={demo} setTakingOut={setTakingOut} empty={empty} busy={busy} putDemoIn={putDemoIn} />
                </div>
            </div>
            {coming !== null && <BringBackDialog copy={coming} onClose={() => setComing(null)} />}
            {takingOut && <DemoOut onClose={() => setTakingOut(false)} />}
        </WorkshopFrame>
    );
}

/** What takes how much room. */
function Space({ space, free }: { space: Props['space']; free: Props['free'] }) {
    return (
        <dl>
            {space.map(({ what, bytes }) => (
                <div key={what} className="flex justify-between border-b border-rule py-1.5">
                    <dt>{what}</dt>
                    <dd className="font-semibold">{sizeWords(bytes)}</dd>
                </div>
            ))}
            <div className="flex justify-between py-1.5 text-ink-soft">
                <dt>Free on the disk</dt>
                <dd>{sizeWords(free)}</dd>
            </div>
        </dl>
    );
}

/** The demo, to put in or take out. */
function DemoPart({
    demo,
    setTakingOut,
    empty,
    busy,
    putDemoIn,
}: {
    demo: Props['demo'];
    setTakingOut: Dispatch<SetStateAction<boolean>>;
    empty: Props['empty'];
    busy: boolean;
    putDemoIn: () => void;
}) {
    return (
        <Part
            title="Demo"
            about={
                demo
                    ? 'The made-up workshop Saltmarsh Strings is in here. It can be taken out; what you changed of it stays.'
                    : 'The made-up workshop is not in here.'
            }
        >
            {demo && <Button onClick={() => setTakingOut(true)}>Take the demo out…</Button>}
            {!demo && empty && (
                <Button disabled={busy} onClick={putDemoIn}>
                    Put the demo in
                </Button>
            )}
        </Part>
    );
}
