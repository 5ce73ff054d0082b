// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useNudge } from './nudge.ts';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

const setUp = () => {
  const written: [string, { x: number; y: number }][] = [];
  let tools!: ReturnType<typeof useNudge>;
  const wrapper = mount({
    setup() {
      tools = useNudge(async (id, to) => void written.push([id, to]));
      return () => null;
    },
  });
  return { written, wrapper, ...tools };
};

test('many steps are one write, shown on the way', async () => {
  const { written, moving, nudge } = setUp();
  for (let x = 1; x <= 20; x++) nudge('shelf', { x, y: 0 });
  expect(moving.get('shelf')).toEqual({ x: 20, y: 0 });
  expect(written).toEqual([]);
  await vi.advanceTimersByTimeAsync(400);
  expect(written).toEqual([['shelf', { x: 20, y: 0 }]]);
  expect(moving.size).toBe(0);
});
test('leaving the page writes what is still on its way', async () => {
  const { written, wrapper, nudge } = setUp();
  nudge('shelf', { x: 5, y: 0 });
  wrapper.unmount();
  await vi.advanceTimersByTimeAsync(0);
  expect(written).toEqual([['shelf', { x: 5, y: 0 }]]);
});
