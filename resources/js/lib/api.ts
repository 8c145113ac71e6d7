import type { LiraError, Problem } from './formats';

/** What the server refused, with the place and the sentence for each problem. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        readonly problems: Problem[],
    ) {
        super(problems[0]?.message ?? 'Something went wrong. Try again.');
    }

    /** The first problem at this place in the document or below it. */
    at(path: string): Problem | undefined {
        return this.problems.find((problem) => problem.path === path || problem.path.startsWith(`${path}/`));
    }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
    constructor() {
        super('Lira’s server does not answer. Your work is kept here; it will be tried again.');
    }
}

interface Options {
    method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
    body?: unknown;
    signal?: AbortSignal;
    /** Lets the request outlive the page, for a last save. */
    keepalive?: boolean;
}

function xsrfToken(): string {
    const cookie = document.cookie.split('; ').find((entry) => entry.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

/** Asks the server for JSON. `T` is what the address promises. */
export async function ask<T>(address: string, { method = 'GET', body, signal, keepalive = false }: Options = {}): Promise<T> {
    let response: Response;
    try {
        response = await fetch(address, {
            method,
            keepalive,
            signal: signal ?? null,
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': xsrfToken() },
            body: body === undefined ? null : typeof body === 'string' ? body : JSON.stringify(body),
        });
    } catch (error) {
        throw error instanceof DOMException && error.name === 'AbortError' ? error : new Unreachable();
    }
    const text = await response.text();
    if (!response.ok) {
        throw refused(response.status, text);
    }
    return (text === '' ? undefined : JSON.parse(text)) as T;
}

/** Sends a file to the server, with what is said of it. `T` is what the address promises. */
export async function upload<T>(address: string, fields: Record<string, string | File>): Promise<T> {
    const body = new FormData();
    for (const [name, value] of Object.entries(fields)) {
        body.append(name, value);
    }
    const response = await fetch(address, {
        method: 'POST',
        body,
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': xsrfToken() },
    });
    const answer = (await response.json()) as T | LiraError;
    if (typeof answer === 'object' && answer !== null && 'errors' in answer) {
        throw new Refused(response.status, answer.errors);
    }
    return answer;
}

/** Why something failed, as a refusal: its own, or one sentence at a place. */
export function asRefused(error: unknown, otherwise: string, path = ''): Refused {
    return error instanceof Refused
        ? error
        : new Refused(0, [{ path, message: error instanceof Error ? error.message : otherwise }]);
}

function refused(status: number, text: string): Refused {
    try {
        const answer = JSON.parse(text) as LiraError;
        return new Refused(status, answer.errors);
    } catch {
        return new Refused(status, [{ path: '', message: 'Something went wrong on the server. Try again.' }]);
    }
}
