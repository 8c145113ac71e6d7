import { router } from '@inertiajs/react';
import { useReading } from '../reading/useReading';
import type { Command } from './commands';
import {
    benchLast,
    careIndex,
    copiesIndex,
    devicesIndex,
    drawerIndex,
    instrumentsCreate,
    instrumentsIndex,
    jobsCreate,
    jobsIndex,
    logLife,
    logSheet,
    logWeek,
    logYears,
    ordersIndex,
    ownersIndex,
    poolsIndex,
    samplesIndex,
    setsIndex,
    showsIndex,
    startCreate,
    stringsIndex,
    suppliersIndex,
    tuneDoor,
    wordsIndex,
    workshopHelp,
    workshopIndex,
    workshopWays,
} from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

const visit = (address: string) => () => router.visit(address);

/** What can be opened from everywhere; and by which other words people ask for it. */
const PLACES: [group: string, name: string, address: string, also: string][] = [
    ['New', 'New set, from what you have', startCreate, 'design begin create gauges convert baritone drop'],
    ['New', 'Add an instrument', instrumentsCreate, 'guitar bass new measure create'],
    ['New', 'Begin a job', jobsCreate, 'fit restring change strings put on work'],
    ['Go to', 'Bench', benchLast, 'design gauges tension calculator home'],
    ['Go to', 'Sets', setsIndex, 'designs list import document open'],
    [
        'Go to',
        'Sets that were put away',
        withAsked(setsIndex, { away: 1 }),
        'archive deleted trash bin removed bring back undelete',
    ],
    ['Go to', 'Instruments', instrumentsIndex, 'guitars basses neck scale measure photographs pickup bridge headstock'],
    [
        'Go to',
        'Instruments that were put away',
        withAsked(instrumentsIndex, { away: 1 }),
        'archive deleted trash bin removed bring back undelete',
    ],
    ['Go to', 'Strings', stringsIndex, 'catalogue price lists codes gauges'],
    ['Go to', 'Strings in the drawer', drawerIndex, 'stock inventory packets spare count lots'],
    ['Go to', 'Orders', ordersIndex, 'buy purchase shop basket cost price postage supplier delivery'],
    ['Go to', 'Pools', poolsIndex, 'gauges available choose from'],
    ['Go to', 'Suppliers’ lists', suppliersIndex, 'shop price import csv catalogue packaged sets'],
    ['Go to', 'Measured strings', samplesIndex, 'weigh scale calliper sample density caliper'],
    ['Go to', 'Jobs', jobsIndex, 'work bench promised open finished setup settle'],
    ['Go to', 'Tune or intonate an instrument', tuneDoor, 'tuner microphone pitch intonation saddle practise practice ear cents'],
    ['Go to', 'Log: what is due', logWeek, 'week reminder change calendar subscribe ics late'],
    ['Go to', 'Shows', showsIndex, 'gigs concerts calendar dates tour stage'],
    ['Go to', 'How long strings last', logLife, 'life hours wear worn survival break statistics'],
    ['Go to', 'Years', logYears, 'report tables csv export spreadsheet cost statistics'],
    [
        'Go to',
        'Workshop: its name and address, units, sound, dates, tuner',
        workshopIndex,
        'settings preferences options heading microphone language text pitch reference hear listen aloud',
    ],
    ['Go to', 'Ways of working', workshopWays, 'schools stretch turns order lock habits settings'],
    [
        'Go to',
        'Care, what an hour counts as, time zone',
        careIndex,
        'humidity clean wipe oil spring rules reminder climate sweat',
    ],
    ['Go to', 'Owners', ownersIndex, 'customers clients players people names'],
    [
        'Go to',
        'Devices: tablet, phone, the shop’s network',
        devicesIndex,
        'wifi password login user account share address certificate token api let in permission',
    ],
    [
        'Go to',
        'Copies of the workshop: backup, bring back, demo, space',
        copiesIndex,
        'export save data restore import move zip sample',
    ],
    ['Go to', 'Help', workshopHelp, 'manual how version about support keys'],
    ['Go to', 'Words explained', wordsIndex, 'glossary meaning dictionary terms'],
    ['Go to', 'Print what is due this week', logSheet, 'paper pdf sheet list'],
];

