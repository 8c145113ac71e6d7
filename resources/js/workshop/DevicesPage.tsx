import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { Device } from '../generated/views';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { FormEnd } from '../ui/FormEnd';
import { toast } from '../ui/toasts';
import { dateWords, timeWords } from '../units/times';
import { CertificatePart } from './devices/CertificatePart';
import { LetInDialog } from './devices/LetInDialog';
import { NetworkPart } from './devices/NetworkPart';
import { MAY, WhoFields, type Who } from './devices/WhoFields';
import { ProgramDialog } from './devices/ProgramDialog';
import { SharesPart } from './devices/SharesPart';
import { Part, WorkshopFrame } from './WorkshopFrame';
import { devicesDestroy, devicesUpdate } from '../generated/addresses/devices';
import { devicesIndex } from '../generated/addresses/places';
import type { DevicesPage as Props } from '../generated/pages';

/** Who may come in over the shop's network. */
export default function DevicesPage({ devices, shares, network, prints, here }: Props) {
    const { address } = network;
    const [open, setOpen] = useState<'let-in' | 'program' | null>(null);
    const [changing, setChanging] = useState<Device | null>(null);
    const of = (kind: string) => devices.filter((device) => device.kind === kind);
    return (
        <WorkshopFrame
            at={devicesIndex}
            tools={
                address !== null && (
                    <Button look="strong" onClick={() => setOpen('let-in')}>
                        Let a device in…
                    </Button>
                )
            }
        >
            <div className="mt-4 grid gap-x-14 gap-y-9 lg:grid-cols-[minmax(0,1fr)_26rem]">
                <div className="grid content-start gap-9">
                    <NetworkPart network={network} />
                    {(address !== null || of('device').length > 0) && (
                        <Part title="Tablets, phones, other machines">
                            {of('device').length === 0 && (
                                <p>None yet. “Let a device in…” shows a square; the tablet’s camera reads it.</p>
                            )}
                            <List label="Devices" devices={of('device')} here={here} onChange={setChanging} />
                        </Part>
                    )}
                    {(address !== null || shares.length > 0) && <SharesPart shares={shares} />}
                    <Part
                        title="Programs"
                        about="A program asks the API with a token of its own, such as a label printer or a calendar."
                    >
                        <List label="Programs" devices={of('program')} here={here} onChange={setChanging} />
                        <p className="mt-2">
                            <Button onClick={() => setOpen('program')}>A token for a program…</Button>
                        </p>
                    </Part>
                </div>
                {/* Behind another server the certificate is that server’s own matter. */}
                {address !== null && prints.authority !== null && <CertificatePart prints={prints} />}
            </div>
            {open === 'let-in' && <LetInDialog onClose={() => setOpen(null)} />}
            {open === 'program' && <ProgramDialog onClose={() => setOpen(null)} />}
            {changing !== null && <ChangeDialog device={changing} onClose={() => setChanging(null)} />}
        </WorkshopFrame>
    );
}

function List({
    label,
    devices,
    here,
    onChange,
}: {
    label: string;
    devices: Device[];
    here: number | null;
    onChange: (device: Device) => void;
}) {
    const { act, busy, problem } = useAct();
    const sendAway = (device: Device) =>
        act(async () => {
            await ask(devicesDestroy(device.id), { method: 'DELETE' });
            toast(`${device.name} is not let in any more.`);
            router.reload();
        });
    return (
        <>
            {problem !== undefined && (
                <p role="alert" className="mb-2 text-stop">
                    {problem}
                </p>
            )}
            {devices.length > 0 && (
                <ul aria-label={label}>
                    {devices.map((device) => (
                        <li
                            key={device.id}
                            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 first:border-t"
                        >
                            <span className="mr-auto">
                                <strong className="font-semibold">{device.name}</strong>
                                {device.id === here && ' (this one)'}
                                <span className="block text-ink-soft">
                                    {MAY[device.right].short}, since {dateWords(device.since.slice(0, 10))};{' '}
                                    {device.seen === null ? 'never seen yet' : `last seen ${timeWords(device.seen)}`}
                                </span>
                            </span>
                            <Button look="quiet" onClick={() => onChange(device)} aria-label={`Change ${device.name}`}>
                                Change…
                            </Button>
                            <Button
                                look="quiet"
                                disabled={busy}
                                onClick={() => sendAway(device)}
                                aria-label={`Send ${device.name} away`}
                            >
                                Send away
                            </Button>
                        </li>
                    ))}
                </ul>
            )}
        </>
    );
}

function ChangeDialog({ device, onClose }: { device: Device; onClose: () => void }) {
    const [who, setWho] = useState<Who>({ name: device.name, right: device.right });
    const { act, busy, problem } = useAct();
    return (
        <Dialog open onOpenChange={onClose} title={device.name} description="From its next request on.">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(devicesUpdate(device.id), { method: 'PUT', body: who });
                        onClose();
                        router.reload();
                    });
                }}
            >
                <WhoFields who={who} onWho={setWho} />
                <FormEnd act="Keep it" busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
