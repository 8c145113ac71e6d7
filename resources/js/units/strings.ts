import type { Construction, Kind, Material } from '../generated/formats';
import { CONSTRUCTIONS, MATERIALS, MATERIALS_OF, BASSES, FLAT } from '../generated/words';

/** What a string of this construction can be made of. */
export function materialsFor(construction: Construction): Material[] {
    return [...MATERIALS_OF[construction]];
}

/** The colours a string is drawn in. */
type Tone = 'steel' | 'bronze' | 'nylon';

const TONES: Record<Material, Tone> = {
    'music-wire': 'steel',
    'nickel-plated-steel': 'steel',
    'pure-nickel': 'steel',
    'stainless-steel': 'steel',
    'phosphor-bronze': 'bronze',
    'bronze-80-20': 'bronze',
    'silver-plated-copper': 'steel',
    nylon: 'nylon',
    'nylon-multifilament': 'nylon',
    'nylon-tape': 'nylon',
    fluorocarbon: 'nylon',
    'synthetic-gut': 'nylon',
    polyurethane: 'nylon',
};

/** What a string looks like. */
export const toneOf = (material: Material): Tone => TONES[material];

/** How a string is made, in words: plain steel; wound, pure nickel. */
export function familyWords({ construction, material }: { construction: Construction; material: Material }): string {
    return construction === 'plain' ? MATERIALS[material] : `${CONSTRUCTIONS[construction]}, ${MATERIALS[material]}`;
}

export const isBass = (kind: Kind): boolean => (BASSES as readonly Kind[]).includes(kind);

/** Whether its outside is a ribbon or a tape. */
export const isFlat = (construction: Construction): boolean => (FLAT as readonly Construction[]).includes(construction);
