import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useDeferredValue } from 'react';
import { gaugeNanometres } from '../units/stringType';
import { useUnits } from '../units/useUnits';
import { readGauge } from '../units/typed';
import { buttonClass } from '../ui/classes';
import { useAddress } from '../ui/useAddress';
import { FilterFields } from './browse/FilterFields';
import { StringSheet } from './browse/StringSheet';
import { StringTable } from './browse/StringTable';
import { StringsFrame } from './StringsFrame';
import { NO_FILTERS, queryOf, type Filters } from './supply';
import { stringsIndex, suppliersIndex } from '../generated/addresses/places';
import type { StringsPage as Props } from '../generated/pages';

/** What one looks at, as it stands in the address. */
const IN_ADDRESS = { ...NO_FILTERS, drawer: '', string: '' };

/** Everything that can be ordered. */
export default function StringsPage({ suppliers }: Props) {
    const units = useUnits();
    const [looked, look] = useAddress(IN_ADDRESS);
    const filters: Filters = { ...looked, order: looked.order, drawer: looked.drawer !== '' };
    const chosen = looked.string === '' ? null : Number(looked.string);
    const choose = (id: number | null) => look({ string: id === null ? '' : String(id) });
    const nanometres = (typed: string) => {
        const gauge = readGauge(typed, units);
        return gauge && gaugeNanometres(gauge.gauge);
    };
    const query = useDeferredValue(queryOf(filters, nanometres));
    return (
        <StringsFrame
            at={stringsIndex}
            tools={
                <Link href={suppliersIndex} className={buttonClass.plain}>
                    Bring in a list…
                </Link>
            }
        >
            {suppliers.length === 0 ? (
                <p className="mt-8 max-w-prose text-ink-soft">
                    No strings yet. Add a supplier under <strong>Suppliers’ lists</strong> and bring in what they sell.
                </p>
            ) : (
                <>
                    <FilterFields
                        filters={filters}
                        suppliers={suppliers}
                        onChange={({ drawer, ...changed }) =>
                            look(
                                { ...changed, ...(drawer === undefined ? {} : { drawer: drawer ? '1' : '' }) },
                                'words' in changed,
                            )
                        }
                    />
                    <div className={clsx('grid gap-x-6 gap-y-5', chosen !== null && 'lg:grid-cols-[minmax(0,1fr)_27rem]')}>
                        <StringTable query={query} suppliers={suppliers} chosen={chosen} onChoose={({ id }) => choose(id)} />
                        {chosen !== null && <StringSheet id={chosen} onClose={() => choose(null)} />}
                    </div>
                </>
            )}
        </StringsFrame>
    );
}
