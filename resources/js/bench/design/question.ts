import { replaceEqualDeep } from '@tanstack/react-query';
import type { Evaluation, SetDocument } from '../../generated/formats';

/** What the server joins to a design: its instrument, and the gauges it is chosen from; none for what is usually sold. */
export interface Joined {
    instrumentId: number;
    poolId: number | null;
}

type Besides = Partial<Pick<SetDocument, 'baseline' | 'conversion' | 'target'>>;

/** What figures depend on: a name, notes or the instrument, which the server has, ask nothing. */
function asked(document: SetDocument): Omit<SetDocument, 'format' | 'version' | 'name' | 'instrument'> {
    const {
        format: _format,
        version: _version,
        name: _name,
        notes: _notes,
        history: _history,
        instrument: _instrument,
        target: _target,
        ...design
    } = document;
    return design;
}

/** With the gauges to choose from; or without them and without the baseline, which came with the answer before. */
type Extent = 'gauges' | 'lean';

/** A question about a design, and what is asked besides. */
export function question(document: SetDocument, joined: Joined, besides: Besides = {}, extent?: Extent): string {
    return JSON.stringify({
        instrument_id: joined.instrumentId,
        ...(extent === 'gauges' ? { pool_id: joined.poolId } : {}),
        ...(extent === 'lean' ? { lean: true } : {}),
        design: { ...asked(document), ...besides },
    });
}

/** What the pool and its tensions depend on: everything but the gauges of the strings themselves. */
export function poolQuestion(document: SetDocument): string {
    const strings = document.strings.map(({ position, construction, material }) => ({ position, construction, material }));
    return JSON.stringify({ ...asked(document), strings });
}

/**
 * An answer with what it need not say again: the pool, its tensions and the baseline, where it came without them, are those of
 * the answer before; and whatever is the same as before stays the same object, so that only what changed is drawn again.
 */
export function completed(answer: Evaluation, before: Evaluation): Evaluation {
    const full: Evaluation =
        answer.pool !== undefined || before.pool === undefined
            ? answer
            : {
                  ...answer,
                  pool: before.pool,
                  ...(before.baseline === undefined ? {} : { baseline: before.baseline }),
                  strings: answer.strings.map((string, index) => {
                      const { pool_tensions_n, equivalents } = before.strings[index] ?? {};
                      return {
                          ...string,
                          ...(pool_tensions_n === undefined ? {} : { pool_tensions_n }),
                          ...(equivalents === undefined ? {} : { equivalents }),
                      };
                  }),
              };
    return replaceEqualDeep(before, full);
}