/** What is done with the set that was last on the Bench. */
const ON_THE_BENCH: [name: string, panel: string, also: string][] = [
    ['Share the last set: as text, a picture, a page, an address…', 'share', 'send export document html email pdf print'],
    ['Labels and a card for the packets of the last set…', 'labels', 'print label square qr sticker'],
    ['Choose gauges for the last set…', 'solve', 'solver find best aim'],
    ['Convert the last set to another tuning, scale or number of strings…', 'convert', 'retune baritone capo'],
    ['Versions of the last set…', 'versions', 'history undo earlier back'],
];

/** How one reads: each a press. */
function useReadingCommands(): Command[] {
    const { units, look, changeUnits, changeLook } = useReading();
    const group = 'How it is read';
    return [
        {
            group,
            name: 'Lengths in millimetres',
            also: 'units metric mm settings',
            disabled: units.length === 'mm',
            run: () => changeUnits({ length: 'mm' }),
        },
        {
            group,
            name: 'Lengths in inches',
            also: 'units imperial in settings',
            disabled: units.length === 'in',
            run: () => changeUnits({ length: 'in' }),
        },
        {
            group,
            name: 'Gauges in thousandths of an inch',
            also: 'units thou mil settings',
            disabled: units.gauge === 'thou',
            run: () => changeUnits({ gauge: 'thou' }),
        },
        {
            group,
            name: 'Gauges in millimetres',
            also: 'units metric mm settings',
            disabled: units.gauge === 'mm',
            run: () => changeUnits({ gauge: 'mm' }),
        },
        {
            group,
            name: 'Tension in newtons',
            also: 'units metric N force settings',
            disabled: units.tension === 'N',
            run: () => changeUnits({ tension: 'N' }),
        },
        {
            group,
            name: 'Tension in pounds',
            also: 'units imperial lbf lbs force settings',
            disabled: units.tension === 'lbf',
            run: () => changeUnits({ tension: 'lbf' }),
        },
        {
            group,
            name: 'Tension in kilograms',
            also: 'units metric kgf kg force settings',
            disabled: units.tension === 'kgf',
            run: () => changeUnits({ tension: 'kgf' }),
        },
        {
            group,
            name: 'Dark',
            also: 'look theme night colours black settings',
            disabled: look === 'dark',
            run: () => changeLook('dark'),
        },
        {
            group,
            name: 'Light',
            also: 'look theme day colours white bright settings',
            disabled: look === 'light',
            run: () => changeLook('light'),
        },
        {
            group,
            name: 'Light or dark as the system is',
            also: 'look theme auto colours settings',
            disabled: look === 'auto',
            run: () => changeLook('auto'),
        },
    ];
}

/** Gauges that are typed together, such as 10-46 or 10 13 17 26 36 46. */
const GAUGES_TYPED = /^\d[\d.,]*(?:[-–\s]+\d[\d.,]*w?)+$/;

/** What follows from what is typed, where no set is at hand. */
export function findEverywhere(typed: string): Promise<Command[]> {
    const line = typed.trim();
    return Promise.resolve(
        GAUGES_TYPED.test(line) && !onTheBench()
            ? [
                  {
                      group: 'As typed',
                      name: `Begin a set with ${line}`,
                      run: visit(withAsked(startCreate, { wish: line })),
                  },
              ]
            : [],
    );
}

const onTheBench = () => /^\/(bench\/\d|sets\/\d)/.test(window.location.pathname);

/** What can be done wherever one is. */
export function useEverywhere(): Command[] {
    const reading = useReadingCommands();
    return [
        ...PLACES.map(([group, name, address, also]) => ({
            group,
            name,
            also,
            // A paper is no page of Lira's own.
            run: address === logSheet ? () => void window.open(address, '_blank', 'noreferrer') : visit(address),
        })),
        ...(!onTheBench()
            ? ON_THE_BENCH.map(([name, panel, also]) => ({
                  group: 'The last set',
                  name,
                  also,
                  run: visit(withAsked(benchLast, { open: panel })),
              }))
            : []),
        ...reading,
    ];
}
