import type { ReactNode } from 'react';
import type { Lives } from '../../generated/views';
import { trimmed } from '../../units/figures';
import { Button } from '../../ui/Button';
import { hoursWords } from '../../units/hours';
import { Survival } from '../Survival';

interface Props {
    life: Lives;
    /** By what they can be parted. */
    parts: { value: string; label: string }[];
    onPart: (part: string) => void;
}

/** How long the strings of one family last, and what that is learned from. */
export function Family({ life, parts, onPart }: Props) {
    const costs = Object.entries(life.costs);
    const name = [`${life.label}${life.coated ? ', coated' : ''}`, life.part].filter((each) => each !== '').join(': ');
    return (
        <section aria-label={name}>
            <h2 className="border-b border-ink pb-1 text-lg font-bold first-letter:uppercase">{name}</h2>
            <p className="mt-1.5">
                About <strong className="text-xl">{hoursWords(life.p50_h)}</strong>, most between {hoursWords(life.p10_h)} and{' '}
                {hoursWords(life.p90_h)}. {alikeWords(life)}
                {costs.length > 0 &&
                    ` An hour of one string costs ${costs.map(([currency, cents]) => `${(cents / 100).toFixed(3)} ${currency}`).join(', ')}.`}
            </p>
            <Folded title="What it is learned from">
                {learnedWords(life)} Half are gone by about {hoursWords(life.p50_h)}, one in ten by {hoursWords(life.p10_h)}, nine
                in ten by {hoursWords(life.p90_h)}. Usual: {hoursWords(life.usual_h)}.
            </Folded>
            {!life.alike && (
                <p className="mt-1.5 border-l-4 border-l-caution pl-3">
                    What was seen leaves the band: these do not all wear alike, so that one figure suits none of them.
                    {parts.length > 0 && (
                        <span className="mt-1 flex flex-wrap items-center gap-2">
                            Part them
                            {parts.map(({ value, label }) => (
                                <Button key={value} onClick={() => onPart(value)}>
                                    {label}
                                </Button>
                            ))}
                        </span>
                    )}
                </p>
            )}
            <Survival life={life} />
        </section>
    );
}

/** What only some want to read. */
export function Folded({ title, children }: { title: string; children: ReactNode }) {
    return (
        <details className="text-sm text-ink-soft">
            <summary className="min-h-target w-fit cursor-pointer rounded-mark text-accent hover:bg-accent-wash">{title}</summary>
            <p className="pb-1.5">{children}</p>
        </details>
    );
}

/** How alike they end. */
export function alikeWords({ shape, ended }: Lives): string {
    if (ended < 3) {
        return '';
    }
    return shape < 1.6
        ? 'They end at any time: chance has more to do with it than wear.'
        : shape > 3
          ? 'They end much alike.'
          : 'Wear ends them, some sooner than others.';
}

export function learnedWords({ ended, running, changes, counts_as: countsAs }: Lives): string {
    const others =
        running === 0
            ? ''
            : ` ${running} more ${running === 1 ? 'is' : 'are'} on or came off early, and count as long as they lasted.`;
    if (ended === 0) {
        return `None ended yet: as long as such strings usually last.${others}`;
    }
    if (ended === 1) {
        return `Learned from 1 that ended, so hardly at all.${others}`;
    }
    const together =
        countsAs < ended - 0.5
            ? ` Strings that were on together share what wears them: they count as ${trimmed(countsAs, countsAs < 10 ? 1 : 0)}.`
            : '';
    return `Learned from ${ended} that ended in ${changes} ${changes === 1 ? 'change' : 'changes'}.${together}${others}`;
}
