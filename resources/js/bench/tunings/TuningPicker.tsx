import { Dialog } from '../../ui/Dialog';
import { useBench } from '../design/benchStore';
import * as edits from '../design/edits';
import { TuningChoice } from './TuningChoice';

/** The tuning picker: by name, by family, or by typing the notes. */
export function TuningPicker({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Choose a tuning"
            description="By its name, or type its notes from the last string to the first: DADGAD, C2 G2 C3 …"
            width="wide"
        >
            <Picker onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function Picker({ onDone }: { onDone: () => void }) {
    const document = useBench((state) => state.document);
    const index = useBench((state) => state.tuning);
    const edit = useBench((state) => state.edit);
    const present = document.tunings[index];
    return present === undefined ? null : (
        <TuningChoice
            kind={document.instrument.kind}
            present={present}
            onTake={(name, pitches) => {
                edit(edits.tuning(index, name, pitches));
                onDone();
            }}
        />
    );
}
