import type { SetDocument } from '../lib/formats';

/** A question to the core: all that the figures may depend on, so that renaming a set asks nothing, and what is asked besides. */
export function question(document: SetDocument, besides: Pick<SetDocument, 'pool' | 'target'>): string {
    const { name: _name, notes: _notes, history: _history, target: _target, ...rest } = document;
    return JSON.stringify({ ...rest, name: '', ...besides });
}
