// @vitest-environment happy-dom
import { afterEach, expect, test } from 'vitest';
import cases from '../fixtures/dates.json';
import {
    dateWords,
    datesNamed,
    dayWords,
    momentWords,
    presentDates,
    rememberDates,
    timeWords,
} from '../../resources/js/units/times';

afterEach(() => rememberDates(datesNamed('')));

test.each(cases)('$at as “$style” is written as the server writes it', ({ style, at, date, day, time }) => {
    const dates = datesNamed(style);
    expect([dateWords(at, dates), dayWords(at, dates), timeWords(at, dates)]).toEqual([date, day, time]);
});

test('how dates are read is remembered for this person and used from then on', () => {
    expect(presentDates()).toEqual({ order: 'day', clock: '24h' });
    rememberDates({ order: 'month', clock: '12h' });
    expect(document.cookie).toContain('lira_dates=month+12h');
    expect(timeWords('2026-12-03T20:05:00')).toBe('Dec 3, 2026, 8:05 pm');
    expect(momentWords('2026-12-03T20:05:00', Date.parse('2026-12-03T09:00:00'))).toBe('8:05 pm');
    expect(momentWords('2026-12-03T20:05:00', Date.parse('2026-12-02T09:00:00'))).toBe('Thu Dec 3, 8:05 pm');
});
