// @vitest-environment jsdom
/** Fields and words that every screen uses. */
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { HUES } from '@stube/core/labels';
import { useSite } from '../data/site.ts';
import { formatDay, formatTime, today } from './day.ts';
import { useForm } from './form.ts';
import HueChoice from './HueChoice.vue';
import LengthField from './LengthField.vue';
import { limitInKilos } from './limit-said.ts';
import LimitFields from './LimitFields.vue';
import MoneyField from './MoneyField.vue';
import type { LengthSystem } from '@stube/core/model';
import { floorSize, inWeeks, kilos, litres, minutes, percent, signedSeconds } from './numbers.ts';

const openSite = (system: LengthSystem) =>
  Object.assign(useSite().data, { site: [{ id: 's', version: 1, name: 'House', system }] });
beforeEach(() => {
  setActivePinia(createPinia());
  openSite('metric');
});
afterEach(() => vi.useRealTimers());

describe('a length', () => {
  const field = (modelValue = 345, more: object = {}) =>
    mount(LengthField, { props: { modelValue, label: 'Width', ...more }, attachTo: document.body });
  const input = (wrapper: ReturnType<typeof field>) => wrapper.get('input');

  test.each([
    ['34.5 cm', 345],
    ['1,2 m', 1200],
    ['13 5/8"', 346],
    ['50', 500],
    ['1500', 1500],
  ])('%j is read as %d mm while it is typed, and written back tidily', async (typed, mm) => {
    const wrapper = field();
    await input(wrapper).trigger('focus');
    await input(wrapper).setValue(typed);
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([mm]);
    await input(wrapper).trigger('blur');
    expect((input(wrapper).element as HTMLInputElement).value).toBe(String(mm / 10));
    expect(wrapper.emitted('commit')!.at(-1)).toEqual([mm]);
  });
  test('shows the reading only where it was typed in another unit', async () => {
    const wrapper = field();
    await input(wrapper).trigger('focus');
    await input(wrapper).setValue('12"');
    expect(wrapper.get('.reading').text()).toContain('30.5 cm');
    await input(wrapper).setValue('30.5');
    expect(wrapper.find('.reading').exists()).toBe(false);
  });
  test('what is no length is said at the field, and nothing is sent', async () => {
    const wrapper = field();
    await input(wrapper).setValue('about so wide');
    expect(wrapper.get('.wrong').text()).toContain('Not a length');
    expect(input(wrapper).attributes('aria-invalid')).toBe('true');
    expect(input(wrapper).attributes('aria-describedby')).toBe(wrapper.get('.wrong').attributes('id'));
    await input(wrapper).trigger('blur');
    expect(wrapper.emitted('update:modelValue')).toBeUndefined();
    expect(wrapper.emitted('commit')).toBeUndefined();
  });
  test('follows its value unless somebody is typing', async () => {
    const wrapper = field();
    await wrapper.setProps({ modelValue: 600 });
    expect((input(wrapper).element as HTMLInputElement).value).toBe('60');
    await input(wrapper).trigger('focus');
    await wrapper.setProps({ modelValue: 700 });
    expect((input(wrapper).element as HTMLInputElement).value).toBe('60');
  });
  test('a limit is told in the unit of the site, whatever the server counts in', async () => {
    const wrapper = field();
    await wrapper.setProps({ problem: 'must be at most 6000' });
    expect(wrapper.get('.wrong').text()).toBe('must be at most 600 cm');
    await wrapper.setProps({ problem: 'must not be larger than outside' });
    expect(wrapper.get('.wrong').text()).toBe('must not be larger than outside');
    const price = mount(MoneyField, { props: { modelValue: 0, label: 'Price', problem: 'must be at least 50' } });
    expect(price.get('.wrong').text()).toMatch(/^must be at least .*0[.,]50/);
    expect(limitInKilos('must be at most 500000')).toBe('must be at most 500 kg');
  });
  test('in millimetres where that is chosen', async () => {
    openSite('millimetre');
    const wrapper = field(345);
    expect((input(wrapper).element as HTMLInputElement).value).toBe('345');
    await input(wrapper).trigger('focus');
    await input(wrapper).setValue('50');
    expect(wrapper.emitted('update:modelValue')!.at(-1)).toEqual([50]);
  });
  test('in feet and inches where the house is measured so', () => {
    openSite('imperial');
    expect((input(field(305)).element as HTMLInputElement).value).toContain('"');
  });
});

