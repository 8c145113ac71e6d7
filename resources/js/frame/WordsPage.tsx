import { Head } from '@inertiajs/react';
import { PageTitle } from '../ui/PageTitle';
import { useAddress } from '../ui/useAddress';
import { FindField } from '../ui/FindField';
import type { WordsPage as Props } from '../generated/pages';

/** What each word means here, by what it belongs to. */
const anchor = (word: string) => `word-${word.replaceAll(' ', '-')}`;

/** The field's words, as they are used here. */
export default function WordsPage({ groups }: Props) {
    const [{ for: sought }, look] = useAddress({ for: '' });
    const words = sought.toLowerCase().trim();
    const found = Object.entries(groups)
        .map(([group, of]) => ({
            group,
            of: Object.entries(of).filter(([word, meaning]) => `${word} ${meaning}`.toLowerCase().includes(words)),
        }))
        .filter(({ of }) => of.length > 0);
    return (
        <div className="flex-1 px-4 py-5 sm:px-7">
            <Head title="Words" />
            <div className="mx-auto max-w-6xl">
                <div className="flex flex-wrap items-center gap-3">
                    <PageTitle className="mr-auto">Words</PageTitle>
                    <FindField label="Find a word" words={sought} onWords={(next) => look({ for: next }, true)} />
                </div>
                <p className="mt-1 max-w-prose text-ink-soft">
                    As they are used here. Where a word is underlined with dots on another page, pressing it says the same.
                </p>
                <div className="mt-5 gap-x-12 md:columns-2">
                    {found.map(({ group, of }) => (
                        <section key={group} className="mb-6 break-inside-avoid-column">
                            <h2 className="border-b border-ink pb-1 font-bold">{group}</h2>
                            <dl>
                                {of.map(([word, meaning]) => (
                                    <div key={word} id={anchor(word)} className="break-inside-avoid border-b border-rule py-2">
                                        <dt className="font-semibold first-letter:uppercase">{word}</dt>
                                        <dd className="text-ink-soft">{meaning}</dd>
                                    </div>
                                ))}
                            </dl>
                        </section>
                    ))}
                </div>
                {found.length === 0 && (
                    <p className="text-ink-soft">No such word here. Its neighbours may say it: look for a part of it.</p>
                )}
            </div>
        </div>
    );
}
