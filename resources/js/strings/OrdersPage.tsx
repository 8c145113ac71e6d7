import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { PlanDialog } from './ordering/PlanDialog';
import { StringsFrame } from './StringsFrame';
import { OrderList } from './ordering/OrderList';
import { OrderOf } from './ordering/OrderOf';
import { ordersIndex } from '../generated/addresses/places';
import type { OrdersPage as Props } from '../generated/pages';

/** What is ordered, on its way, and to go into the drawer. */
export default function OrdersPage({ orders, wanted, begin }: Props) {
    const [planning, setPlanning] = useState<'designs' | 'list' | null>(begin.length === 0 ? null : 'designs');
    return (
        <StringsFrame
            at={ordersIndex}
            tools={
                <Button look="strong" onClick={() => setPlanning('designs')}>
                    Order for designs…
                </Button>
            }
        >
            {wanted.length > 0 && <OrderList wanted={wanted} onOrder={() => setPlanning('list')} />}
            {orders.length === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Nothing is ordered. Choose one or several designs: what lies in the drawer is taken first, and the rest is
                    bought as cheaply as it can be.
                </p>
            )}
            <ul className="mt-2 max-w-5xl">
                {orders.map((order) => (
                    <li key={order.id} id={`order-${order.id}`} className="border-b border-rule py-3">
                        <OrderOf order={order} />
                    </li>
                ))}
            </ul>
            {planning !== null && (
                <PlanDialog
                    begin={planning === 'designs' ? begin : []}
                    listed={planning === 'list'}
                    onList={wanted.length}
                    onClose={(placed) => {
                        setPlanning(null);
                        if (placed) {
                            router.reload({ only: ['orders', 'wanted'] });
                        }
                    }}
                />
            )}
        </StringsFrame>
    );
}
