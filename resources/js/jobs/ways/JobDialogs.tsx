import type { JobEvent } from '../../generated/formats';
import type { JobNow } from '../useJob';
import { AgreedDialog } from './AgreedDialog';
import { BenchDialog } from './BenchDialog';
import { CutShortDialog } from './CutShortDialog';
import { NewStringDialog, type NewReason } from './NewStringDialog';
import { NoteDialog } from './NoteDialog';
import { RecordDialog } from './RecordDialog';
import { SchoolsDialog } from './SchoolsDialog';
import { SeenDialog } from './SeenDialog';
import { WhoDialog } from './WhoDialog';

/** What can be opened in a job; one at a time. */
export type Open = 'cut-short' | NewReason | 'note' | 'seen' | 'schools' | 'bench' | 'agreed' | 'record' | 'who';

interface Props {
    now: JobNow;
    open: Open | null;
    /** The string that it is about, if it is about one. */
    position: number | null;
    close: () => void;
    /** What is being said otherwise that was refused. */
    mending: JobEvent | null;
    onMended: () => void;
}

/** What can be said or changed beside the steps. */
export function JobDialogs({ now, open, position, close, mending, onMended }: Props) {
    return (
        <>
            {open === 'cut-short' && <CutShortDialog now={now} position={position} onClose={close} onNew={close} />}
            {(open === 'broke' || open === 'wrong' || open === 'spare') && (
                <NewStringDialog now={now} reason={open} position={position} onClose={close} />
            )}
            {open === 'note' && <NoteDialog now={now} position={position} onClose={close} />}
            {open === 'seen' && position !== null && <SeenDialog now={now} position={position} onClose={close} />}
            {open === 'schools' && <SchoolsDialog now={now} onClose={close} />}
            {open === 'agreed' && <AgreedDialog now={now} onClose={close} />}
            {open === 'who' && <WhoDialog onClose={close} />}
            {open === 'bench' && <BenchDialog now={now} onClose={close} />}
            {open === 'record' && <RecordDialog now={now} onClose={close} />}
            {mending?.kind === 'noted' && <NoteDialog now={now} position={null} mended={mending} onClose={onMended} />}
            {mending?.kind === 'agreed' && <AgreedDialog now={now} mended={mending} onClose={onMended} />}
            {mending?.kind === 'bench' && <BenchDialog now={now} mended={mending} onClose={onMended} />}
        </>
    );
}
