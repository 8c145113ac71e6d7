import { useRef, useState } from 'react';
import { ask, Refused } from '../../server/api';
import { go } from '../../server/go';
import { useAct } from '../../server/useAct';
import { useAsked } from '../../server/useAsked';
import { type Answer, type ReadAnswers, type Named } from './answers';
import { benchShow } from '../../generated/addresses/bench';
import { benchLast, demoStore, startRead, startStore } from '../../generated/addresses/places';
import type { StartPage as Props } from '../../generated/pages';

/** What somebody answers, what it is read as, and the beginning from it. */
export function useStarting(chosen: Props['chosen']) {
    const [instrument, setInstrument] = useState(chosen?.name ?? '');
    const [present, setPresent] = useState('');
    const [wish, setWish] = useState(() => new URLSearchParams(window.location.search).get('wish') ?? '');
    const form = useRef<HTMLFormElement>(null);
    // One of the workshop's is meant once it was tapped; words alone are read.
    const [own, setOwn] = useState<Named | null>(chosen);
    const answers = { instrument: own === null ? instrument : '', instrument_id: own?.id ?? null, present, wish };
    const { data } = useAsked<ReadAnswers>(startRead, JSON.stringify(answers));
    const { act, busy, problem } = useAct();
    const [refused, setRefused] = useState<Partial<Record<Answer, string>>>({});

    const begin = () =>
        act(async () => {
            try {
                const { id } = await ask<{ id: number }>(startStore, { method: 'POST', body: answers });
                await go(benchShow(id));
            } catch (failure) {
                if (!(failure instanceof Refused) || failure.problems.every(({ path }) => !ANSWERS.includes(path.slice(1)))) {
                    throw failure;
                }
                setRefused(Object.fromEntries(failure.problems.map(({ path, message }) => [path.slice(1), message])));
                form.current?.querySelector<HTMLInputElement>(`input[name=${failure.problems[0]?.path.slice(1) ?? ''}]`)?.focus();
            }
        });
    const look = () =>
        act(async () => {
            await ask(demoStore, { method: 'POST' });
            await go(benchLast);
        });
    const [takingOut, setTakingOut] = useState(false);
    const asked = (name: Answer, value: string, onChange: (value: string) => void) => ({
        name,
        value,
        read: data?.[name] ?? '',
        // What the server refused counts until it is typed anew.
        problem: refused[name] ?? (value.trim() === '' ? undefined : data?.problems[name]),
        instead: data?.instead[name] ?? [],
        onChange: (typed: string) => {
            setRefused({});
            onChange(typed);
        },
    });
    return {
        takingOut,
        setTakingOut,
        form,
        begin,
        own,
        data,
        setRefused,
        setInstrument,
        setOwn,
        asked,
        instrument,
        present,
        setPresent,
        wish,
        setWish,
        problem,
        busy,
        look,
    };
}

export const ANSWERS = ['instrument', 'present', 'wish'];
