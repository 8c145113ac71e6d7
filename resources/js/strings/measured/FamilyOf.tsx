import type { FamilyCorrection, Sample, SampleFamily } from '../../generated/views';
import { samplesDestroy, samplesUnarchive } from '../../generated/addresses/samples';
import { ask } from '../../server/api';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { capital } from '../../units/words';
import { formatGauge, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { tellFailure } from '../../ui/toasts';
import { FamilyPlot } from './FamilyPlot';
import { grams, percentOff } from './sample';

/** What the line says at its thin end and at its thick one. */
function correctionWords(line: FamilyCorrection['line'], units: Units): string {
    const [thin, thick] = [line[0], line.at(-1)];
    const at = ({ gauge_in: gauge, factor, uncertainty }: FamilyCorrection['line'][number]) =>
        `${percentOff(factor)} ±${(uncertainty * 100).toFixed(1)}\u00a0% at\u00a0${formatGauge(gauge, units)}`;
    return thin === undefined || thick === undefined ? '' : `${at(thin)}, ${at(thick)}`;
}

/** How sure the model is while nothing was measured. */
function modelWords({ model }: SampleFamily, units: Units): string {
    const [thin, thick] = [model[0], model.at(-1)];
    const at = ({ gauge_in: gauge, tolerance }: SampleFamily['model'][number]) =>
        `±${(tolerance * 100).toFixed(1)}\u00a0% at\u00a0${formatGauge(gauge, units)}`;
    return thin === undefined || thick === undefined
        ? 'Of these strings there is no model: what you measure is taken as it is.'
        : `Nothing of this family counts yet, so the model stands as it is: good to ${at(thin)} and ${at(thick)}. One string that you weigh says most about its own gauge, and something about all of them.`;
}

/** Whether what is typed lies further from the model than the model may be off: more likely misread than so heavy or so light. */
function isFarOff({ model }: SampleFamily, sample: Sample): boolean {
    const gauge = gaugeInches(sample);
    const nearest = model.toSorted((a, b) => Math.abs(a.gauge_in - gauge) - Math.abs(b.gauge_in - gauge))[0];
    return sample.ratio !== null && nearest !== undefined && Math.abs(sample.ratio - 1) - sample.tolerance > nearest.tolerance;
}

interface Props {
    family: SampleFamily;
    /** What is being typed of it. */
    present?: Sample | undefined;
    onChanged: () => void;
}

/** A family of strings: the model and what was measured, drawn and in words; each sample counts or is set aside. */
export function FamilyOf({ family, present, onChanged }: Props) {
    const units = useUnits();
    const set = async ({ id, set_aside: aside }: Sample) => {
        if (id === null) {
            return;
        }
        try {
            await (aside ? ask(samplesUnarchive(id), { method: 'POST' }) : ask(samplesDestroy(id), { method: 'DELETE' }));
            onChanged();
        } catch (error) {
            tellFailure(error);
        }
    };
    const name = familyWords(family);
    return (
        <section aria-label={name} className="mb-8">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">
                {capital(name)} <span className="text-base font-normal text-ink-soft">{family.kind}</span>
            </h2>
            <div className="mt-2 grid gap-y-2">
                {family.model.length > 0 && (
                    <figure>
                        <FamilyPlot family={family} present={present} />
                        <figcaption className="text-sm text-ink-soft">
                            Grey: what the model may be off. {family.correction !== null && 'Green: with what was measured. '}
                            {family.samples.length > 0 && 'Rings: strings that were measured; crosses were set aside. '}
                            {present !== undefined && 'Dot: what you type.'}
                        </figcaption>
                    </figure>
                )}
                {present !== undefined && isFarOff(family, present) && (
                    <p role="status">
                        <strong>Further off than such strings are.</strong> Was it weighed without its ball, is the length that of
                        the piece on the scale, and is it made as you say?
                    </p>
                )}
                <div>
                    <p>
                        {family.correction === null ? (
                            modelWords(family, units)
                        ) : (
                            <>
                                What was weighed is taken as it was. Others of the family are corrected by a line in the gauge:{' '}
                                {correctionWords(family.correction.line, units)}, from {family.correction.samples} sample
                                {family.correction.samples === 1 ? '' : 's'}.
                            </>
                        )}
                    </p>
                    <ul className="mt-2 max-w-xl">
                        {family.samples.map((sample) => (
                            <li key={sample.id} className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
                                <strong>{formatGauge(gaugeInches(sample), units)}</strong>
                                <span className={sample.set_aside ? 'text-ink-faint line-through' : ''}>
                                    {grams(sample.kg_per_m)} ±{(sample.tolerance * 100).toFixed(1)} %
                                    {sample.ratio !== null && `, ${percentOff(sample.ratio)}`}
                                </span>
                                <span className="text-sm text-ink-soft">
                                    {sample.weighed ? 'weighed' : 'sounded'}
                                    {sample.core_mm !== null && `, core ${sample.core_mm.toFixed(2)} mm`}
                                    {sample.note !== '' && `, ${sample.note}`}
                                </span>
                                <Button
                                    look="quiet"
                                    className="ml-auto h-8"
                                    aria-label={`${sample.set_aside ? 'Count' : 'Set aside'} the sample of ${formatGauge(gaugeInches(sample), units)}`}
                                    onClick={() => void set(sample)}
                                >
                                    {sample.set_aside ? 'Count it again' : 'Set aside'}
                                </Button>
                            </li>
                        ))}
                    </ul>
                </div>
            </div>
        </section>
    );
}
