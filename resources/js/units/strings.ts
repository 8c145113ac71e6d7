import type { Construction, Kind, Material } from '../generated/formats';
import { CONSTRUCTIONS, MATERIALS, MATERIALS_OF } from '../generated/words';

/** What a string of this construction can be made of. */
export function materialsFor(construction: Construction): Material[] {
    return [...MATERIALS_OF[construction]];
}

/** The colours a string is drawn in. */
type Tone = 'steel' | 'bronze' | 'nylon';

/** What a string looks like. */
export function toneOf(material: Material): Tone {
    switch (material) {
        case 'phosphor-bronze':
        case 'bronze-80-20':
            return 'bronze';
        case 'nylon':
        case 'nylon-multifilament':
        case 'nylon-tape':
        case 'fluorocarbon':
        case 'synthetic-gut':
        case 'polyurethane':
            return 'nylon';
        default:
            return 'steel';
    }
}

/** How a string is made, in words: plain steel; wound, pure nickel. */
export function familyWords({ construction, material }: { construction: Construction; material: Material }): string {
    return construction === 'plain' ? MATERIALS[material] : `${CONSTRUCTIONS[construction]}, ${MATERIALS[material]}`;
}

export function isBass(kind: Kind): boolean {
    return kind === 'bass' || kind === 'acoustic-bass' || kind === 'elastomer-bass';
}
