/** As many bars as its number, as they are printed on the label. */
export function Notches({ count, large = false }: { count: number; large?: boolean }) {
    const [step, bar, height] = large ? [22, 11, 34] : [13, 6.5, 18];
    return (
        <svg width={count * step} height={height} aria-hidden className="mt-1 block">
            {Array.from({ length: count }, (_, index) => (
                <rect key={index} x={index * step} width={bar} height={height} fill="var(--ink)" />
            ))}
        </svg>
    );
}
