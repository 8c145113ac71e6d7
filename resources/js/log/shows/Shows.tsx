import type { Show } from '../../generated/views';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { tellFailure, toast } from '../../ui/toasts';
import { dayWords, dateWords } from '../../units/times';
import { today } from '../days';
import { exposedOf, exposedWords, hoursWords } from '../../units/hours';
import { type Named } from './named';
import { showsDestroy, showsUnarchive } from '../../generated/addresses/shows';

export function Shows({
    title,
    shows,
    instruments,
    onEdit,
    onDone,
}: {
    title: string;
    shows: Show[];
    instruments: Named[];
    onEdit: (show: Show) => void;
    onDone: () => void;
}) {
    if (shows.length === 0) {
        return null;
    }
    const named = (show: Show) => instruments.filter(({ id }) => show.instruments.includes(id)).map(({ name }) => name);
    const drop = async (show: Show) => {
        try {
            await ask(showsDestroy(show.id), { method: 'DELETE' });
            toast(`“${show.name}” does not take place.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(showsUnarchive(show.id), { method: 'POST' }).then(onDone, tellFailure),
                },
            });
            onDone();
        } catch (failure) {
            tellFailure(failure);
        }
    };
    return (
        <section className="mt-5" aria-label={title}>
            <h2 className="border-b border-ink pb-1 text-lg font-bold">{title}</h2>
            <table className="w-full">
                <thead className="sr-only">
                    <tr>
                        <th>When</th>
                        <th>Show</th>
                        <th>Instruments</th>
                        <th>Hours</th>
                        <th>What to do</th>
                    </tr>
                </thead>
                <tbody>
                    {shows.map((show) => (
                        <tr
                            key={show.id}
                            id={`show-${show.id}`}
                            className="border-b border-rule align-top max-sm:grid max-sm:py-1.5"
                        >
                            <td className="w-52 py-2 pr-4 whitespace-nowrap max-sm:w-auto max-sm:py-0">
                                {show.on.slice(0, 4) === today().slice(0, 4) ? dayWords(show.on) : dateWords(show.on)}, {show.at}
                            </td>
                            <th scope="row" className="py-2 pr-4 text-left font-normal max-sm:py-0">
                                <strong>{show.name}</strong>
                                {show.place !== '' && <span className="text-ink-soft">, {show.place}</span>}
                            </th>
                            <td className="w-72 py-2 pr-4 max-sm:w-auto max-sm:py-0">
                                {named(show).join(', ') || <span className="text-caution">nothing is played yet</span>}
                            </td>
                            <td className="w-64 py-2 pr-4 max-sm:w-auto max-sm:py-0">
                                {hoursWords(show.hours)}
                                {exposedWords(exposedOf(show))}
                            </td>
                            <td className="w-52 py-1 text-right whitespace-nowrap max-sm:-ml-3 max-sm:w-auto max-sm:text-left">
                                <Button look="quiet" aria-label={`Change ${show.name}`} onClick={() => onEdit(show)}>
                                    Change…
                                </Button>
                                <Button look="quiet" aria-label={`Drop ${show.name}`} onClick={() => void drop(show)}>
                                    Drop
                                </Button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
