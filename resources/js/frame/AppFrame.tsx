import { PLACES } from '../generated/addresses/frame';
import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useState, type ReactNode } from 'react';
import { useToasts } from '../ui/toasts';
import { Reminders } from './reminders/Reminders';
import { Boundary } from '../ui/Boundary';
import { menusAhead } from '../ui/Menu';
import { later } from '../ui/onDemand';
import { Commands, openCommands } from './commands/Commands';
import { ReadingMenu } from './ReadingMenu';
import { Standing } from './Standing';
import { home, tuneDoor } from '../generated/addresses/places';

/** What tells of things that happened, and what menus are drawn with, come once the page stands, or are wanted. */
const Toaster = later(() => import('../ui/Toaster').then((module) => module.Toaster));
const TOLD_FROM_MS = 400;

/** Tuning has a place of its own, though it stands below its set. */
const TUNING = /^\/(tune|sets\/\d+\/(tune|intonate))/;

const isHere = (place: string, url: string) => (TUNING.test(url) ? place === tuneDoor : url.startsWith(place));

/** What stands round every screen: where one can go, and the units one reads in. */
export function AppFrame({ children }: { children: ReactNode }) {
    const { url } = usePage();
    const happened = useToasts((state) => state.list.length > 0);
    const [stands, setStands] = useState(false);
    const told = stands || happened;
    useEffect(() => {
        const timer = setTimeout(() => {
            setStands(true);
            void menusAhead().catch(() => undefined);
        }, TOLD_FROM_MS);
        return () => clearTimeout(timer);
    }, []);
    return (
        <div className="flex min-h-dvh flex-col">
            <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2">
                Skip to the work
            </a>
            <header className="flex shrink-0 flex-wrap items-center gap-x-5 border-b border-rule px-4 max-md:pt-1 sm:px-7 md:h-13 md:flex-nowrap lg:gap-9">
                <Link href={home} className="text-[1.35rem] font-extrabold tracking-tight [font-stretch:112%]">
                    Lira
                </Link>
                <nav
                    aria-label="Places"
                    className="flex h-full items-stretch gap-3.5 max-md:order-last max-md:h-10 max-md:w-full max-md:overflow-x-auto lg:gap-7"
                >
                    {PLACES.map((place) => {
                        const here = isHere(place.href, url);
                        return (
                            <Link
                                key={place.href}
                                href={place.href}
                                aria-current={here ? 'page' : undefined}
                                className={clsx(
                                    'flex items-center border-b-[3px] pt-[3px]',
                                    here ? 'border-accent font-semibold' : 'border-transparent text-ink-soft hover:text-ink',
                                )}
                            >
                                {place.label}
                            </Link>
                        );
                    })}
                </nav>
                <div className="ml-auto flex items-center gap-1">
                    <button
                        type="button"
                        title="Do or open something (Ctrl K)"
                        className="inline-flex items-center gap-2 rounded-field px-2 py-1.5 whitespace-nowrap text-ink-soft hover:bg-rule/50 hover:text-ink"
                        onClick={() => openCommands('palette')}
                    >
                        Find <kbd className="font-sans text-xs text-ink-faint max-md:hidden">Ctrl K</kbd>
                    </button>
                    <ReadingMenu />
                </div>
            </header>
            <Standing />
            <main id="main" tabIndex={-1} className="flex min-h-0 flex-1 flex-col outline-none">
                <Boundary at={url}>{children}</Boundary>
            </main>
            <Commands />
            <Reminders />
            {told && <Toaster />}
        </div>
    );
}
