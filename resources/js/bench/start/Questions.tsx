import { Asked } from './Asked';
import type { StartPage as Props } from '../../generated/pages';
import { useStarting } from './useStarting';

/** The three questions. */
export function Questions({
    starting,
    instruments,
    chosen,
}: Pick<Props, 'instruments' | 'chosen'> & { starting: ReturnType<typeof useStarting> }) {
    const { own, data, asked, instrument, setInstrument, setOwn, setRefused, present, setPresent, wish, setWish } = starting;
    return (
        <div className="mt-6">
            <Asked
                label="The instrument"
                placeholder="what it is and its scale, such as electric guitar 25.5 in"
                own={instruments}
                offers={instruments.length === 0 ? DESCRIBED : DESCRIBED.slice(0, 3)}
                kept={own === null ? (data?.kept ?? []) : []}
                onKept={(named) => {
                    setRefused({});
                    setInstrument(named.name);
                    setOwn(named);
                }}
                autoFocus={chosen === null}
                {...asked('instrument', instrument, (typed) => {
                    setInstrument(typed);
                    setOwn(null);
                })}
            />
            <Asked
                label="What is on it, and how it is tuned"
                placeholder={own === null ? 'a set and a tuning, such as 10-46 in E standard' : 'as it is now'}
                offers={data?.offers?.present ?? []}
                autoFocus={chosen !== null}
                {...asked('present', present, setPresent)}
            />
            <Asked
                label="What it should become"
                placeholder="a tuning, a set, a scale, a feel: C standard, 9-42, a little looser"
                offers={data?.offers?.wish ?? []}
                {...asked('wish', wish, setWish)}
            />
        </div>
    );
}

export const DESCRIBED = ['electric guitar 25.5 in', 'acoustic guitar', 'five-string bass 34 in', 'baritone', '12-string'];
