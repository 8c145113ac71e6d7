import { useQueryClient } from '@tanstack/react-query';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { CalliperPanel } from '../devices/CalliperPanel';
import { ScalePanel } from '../devices/ScalePanel';
import type { Sample, SampleFamily } from '../generated/views';
import { useAsked } from '../server/useAsked';
import { Button } from '../ui/Button';
import { FamilyOf } from './measured/FamilyOf';
import { MeasureForm } from './measured/MeasureForm';
import type { Family } from './measured/sample';
import { StringsFrame } from './StringsFrame';
import { samplesFamily, samplesIndex } from '../generated/addresses/places';
import type { MeasuredPage as Props } from '../generated/pages';

/** Strings weighed or sounded here, and what they say about the model. */
export default function MeasuredPage({ families, kinds }: Props) {
    const [devices, setDevices] = useState<'scale' | 'calliper' | null>(null);
    const [family, setFamily] = useState<Family>({
        kind: 'electric-guitar',
        construction: 'round-wound',
        material: 'nickel-plated-steel',
    });
    const [result, setResult] = useState<Sample | undefined>();
    const asked = JSON.stringify(family);
    const { data: present } = useAsked<SampleFamily>(samplesFamily, asked);
    const client = useQueryClient();
    const reload = () => {
        router.reload({ only: ['families'] });
        void client.invalidateQueries({ queryKey: [samplesFamily] });
    };
    const isPresent = (of: SampleFamily) =>
        present !== undefined &&
        of.construction === present.construction &&
        of.material === present.material &&
        of.kind === present.kind;
    return (
        <StringsFrame
            at={samplesIndex}
            tools={
                <>
                    <Button
                        look="quiet"
                        aria-pressed={devices === 'scale'}
                        onClick={() => setDevices(devices === 'scale' ? null : 'scale')}
                    >
                        Scale and weights
                    </Button>
                    <Button
                        look="quiet"
                        aria-pressed={devices === 'calliper'}
                        onClick={() => setDevices(devices === 'calliper' ? null : 'calliper')}
                    >
                        Calliper
                    </Button>
                </>
            }
        >
            <div className="mt-4 grid gap-x-10 gap-y-8 lg:grid-cols-[22rem_1fr]">
                <MeasureForm kinds={kinds} family={family} onFamily={setFamily} onResult={setResult} onKept={reload} />
                <div>
                    {present !== undefined && (
                        <FamilyOf
                            family={present}
                            present={
                                result?.material === present.material && result.construction === present.construction
                                    ? result
                                    : undefined
                            }
                            onChanged={reload}
                        />
                    )}
                    {families
                        .filter((each) => !isPresent(each))
                        .map((each) => (
                            <FamilyOf
                                key={`${each.construction} ${each.material} ${each.kind}`}
                                family={each}
                                onChanged={reload}
                            />
                        ))}
                </div>
            </div>
            {devices === 'scale' && <ScalePanel onClose={() => setDevices(null)} />}
            {devices === 'calliper' && <CalliperPanel onClose={() => setDevices(null)} />}
        </StringsFrame>
    );
}
