import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { client, keys } from './data/client';
import { atShop, hearShopClock, shopNow } from './shopClock';
import { today } from './data/today';

const PHONE = new Date('2026-11-26T09:00:00.000Z');

beforeEach(() => {
  jest.useFakeTimers({ now: PHONE });
  client.setQueryData(keys.rules, { rules: { ...USUAL_RULES, timeZone: 'UTC' } });
});
afterEach(() => {
  hearShopClock(PHONE.toUTCString());
  jest.useRealTimers();
});

it('goes by the shop, whichever way a phone’s clock is wrong, and goes on from there', () => {
  for (const day of ['2026-11-25', '2026-11-27']) {
    hearShopClock(new Date(`${day}T09:00:00.000Z`).toUTCString());
    expect(today()).toBe(day);
    expect(atShop(PHONE.toISOString())).toBe(`${day}T09:00:00.000Z`);
    jest.setSystemTime(new Date('2026-11-26T10:30:00.000Z'));
    expect(shopNow().toISOString()).toBe(`${day}T10:30:00.000Z`);
    jest.setSystemTime(PHONE);
  }
});

it('leaves a clock alone that is right, and one of which no answer says the time', () => {
  hearShopClock('Thu, 26 Nov 2026 09:00:41 GMT');
  expect(shopNow()).toEqual(PHONE);
  expect(atShop(PHONE.toISOString())).toBe(PHONE.toISOString());
  hearShopClock('Fri, 27 Nov 2026 09:00:00 GMT');
  for (const silent of [null, 'soon']) hearShopClock(silent);
  expect(today()).toBe('2026-11-27');
});
