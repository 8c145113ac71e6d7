import { replaceEqualDeep } from '@tanstack/react-query';
import type { Evaluation, SetDocument } from '../generated/formats';

/** A question to the core: all that the figures may depend on, so that renaming a set asks nothing, and what is asked besides. */
export function question(document: SetDocument, besides: Pick<SetDocument, 'pool' | 'target'>): string {
    const { name: _name, notes: _notes, history: _history, target: _target, ...rest } = document;
    return JSON.stringify({ ...rest, name: '', ...besides });
}

/** What the pool and its tensions depend on: everything but the gauges of the strings themselves. */
export function poolQuestion(document: SetDocument): string {
    return question(
        {
            ...document,
            strings: document.strings.map(({ position, construction, material }) => ({ position, construction, material })),
        },
        {},
    );
}

/**
 * An answer with what it need not say again: the pool and its tensions, where it came without them, are those of the
 * answer before; and whatever is the same as before stays the same object, so that only what changed is drawn again.
 */
export function completed(answer: Evaluation, before: Evaluation): Evaluation {
    const full: Evaluation =
        answer.pool !== undefined || before.pool === undefined
            ? answer
            : {
                  ...answer,
                  pool: before.pool,
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
