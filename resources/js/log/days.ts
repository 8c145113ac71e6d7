/** A day so many days later, as ISO 8601 writes it. */
export function isoDay(iso: string, later = 0): string {
    const day = new Date(`${iso.slice(0, 10)}T00:00:00Z`);
    day.setUTCDate(day.getUTCDate() + later);
    return day.toISOString().slice(0, 10);
}

/** Today where one sits. */
export function today(): string {
    const now = new Date();
    return [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0')).join('-');
}
