// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import FitPlan, { type PlanBox } from './FitPlan.vue';

const box = (code: string, more: Partial<PlanBox> = {}): PlanBox => ({
  id: code,
  code,
  name: `what is in ${code}`,
  hue: 'ink',
  x: 0,
  y: 0,
  z: 0,
  width: 100,
  depth: 80,
  ...more,
});
const plan = (boxes: PlanBox[], free: { x: number; y: number; width: number; depth: number }[] = []) =>
  mount(FitPlan, { props: { space: { name: 'drawer A1', width: 600, depth: 400 }, boxes, free } });

test('the front is at the foot: what stands at the front is drawn lowest', () => {
  const drawn = plan([box('A1', { x: 20 }), box('A2', { y: 320 })]).findAll('rect.box');
  expect(drawn.map((dOMWrapper) => [dOMWrapper.attributes('x'), dOMWrapper.attributes('y')])).toEqual([
    ['20', '320'],
    ['0', '0'],
  ]);
});

test('what stands on another is drawn over it, and the lower code moves to where it is seen', () => {
  const view = plan([box('TOP', { z: 50, width: 60, depth: 40 }), box('LOW')]);
  const codes = view.findAll('text.code');
  expect(codes.map((dOMWrapper) => dOMWrapper.text())).toEqual(['LOW', 'TOP']);
  const heightOf = (text?: { attributes: (name: string) => string | undefined }) =>
    Number(/translate\(\S+ (\S+)\)/.exec(text?.attributes('transform') ?? '')?.[1]);
  expect(heightOf(codes[0])).toBeLessThan(340);
  expect(heightOf(plan([box('LOW')]).find('text.code'))).toBe(360);
});

test('a space left over says its size along its longer side, as large as fits', () => {
  const sizes = plan(
    [],
    [
      { x: 0, y: 0, width: 300, depth: 60 },
      { x: 560, y: 0, width: 40, depth: 400 },
    ],
  ).findAll('text.size');
  const [wide, narrow] = [sizes[0]!, sizes[1]!];
  expect(wide.text()).toBe('30 × 6');
  expect(wide.attributes('transform')).toBeUndefined();
  expect(narrow.text()).toBe('4 × 40');
  expect(narrow.attributes('transform')).toBe('rotate(-90 580 200)');
  expect(Number(narrow.attributes('font-size'))).toBeGreaterThan(20);
});

test('a reader of the page hears what lies where, and that a drawer is empty', () => {
  expect(
    plan([box('A1')])
      .get('svg')
      .attributes('aria-label'),
  ).toBe('drawer A1 from above: A1 what is in A1');
  expect(plan([]).get('svg').attributes('aria-label')).toBe('drawer A1 from above: empty');
});
