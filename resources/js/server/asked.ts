/** What an address asks for besides its place, by name. What is null or undefined is left out. */
export type Asked = Record<string, string | number | null | undefined> | URLSearchParams;

/** An address with what is asked of it. */
export function withAsked(address: string, asked?: Asked): string {
    const query = new URLSearchParams();
    const pairs = asked instanceof URLSearchParams ? asked : Object.entries(asked ?? {});
    for (const [name, value] of pairs) {
        if (value !== null && value !== undefined) {
            query.append(name, String(value));
        }
    }
    return query.size === 0 ? address : `${address}?${query.toString()}`;
}
