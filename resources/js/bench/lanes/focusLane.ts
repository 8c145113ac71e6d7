/** Puts the focus on a string's mark. */
export function focusLane(position: number): void {
    document.querySelector<SVGGElement>(`[data-lane="${position}"] [role="slider"]`)?.focus();
}
