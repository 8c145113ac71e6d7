import { Link } from '@inertiajs/react';
import { Button } from '../ui/Button';
import { Glyph } from '../ui/Glyph';
import { Menu, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import type { JobNow } from './useJob';
import type { Voice } from './step/voice';
import type { Open } from './ways/JobDialogs';
import { benchShow } from '../generated/addresses/bench';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { jobsSheet } from '../generated/addresses/jobs';
import { jobsIndex } from '../generated/addresses/places';

interface Props {
    job: JobNow['job'];
    /** How many of what was said wait to be sent, once that is worth telling. */
    unsent: number;
    /** Where one is in the job, in a few words. */
    where: string;
    voice: Voice;
    onOpen: (what: Open) => void;
    onDrop: () => void;
}

/** Which job it is, where one is in it, and what else can be done. */
export function JobHead({ job, unsent, where, voice, onOpen, onDrop }: Props) {
    const finished = job.status === 'finished';
    return (
        <header className="flex shrink-0 items-baseline gap-x-4 px-4 pt-3 max-sm:gap-x-2 sm:px-7">
            <Link href={jobsIndex} className="flex min-h-10 items-center gap-1 self-center text-ink-soft hover:text-ink">
                <Glyph sign="left" /> Jobs
            </Link>
            <h1 className="text-2xl font-bold tracking-tight">{job.instrument_name}</h1>
            <span className="min-w-0 truncate text-lg text-ink-soft max-sm:hidden">{job.name}</span>
            {unsent > 0 && (
                <span role="status" className="text-caution">
                    {unsent} not sent yet
                </span>
            )}
            <span className="ml-auto text-xl text-ink-soft">{where}</span>
            <Menu
                trigger={
                    <Button look="quiet" aria-label="More of this job" className="h-10 w-10 self-center px-0">
                        <Glyph sign="more" size={20} />
                    </Button>
                }
            >
                {!finished && <MenuItem onSelect={() => onOpen('schools')}>Change the way…</MenuItem>}
                {!finished && <MenuItem onSelect={() => onOpen('agreed')}>Owner, reason, promised day…</MenuItem>}
                {!finished && <MenuItem onSelect={() => onOpen('bench')}>Hand it to another bench…</MenuItem>}
                {!finished && <MenuItem onSelect={() => onOpen('who')}>Who works here…</MenuItem>}
                <MenuItem onSelect={() => onOpen('record')}>Before, after, and what happened…</MenuItem>
                {voice.can && (
                    <MenuItem onSelect={voice.toggle}>{voice.on ? 'Stop reading aloud' : 'Read the steps aloud'}</MenuItem>
                )}
                <MenuLine />
                <MenuLink href={jobsSheet(job.id)} newTab>
                    The whole plan, to print
                </MenuLink>
                {job.set !== null && <MenuLink href={benchShow(job.set)}>The set on the Bench</MenuLink>}
                <MenuLink href={instrumentsEdit(job.instrument)}>The instrument</MenuLink>
                {!finished && <MenuLine />}
                {!finished && <MenuItem onSelect={() => onDrop()}>Drop this job</MenuItem>}
            </Menu>
        </header>
    );
}
