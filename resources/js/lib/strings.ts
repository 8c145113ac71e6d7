import type { Construction, Material } from './formats';

/** The words for how a string is built, short enough for a lane. */
export const CONSTRUCTIONS: Record<Construction, string> = {
    plain: 'plain',
    'round-wound': 'wound',
    'half-round': 'half-round',
    flatwound: 'flat',
    'tape-wound': 'tape',
};

export const MATERIALS: Record<Material, string> = {
    'music-wire': 'plain steel',
    'nickel-plated-steel': 'nickel-plated steel',
    'pure-nickel': 'pure nickel',
    'stainless-steel': 'stainless steel',
    'phosphor-bronze': 'phosphor bronze',
    'bronze-80-20': '80/20 bronze',
    'silver-plated-copper': 'silver-plated copper',
    nylon: 'nylon',
    'nylon-multifilament': 'nylon multifilament',
    fluorocarbon: 'fluorocarbon',
    'synthetic-gut': 'synthetic gut',
    'nylon-tape': 'nylon tape',
    polyurethane: 'polyurethane',
};

const PLAIN: Material[] = ['music-wire', 'nylon', 'fluorocarbon', 'synthetic-gut', 'polyurethane'];
const WRAPS: Material[] = [
    'nickel-plated-steel',
    'pure-nickel',
    'stainless-steel',
    'phosphor-bronze',
    'bronze-80-20',
    'silver-plated-copper',
];

/** What a string of this construction can be made of. */
export function materialsFor(construction: Construction): Material[] {
    return construction === 'plain' ? PLAIN : construction === 'tape-wound' ? ['nylon-tape'] : WRAPS;
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
export function makeWords({ construction, material }: { construction: Construction; material: Material }): string {
    return construction === 'plain' ? MATERIALS[material] : `${CONSTRUCTIONS[construction]}, ${MATERIALS[material]}`;
}
