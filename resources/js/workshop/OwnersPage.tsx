import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/TextField';
import { FindField } from '../ui/FindField';
import { FormEnd } from '../ui/FormEnd';
import { toast } from '../ui/toasts';
import { dateWords } from '../units/times';
import { WorkshopFrame } from './WorkshopFrame';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { jobsShow } from '../generated/addresses/jobs';
import { instrumentsIndex, logWeek, ownersIndex, ownersRename } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { OwnersPage as Props } from '../generated/pages';

type Owner = Props['owners'][number];
type Theirs = NonNullable<Props['chosen']>;

const address = (owner: string) => withAsked(ownersIndex, { owner });
const several = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;

/** Whose instruments are here, and all of theirs. */
export default function OwnersPage({ owners, chosen }: Props) {
    const [words, setWords] = useState('');
    const [renaming, setRenaming] = useState(false);
    const found = owners.filter(({ name }) => name.toLowerCase().includes(words.trim().toLowerCase()));
    return (
        <WorkshopFrame at={ownersIndex} tools={<FindField label="Find an owner" words={words} onWords={setWords} />}>
            {owners.length === 0 ? (
                <p className="mt-6 max-w-prose text-ink-soft">
                    Nobody yet. Whose an instrument is stands on its sheet, under{' '}
                    <Link href={instrumentsIndex} className="text-accent underline">
                        Instruments
                    </Link>
                    ; a job asks for it, too.
                </p>
            ) : (
                <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
                    <ul aria-label="Owners" className="border-t border-ink">
                        {found.map((owner) => (
                            <li key={owner.name} className="border-b border-rule">
                                <Link
                                    href={address(owner.name)}
                                    preserveScroll
                                    preserveState
                                    aria-current={owner.name === chosen?.name ? 'true' : undefined}
                                    className="flex flex-wrap justify-between gap-x-4 px-1 py-2 hover:bg-rule/40 aria-[current]:bg-rule/60"
                                >
                                    <strong className="font-semibold">{owner.name}</strong>
                                    <span className="text-ink-soft">
                                        {several(owner.instruments, 'instrument', 'instruments')},{' '}
                                        {several(owner.jobs, 'job', 'jobs')}
                                        {owner.open > 0 && `, ${owner.open} open`}
                                    </span>
                                </Link>
                            </li>
                        ))}
                        {found.length === 0 && <li className="py-2 text-ink-soft">Nobody of that name.</li>}
                    </ul>
                    {chosen === null ? (
                        <p className="text-ink-soft">Choose somebody to see all of theirs.</p>
                    ) : (
                        <OwnersThings
                            key={chosen.name}
                            theirs={chosen}
                            owner={owners.find(({ name }) => name === chosen.name)}
                            onRename={() => setRenaming(true)}
                        />
                    )}
                </div>
            )}
            {renaming && chosen !== null && (
                <RenameDialog owner={chosen.name} owners={owners} onClose={() => setRenaming(false)} />
            )}
        </WorkshopFrame>
    );
}

function OwnersThings({ theirs, owner, onRename }: { theirs: Theirs; owner: Owner | undefined; onRename: () => void }) {
    return (
        <section aria-labelledby="theirs">
            <div className="flex flex-wrap items-center gap-3 border-b border-ink pb-1">
                <h2 id="theirs" className="mr-auto text-lg font-bold">
                    {theirs.name}
                </h2>
                <Button onClick={onRename}>Rename or merge…</Button>
                <Link href={withAsked(logWeek, { owner: theirs.name })} className={buttonClass.plain}>
                    What is due
                </Link>
            </div>
            <h3 className="mt-4 font-semibold">Instruments</h3>
            {theirs.instruments.length === 0 && <p className="text-ink-soft">None is here.</p>}
            <ul>
                {theirs.instruments.map(({ id, name, strings }) => (
                    <li key={id} className="flex justify-between border-b border-rule py-1.5">
                        <Link href={instrumentsEdit(id)} className="text-accent underline underline-offset-3">
                            {name}
                        </Link>
                        <span className="text-ink-soft">{several(strings, 'string', 'strings')}</span>
                    </li>
                ))}
            </ul>
            <h3 className="mt-5 font-semibold">Jobs, the newest first</h3>
            {theirs.jobs.length === 0 && <p className="text-ink-soft">None was done for them.</p>}
            <ul>
                {theirs.jobs.map(({ id, name, instrument, on }) => (
                    <li key={id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1.5">
                        <Link href={jobsShow(id)} className="text-accent underline underline-offset-3">
                            {name}
                        </Link>
                        <span className="text-ink-soft">
                            {instrument}, {on === null ? 'not finished' : dateWords(on)}
                        </span>
                    </li>
                ))}
            </ul>
            <p className="mt-4 text-ink-soft">
                Care was taken {several(theirs.care, 'time', 'times')}.
                {theirs.rules.length > 0 && ` Care rules of their own: ${theirs.rules.join(', ')}.`}
                {owner?.way === true && ' Jobs for them go their own way.'}
            </p>
        </section>
    );
}

function RenameDialog({ owner, owners, onClose }: { owner: string; owners: Owner[]; onClose: () => void }) {
    const [name, setName] = useState(owner);
    const { act, busy, problem } = useAct();
    const wanted = name.trim().replaceAll(/\s+/g, ' ');
    const merges = wanted !== owner && owners.some((each) => each.name === wanted);
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={`Another name for ${owner}`}
            description="It changes on their instruments, jobs and care rules. What was written down at the bench stays as it was said."
        >
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(ownersRename, { method: 'PUT', body: { from: owner, to: wanted } });
                        toast(merges ? `${owner} and ${wanted} are one now.` : `${owner} is ${wanted} now.`);
                        onClose();
                        router.visit(address(wanted), { preserveScroll: true });
                    });
                }}
            >
                <TextField
                    label="Name"
                    hint="The name of another owner makes the two one."
                    required
                    autoFocus
                    list="owners"
                    maxLength={200}
                    value={name}
                    onChange={setName}
                />
                <datalist id="owners">
                    {owners.map((each) => (
                        <option key={each.name} value={each.name} />
                    ))}
                </datalist>
                {merges && (
                    <p>
                        There is a {wanted} already: everything of {owner} becomes theirs, which cannot be told apart again. Where
                        both have a way of working, {wanted}’s stays.
                    </p>
                )}
                <FormEnd act={merges ? 'Make them one' : 'Rename'} busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
