/** Which of some places along an axis, from left to right, can have their figure written with so much room each. */
export function withRoom(places: number[], room: number, end: number): Set<number> {
    const written = new Set<number>();
    let last = -Infinity;
    places.forEach((place, index) => {
        if (place - last > room && place < end) {
            written.add(index);
            last = place;
        }
    });
    return written;
}

export interface Label {
    x: number;
    y: number;
    width: number;
    height: number;
}

/** Labels around their middles, each moved up or down as little as it takes to stand on none before it. */
export function apart<L extends Label>(labels: L[], gap = 3): L[] {
    const placed: L[] = [];
    for (const label of labels) {
        const free = (y: number) =>
            placed.every(
                (other) =>
                    Math.abs(other.x - label.x) >= (other.width + label.width) / 2 + gap ||
                    Math.abs(other.y - y) >= (other.height + label.height) / 2 + gap,
            );
        const steps = Array.from({ length: 12 }, (_, step) => [label.y + step * 12, label.y - step * 12]).flat();
        placed.push({ ...label, y: steps.find(free) ?? label.y });
    }
    return placed;
}
