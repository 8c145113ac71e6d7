import type { Construction, Material, PoolGauge, StringOfSet } from '../../generated/formats';
import { gaugeNanometres } from '../../units/stringType';
import { materialsFor } from '../../units/strings';
import type { Gauge, Made } from '../../units/typed';

type Family = Pick<StringOfSet, 'construction' | 'material'>;

const isWound = ({ construction }: Family) => construction !== 'plain';

/**
 * What a string becomes by the gauge somebody typed: made as they said; else as it is, as long as there are such strings; else of the
 * other sort, plain or wound.
 *
 * @param strings those of the set, which the others follow
 * @param pool the gauges there are
 */
export function familyOfTyped(present: Family, value: Gauge, made: Made | null, strings: Family[], pool: PoolGauge[]): Family {
    if (made === 'plain') {
        return isWound(present) ? otherSort(false, strings, pool) : present;
    }
    if (made === 'wound') {
        return isWound(present) ? present : otherSort(true, strings, pool);
    }
    if (made !== null) {
        return ofConstruction(made, present, strings);
    }
    const own = pool.filter(
        ({ construction, material }) => construction === present.construction && material === present.material,
    );
    const gauges = own.map(gaugeNanometres);
    const typed = gaugeNanometres(value);
    const beyond = gauges.length > 0 && (isWound(present) ? typed < Math.min(...gauges) : typed > Math.max(...gauges));
    if (!beyond) {
        return present;
    }
    // Only where the other sort has strings so thick; else it is the pool that ends there.
    const other = otherSort(!isWound(present), strings, pool);
    const others = pool.filter(({ construction }) => construction === other.construction).map(gaugeNanometres);
    return others.some((gauge) => (isWound(present) ? gauge <= typed : gauge >= typed)) ? other : present;
}

/** Plain or wound, as the set's own strings of that sort are, else as those of the pool. */
function otherSort(wound: boolean, strings: Family[], pool: PoolGauge[]): Family {
    const like = [...strings, ...pool].find((each) => isWound(each) === wound);
    const usual: Family = wound
        ? { construction: 'round-wound', material: 'nickel-plated-steel' }
        : { construction: 'plain', material: 'music-wire' };
    return like === undefined ? usual : { construction: like.construction, material: like.material };
}

function ofConstruction(construction: Construction, present: Family, strings: Family[]): Family {
    const materials = materialsFor(construction);
    const like = [present, ...strings].find(({ material }) => materials.includes(material));
    const material: Material = like?.material ?? materials[0] ?? present.material;
    return { construction, material };
}
