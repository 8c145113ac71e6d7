import { ShareSet } from '../../documents/share/ShareSet';
import { useBench } from '../design/benchStore';
import type { Saver } from '../saving/saver';
import type { SavedSet } from '../../generated/views';
import { useAnswer } from './useAnswer';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    set: SavedSet;
    saver: Saver;
}

/** Shares the set as it is on the Bench now. */
export function ShareOnBench({ set, saver, ...dialog }: Props) {
    const name = useBench((state) => state.document.name);
    const tuning = useBench((state) => state.tuning);
    const { data } = useAnswer();
    return (
        <ShareSet {...dialog} set={{ id: set.id, name }} tuning={tuning} text={data?.text ?? null} before={() => saver.flush()} />
    );
}
