// Made from what the core finds along a neck by bin/generate-words.php. Change that, not this file.

export const NECK_SENTENCES: Record<string, string> = {
    "action-low": "String {string} buzzes when it is picked [hand=soft|softly][hand=medium|with a medium hand][hand=hard|hard]: it wants {needed_mm:2} of action and has {action_mm:2}. It touches fret {over} first.[likewise=others| Too low for {strings} as well.][likewise=none|] [work=own|Raise the action at the bridge, or give the neck a little more relief.][work=repairer|A repairer raises the action at the bridge, or gives the neck a little more relief.]",
    "fret-out": "String {string} is {cents:1} cents [way=sharp|sharp][way=flat|flat] at fret {fret}, {least:1} at the least. [cause=saddle|Its saddle stands {by_mm:1} off where it is best: move it there.][cause=nut|The nut holds it high: a repairer lowers its slot.][cause=string|No place of its saddle mends that: a string with a thinner core does.]",
    "nut-to-move": "Open chords: string {string} stands {cents:1} cents [way=sharp|sharp][way=flat|flat] over its first three frets[likewise=others|, and {strings} too far as well][likewise=none|]. With its nut {nut_mm:2} nearer to the [to=saddle|saddle][to=head|headstock] it would be {left:1}: a repairer moves or compensates it, and looks first whether its slots are too high."
};
