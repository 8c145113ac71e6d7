import type { LiraError, Problem, Solution } from '../generated/formats';
import { reached, unreached } from './reach';

/** What the server refused, with the place and the sentence for each problem. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        readonly problems: Problem[],
        /** Where only some strings of a set cannot be served: the best for the others. */
        readonly solution?: Solution,
        /** Whether Lira itself said so; else something answered in its place, or it could not say more. */
        readonly ours = true,
    ) {
        super(problems[0]?.message ?? 'Something went wrong. Try again.');
    }

    /** The first problem at this place in the document or below it. */
    at(path: string): Problem | undefined {
        return this.problems.find((problem) => problem.path === path || problem.path.startsWith(`${path}/`));
    }

    /** Whether it lies with the server and may be otherwise in a moment, so that the same is worth asking again. */
    get passing(): boolean {
        return this.status >= 500 || this.status === 419 || this.status === 429;
    }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
    constructor() {
        super('Lira’s server does not answer. Nothing is lost; try again in a moment.');
    }
}

/** Something answered, but not Lira: the page of a network that wants one to sign in, a proxy that has nothing. */
export class NotOurs extends Error {
    constructor() {
        super(
            'Something between this device and Lira answers in its place: a network that wants you to sign in, perhaps. Nothing is lost.',
        );
    }
}

/** Whether the same is worth asking again: nothing answered, or the server could not just then. */
export function willPass(failure: unknown): boolean {
    return failure instanceof Unreachable || failure instanceof NotOurs || (failure instanceof Refused && failure.passing);
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
    return answered<T>(address, {
        method,
        keepalive,
        signal: signal ?? null,
        headers: { 'Content-Type': 'application/json' },
        body: body === undefined ? null : typeof body === 'string' ? body : JSON.stringify(body),
    });
}

/** Sends a file to the server, with what is said of it. `T` is what the address promises. */
export async function upload<T>(address: string, fields: Record<string, string | File>): Promise<T> {
    const body = new FormData();
    for (const [name, value] of Object.entries(fields)) {
        body.append(name, value);
    }
    return answered<T>(address, { method: 'POST', body });
}

async function answered<T>(
    address: string,
    request: Omit<RequestInit, 'headers'> & { headers?: Record<string, string> },
): Promise<T> {
    let response: Response;
    let text: string;
    try {
        response = await fetch(address, {
            ...request,
            headers: { ...request.headers, Accept: 'application/json', 'X-XSRF-TOKEN': xsrfToken() },
        });
        text = await response.text();
    } catch (error) {
        if (error instanceof DOMException && error.name === 'AbortError') {
            throw error;
        }
        unreached();
        throw new Unreachable();
    }
    reached();
    if (!response.ok) {
        throw refused(response.status, text);
    }
    return answerOf(response, text) as T;
}

/** What Lira answers is JSON, and comes from where it was asked for. */
function answerOf(response: Response, text: string): unknown {
    if (response.redirected) {
        throw new NotOurs();
    }
    try {
        return text === '' ? undefined : JSON.parse(text);
    } catch {
        throw new NotOurs();
    }
}

/** Why something did not work, in a sentence. */
export function failureWords(error: unknown): string {
    return error instanceof Error ? error.message : 'That did not work. Try again.';
}

/** Why something failed, as a refusal: its own, or one sentence at a place. */
export function asRefused(error: unknown, path = ''): Refused {
    return error instanceof Refused ? error : new Refused(0, [{ path, message: failureWords(error) }]);
}

/** The refusal in an answer; in words of its own where the answer has none. */
export function refused(status: number, text: string): Refused {
    const answer = errorIn(text);
    return answer === null
        ? new Refused(
              status,
              [{ path: '', message: 'Something went wrong on Lira’s side. Try again in a moment.' }],
              undefined,
              false,
          )
        : new Refused(status, answer.errors, answer.solution);
}

function errorIn(text: string): LiraError | null {
    try {
        const answer: unknown = JSON.parse(text);
        const is =
            typeof answer === 'object' &&
            answer !== null &&
            'format' in answer &&
            answer.format === 'lira-error' &&
            'errors' in answer &&
            Array.isArray(answer.errors);
        return is ? (answer as unknown as LiraError) : null;
    } catch {
        return null;
    }
}
