import { ask, upload } from '../server/api';
import { restoreBringBack, restoreLook, restorePiece, restoreStanding } from '../generated/addresses/places';

/** What is in a copy that was looked at, and the key by which it is said that it is wanted. */
export interface Found {
    key: string;
    name: string;
    made_at: string;
    rows: Record<string, number>;
    files: number;
}

interface Standing {
    state: 'none' | 'ready' | 'wanted' | 'done' | 'failed';
    name: string;
    why: string;
    aside: string;
}

const PIECE = 8_000_000;
const AGAIN_MS = 400;

/**
 * Sends a copy piece by piece, however large it is.
 *
 * @param onShare told how much of it is there, 0 to 1
 * @returns by which it is known there
 */
export async function send(file: File, signal: AbortSignal, onShare: (share: number) => void): Promise<string> {
    const name = crypto.randomUUID();
    for (let at = 0; at < file.size || at === 0; at += PIECE) {
        signal.throwIfAborted();
        await upload(restorePiece, {
            upload: name,
            at: String(at),
            file: new File([file.slice(at, at + PIECE)], 'piece.zip'),
        });
        onShare(Math.min(1, (at + PIECE) / Math.max(1, file.size)));
    }
    return name;
}

export function look(copy: { name: string; upload?: string }, signal: AbortSignal): Promise<Found> {
    return ask<Found>(restoreLook, { method: 'POST', body: copy, signal });
}

/** Puts it in place, and waits until the workshop answers with it. */
export async function bringBack(key: string, signal: AbortSignal): Promise<Standing> {
    await ask(restoreBringBack, { method: 'PUT', body: { key } });
    for (;;) {
        await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
        signal.throwIfAborted();
        // Nobody answers while it is put in place.
        const standing = await ask<Standing>(restoreStanding).catch(() => null);
        if (standing !== null && standing.state !== 'wanted') {
            return standing;
        }
    }
}

/** A size as people say it: 340 kB, 2.4 MB, 1.2 GB. */
export function sizeWords(bytes: number): string {
    if (bytes < 1_000_000) {
        return `${Math.max(bytes === 0 ? 0 : 1, Math.round(bytes / 1000))} kB`;
    }
    return bytes < 1_000_000_000 ? `${(bytes / 1_000_000).toFixed(1)} MB` : `${(bytes / 1_000_000_000).toFixed(1)} GB`;
}
