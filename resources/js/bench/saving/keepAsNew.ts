import { ask } from '../../server/api';
import type { SetDocument } from '../../generated/formats';
import { setsImport } from '../../generated/addresses/places';

/** The longest name leaves no room for what is added to it. */
const LONGEST = 190;

/** Keeps a design beside the one it was made from, as a set of its own; gives its id. */
export async function keepAsNew(document: SetDocument): Promise<number> {
    const { id } = await ask<{ id: number }>(setsImport, {
        method: 'POST',
        body: { ...document, name: `${document.name.slice(0, LONGEST)}, kept` },
    });
    return id;
}
