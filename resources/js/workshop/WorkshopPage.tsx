import { WorkshopFrame } from './WorkshopFrame';
import { HerePart } from './HerePart';
import { ReadingPart } from './ReadingPart';
import { ToolsPart } from './ToolsPart';
import { workshopIndex } from '../generated/addresses/places';
import type { WorkshopPage as Props } from '../generated/pages';

/** What this workshop is called and takes as usual, and how one reads, hears and measures on this device. */
export default function WorkshopPage({ settings, learned }: Props) {
    return (
        <WorkshopFrame at={workshopIndex}>
            <div className="mt-4 grid gap-x-14 gap-y-9 lg:grid-cols-2">
                <HerePart settings={settings} learned={learned} />
                <div className="grid content-start gap-9">
                    <ReadingPart />
                    <ToolsPart />
                </div>
            </div>
        </WorkshopFrame>
    );
}
