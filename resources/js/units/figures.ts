/**
 * A number with so many decimals, rounded half away from zero as it is written in decimals: 2.035 gives 2.04. The server
 * writes the same; both are held to one file of cases.
 */
export function fixed(number: number, decimals: number): string {
    const scaled = Number((Math.abs(number) * 10 ** decimals).toPrecision(12));
    const rounded = Math.round(scaled) / 10 ** decimals;
    return (number < 0 && rounded !== 0 ? -rounded : rounded).toFixed(decimals);
}

/** The same with a true minus, as figures stand on a screen. */
export const withMinus = (number: number, decimals: number) => fixed(number, decimals).replace('-', '−');

/** A fixed figure without zeros at its end. */
export function trimmed(number: number, decimals: number): string {
    const figure = fixed(number, decimals);
    return figure.includes('.') ? figure.replace(/\.?0+$/, '') : figure;
}
