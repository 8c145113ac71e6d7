import type { Core, Material } from '../generated/formats';
import { ON_FLOSS } from '../generated/words';
import { MM_PER_INCH } from './units';

/** How a core was read with a calliper. A hexagon is 0.866 as wide across its flats as across its corners. */
export type Read = 'hex-corners' | 'hex-flats' | 'round' | 'floss';

const FLATS = Math.sqrt(3) / 2;

/** The ways there are for a wrap: some go over floss, the others over steel. */
export function readsFor(material: Material): { value: Read; label: string }[] {
    return (ON_FLOSS as readonly Material[]).includes(material)
        ? [{ value: 'floss', label: 'floss bundle' }]
        : [
              { value: 'hex-corners', label: 'corners' },
              { value: 'hex-flats', label: 'flats' },
              { value: 'round', label: 'round core' },
          ];
}

/** The core as documents say it: a hexagon across its corners. */
export function coreRead(mm: number, read: Read): Core {
    const size_mm = Number((read === 'hex-flats' ? mm / FLATS : mm).toFixed(5));
    return read === 'floss'
        ? { shape: 'multifilament', material: 'nylon-multifilament', size_mm }
        : { shape: read === 'round' ? 'round' : 'hex', material: 'music-wire', size_mm };
}

/** The size it was read at, in that way. */
export function sizeRead(core: Core, read: Read): number {
    const mm = core.size_mm ?? (core.size_in ?? 0) * MM_PER_INCH;
    return read === 'hex-flats' ? mm * FLATS : mm;
}

/** The way a known core is said in. */
export function readOf(core: Core | undefined, material: Material): Read {
    const usual = readsFor(material)[0]?.value ?? 'hex-corners';
    return core?.shape === 'round' ? 'round' : core?.shape === 'multifilament' ? 'floss' : usual;
}
