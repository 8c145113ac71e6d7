import type { Answer } from '../../generated/views';
import { useAsked } from '../../server/useAsked';
import { useBench, useBenchStore } from '../design/benchStore';
import { question } from '../design/question';
import { useSettled } from './useSettled';
import { benchAnswer } from '../../generated/addresses/places';

/** What is taken along of the set that is on the Bench, once it has settled. */
export function useAnswer() {
    const document = useBench((state) => state.document);
    const { joined } = useBenchStore().getState();
    const asked = useSettled(JSON.stringify({ ...(JSON.parse(question(document, joined)) as object), name: document.name }));
    return useAsked<Answer>(benchAnswer, asked);
}
