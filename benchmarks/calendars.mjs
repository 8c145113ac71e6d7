// How long calendars that somebody else wrote take to be answered, and what others who save meanwhile wait: 2,000 that were changed by
// chance, among them rules that take for ever. None may be answered by a failure. Usage: node benchmarks/calendars.mjs [HOW MANY]
// What took long is listed with what the machine itself did meanwhile (a sleep that overran, a write to the disk that waited), and asked
// again alone afterwards: a calendar that is slow is slow both times.
import { readFileSync } from 'node:fs';
import { machinePauses, spread, withServer } from './server.mjs';

/** From how many milliseconds an answer is listed. */
const SLOW = 1500;
const MANY = Number(process.argv[2] ?? 2000);

let seed = 20260214;
/** A whole number below `most`, the same in every run. */
function chance(most) {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return Math.floor((seed / 2 ** 32) * most);
}
const one = (of) => of[chance(of.length)];

const RULES = [
    'FREQ=WEEKLY;COUNT=5',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=DAILY;BYHOUR=25',
    'FREQ=YEARLY;BYWEEKNO=53;BYDAY=MO',
    'FREQ=DAILY',
    'FREQ=SECONDLY',
    'FREQ=MINUTELY;INTERVAL=1',
    'FREQ=MONTHLY;BYDAY=5FR',
    'FREQ=WEEKLY;BYDAY=XX',
    'x',
    'FREQ=YEARLY;BYSETPOS=400',
    'FREQ=DAILY;UNTIL=99991231T000000Z',
    'FREQ=WEEKLY;INTERVAL=0',
    'FREQ=MONTHLY;BYMONTHDAY=31;COUNT=1000000',
    'FREQ=HOURLY;COUNT=99999999',
];
const TIMES = ['20260704T190000Z', '20260704', '99991231T000000Z', '00010101', 'soon', '', '20260230T250000', '20210101T090000Z'];

/** Mostly as it should be. */
const mostly = (right, others) => (chance(12) > 0 ? right : one(others));

/** An event, with something of it changed by chance. */
function event(number) {
    const lines = [
        `UID:${mostly(`${number}@quay`, ['1', '', 'é'])}`,
        'DTSTAMP:20260101T000000Z',
        `DTSTART:${mostly(TIMES[0], TIMES)}`,
        `DTEND:${mostly('20260704T210000Z', TIMES)}`,
        `SUMMARY:${mostly('Session', ['Caf\u00e9', '\u0000\u0007', 'x'.repeat(3000), ''])}`,
        ...(chance(4) === 0 ? [`RRULE:${one(RULES)}`] : []),
        ...(chance(8) === 0 ? [`EXDATE:${one(TIMES)}`] : []),
        ...(chance(8) === 0 ? [`DURATION:${one(['PT2H', 'P99Y', '-PT1H', 'x'])}`] : []),
        ...(chance(8) === 0 ? [`SEQUENCE:${one(['0', '99999999999', 'x'])}`] : []),
        ...(chance(8) === 0 ? [`STATUS:${one(['CONFIRMED', 'CANCELLED', 'x'])}`] : []),
        ...(chance(16) === 0 ? [`RECURRENCE-ID:${one(TIMES)}`] : []),
    ];
    return ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
}

function calendar(number) {
    const events = Array.from({ length: 1 + chance(number % 50 === 0 ? 300 : 6) }, (_, index) => event(100 * number + index));
    let text = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
    const changed = chance(6);
    if (changed === 0) {
        text = text.slice(0, chance(text.length));
    } else if (changed === 1) {
        const at = chance(text.length);
        text =
            text.slice(0, at) +
            one(['\u0000', ':', ';', '\r\n', '"', 'BEGIN:VEVENT\r\n', 'END:VCALENDAR']) +
            text.slice(at + chance(40));
    }
    const bytes = Buffer.from(text, one(['utf8', 'utf8', 'utf8', 'latin1', 'utf16le']));
    return bytes;
}

await withServer(8936, async (base) => {
    const page = await fetch(`${base}/sets`);
    const cookies = page.headers.getSetCookie().map((cookie) => cookie.split(';')[0]);
    const token = decodeURIComponent(cookies.find((cookie) => cookie.startsWith('XSRF-TOKEN=')).slice('XSRF-TOKEN='.length));
    const headers = { Cookie: cookies.join('; '), 'X-XSRF-TOKEN': token, Accept: 'application/json' };
    const send = (method, address, body) =>
        fetch(base + address, {
            method,
            headers: { ...headers, 'Content-Type': 'application/json' },
            body: JSON.stringify(body),
        });
    const document = JSON.parse(readFileSync(new URL('../docs/examples/harbour-baritone.json', import.meta.url), 'utf8'));
    const { id } = await (await send('POST', '/sets/import', document)).json();
    let revision = 1;
    const save = async () => {
        const began = performance.now();
        const answer = await send('PUT', `/sets/${id}`, { revision, document: { ...document, name: `Saved ${revision}` } });
        if (!answer.ok) {
            throw new Error(`a save was refused: ${answer.status}`);
        }
        ({ revision } = await answer.json());
        return performance.now() - began;
    };
    const quiet = [];
    for (let count = 0; count < 100; count++) {
        quiet.push(await save());
    }
    const [answered, saved, statuses, slow] = [[], [], {}, []];
    const importing = async (bytes) => {
        const form = new FormData();
        form.append('file', new Blob([bytes]), 'shows.ics');
        const began = performance.now();
        const answer = await fetch(`${base}/log/shows/import`, { method: 'POST', headers, body: form });
        await answer.text();
        return { status: answer.status, took: performance.now() - began };
    };
    const pauses = await machinePauses();
    let going = true;
    const saving = (async () => {
        while (going) {
            const began = Date.now();
            const took = await save();
            saved.push(took);
            if (took > SLOW) {
                slow.push({ what: 'a save', began, took });
            }
            await new Promise((rest) => setTimeout(rest, 100));
        }
    })();
    for (let number = 1; number <= MANY; number++) {
        const bytes = calendar(number);
        const began = Date.now();
        const { status, took } = await importing(bytes);
        answered.push(took);
        statuses[status] = (statuses[status] ?? 0) + 1;
        if (took > SLOW) {
            slow.push({ what: `calendar ${number} (${bytes.length} bytes)`, began, took, bytes });
        }
    }
    going = false;
    await saving;
    const paused = await pauses();
    const shows = await fetch(`${base}/log/shows`);
    const ms = ({ median, p95 }, times) =>
        `median ${median.toFixed(0)} ms, 95 % within ${p95.toFixed(0)} ms, at most ${Math.max(...times).toFixed(0)} ms`;
    console.log(
        `${MANY} calendars: ${ms(spread(answered), answered)}; answers ${JSON.stringify(statuses)}; ${answered.filter((each) => each > 2000).length} took more than 2 s`,
    );
    for (const { what, began, took, bytes } of slow) {
        const meanwhile = paused.filter(({ from, to }) => to > began && from < began + took);
        const machine = meanwhile.map(({ kind, from, to }) => `${kind} of ${to - from} ms, ${from - began} ms after it began`);
        const again = bytes === undefined ? '' : `; alone afterwards ${(await importing(bytes)).took.toFixed(0)} ms`;
        console.log(`  ${what}: ${took.toFixed(0)} ms; the machine meanwhile: ${machine.join(', ') || 'nothing'}${again}`);
    }
    console.log(`saves alone: ${ms(spread(quiet), quiet)}`);
    console.log(`saves meanwhile: ${ms(spread(saved), saved)}, ${saved.length} of them`);
    console.log(`Shows afterwards: ${shows.status}`);
});