test('what is sent twice while it is under way is made once, and again when it is done', async () => {
  const { once, busy } = useForm();
  let made = 0;
  let letGo = () => {};
  const work = () => new Promise<void>((resolve) => ((made += 1), (letGo = resolve)));
  const first = once(work);
  expect([await once(work), busy.value, made]).toEqual([false, true, 1]);
  letGo();
  expect(await first).toBe(true);
  void once(work);
  expect(made).toBe(2);
});

test('a limit asks for its number only once a container is chosen', async () => {
  Object.assign(useSite().data, { containerType: [{ id: 't', name: 'Tin' }] });
  const wrapper = mount(LimitFields, { props: { modelValue: null, yearly: true } });
  expect(wrapper.find('input').exists()).toBe(false);
  await wrapper.get('select').setValue('t');
  const limit = { containerTypeId: 't', count: 1, perYear: false };
  expect(wrapper.emitted('update:modelValue')).toEqual([[limit]]);
  await wrapper.setProps({ modelValue: limit, problem: 'at least one' });
  await wrapper.get('input[type=checkbox]').setValue(true);
  expect(wrapper.emitted('update:modelValue')![1]).toEqual([{ ...limit, perYear: true }]);
  expect(wrapper.get('input').attributes('aria-invalid')).toBe('true');
  expect(wrapper.get('.wrong').text()).toBe('at least one');
});

test('every hue has its word beside its colour', async () => {
  const wrapper = mount(HueChoice, { props: { modelValue: 'slate', label: 'Hue' } });
  const labels = wrapper.findAll('label');
  expect(labels.map((dOMWrapper) => dOMWrapper.text())).toEqual(Object.keys(HUES));
  expect(
    wrapper.findAll('input').filter((dOMWrapper) => (dOMWrapper.element as HTMLInputElement).checked),
  ).toHaveLength(1);
  await labels[0]!.get('input').trigger('change');
  expect(wrapper.emitted('update:modelValue')).toEqual([[Object.keys(HUES)[0]]]);
});

describe('days', () => {
  beforeEach(() => vi.useFakeTimers({ now: new Date('2026-11-25T12:00:00') }));
  test('are told as people speak of them', () => {
    expect(today()).toBe('2026-11-25');
    expect(formatDay('2026-11-25')).toBe('today');
    expect(formatDay('2026-11-26')).toBe('tomorrow');
    expect(formatDay('2026-11-24')).toBe('yesterday');
    expect(formatDay('2026-11-20')).toBe('5 days ago');
    expect(formatDay('2026-12-12')).toBe('12 Dec');
    expect(formatDay('2027-01-03')).toBe('3 Jan 2027');
    expect(formatDay('2026-01-03')).toBe('3 Jan');
  });
});

test.each([
  [litres(3.25), '3.3 l'],
  [litres(14.6), '15 l'],
  [percent(0.876), '88 %'],
  [kilos(2350), '2.4 kg'],
  [minutes(90), '1.5 min'],
  [minutes(1230), '21 min'],
  [signedSeconds(-45), '−45 s'],
  [signedSeconds(120), '+2.0 min'],
  [inWeeks(1), 'in a week'],
  [inWeeks(12), 'in 12 weeks'],
  [inWeeks(46), 'in 11 months'],
  [formatTime(45), '45 s'],
  [formatTime(720), '12 min'],
  [formatTime(4800), '80 min'],
  [formatTime(6000), '1 h 40 min'],
  [floorSize(5000, 4250), '5 × 4.3 m'],
])('%s', (told, words) => expect(told).toBe(words));
