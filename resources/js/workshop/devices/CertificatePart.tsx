import { Part } from '../WorkshopFrame';
import { enterAuthority } from '../../generated/addresses/places';
import type { DevicesPage } from '../../generated/pages';

export type Prints = DevicesPage['prints'];

/** What a tablet asks about the certificate, why, and what to do. */
export function CertificatePart({ prints }: { prints: Prints }) {
    return (
        <Part title="What the tablet will ask">
            <div className="grid gap-3 leading-relaxed">
                <p>
                    The first time it says that the connection is not private, or that it does not know who vouches for this
                    address. That is as it should be: the certificate is this workshop’s own, made on this machine, and nobody
                    outside vouches for it. Look at the certificate there: if these are the figures it shows, go on.
                </p>
                <Print name="The certificate, SHA-256">{prints.shown ?? 'nothing answers there just now'}</Print>
                <p>
                    The connection is encrypted either way, and microphone, camera and the screen that stays awake work once you
                    went on. Until the workshop’s own authority is trusted, some browsers ask again after a week, and the figures
                    change every few hours. A tablet whose clock is wrong says that the certificate is not valid yet, or no more:
                    set its clock.
                </p>
                <p>
                    To be asked no more,{' '}
                    <a className="text-accent underline" href={enterAuthority}>
                        take the authority’s certificate
                    </a>{' '}
                    onto the tablet and install it among its certificates as an authority (in its settings, under security or
                    privacy). It vouches for private addresses and this machine’s names alone; its key never leaves this machine,
                    and is in no copy of the workshop.
                </p>
                <Print name="The authority, SHA-256">{prints.authority ?? 'there is none yet'}</Print>
            </div>
        </Part>
    );
}

export function Print({ name, children }: { name: string; children: string }) {
    return (
        <p>
            <span className="block text-sm font-medium text-ink-soft">{name}</span>
            {/* Read aloud and compared in pieces of eight pairs. */}
            {children.split(/(?<=^(?:[^:]*:){8}|^(?:[^:]*:){16}|^(?:[^:]*:){24})/).map((piece) => (
                <code key={piece} className="block text-sm">
                    {piece}
                </code>
            ))}
        </p>
    );
}
