const USUAL_PX = 14;
/** What is drawn among figures grows no further: there is no room for more. */
const MOST = 1.35;

let known: number | null = null;

/** How much larger than usual the browser's text is, as far as what is drawn follows it. */
export function textScale(): number {
    if (typeof document === 'undefined') {
        return 1;
    }
    known ??= Math.min(MOST, Math.max(1, parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL_PX || 1));
    return known;
}
