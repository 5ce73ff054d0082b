// @vitest-environment jsdom
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, expect, test, vi } from 'vitest';
import SpokenPress from './SpokenPress.vue';

class Hearing {
  static says = 'available';
  static made: Hearing[] = [];
  static available = vi.fn(async () => Hearing.says);
  processLocally = false;
  onresult: ((event: unknown) => void) | null = null;
  start = vi.fn();
  abort = vi.fn();
  constructor() {
    Hearing.made.push(this);
  }
}
afterEach(() => {
  vi.unstubAllGlobals();
  Hearing.says = 'available';
});
const shown = async () => {
  const press = mount(SpokenPress);
  await flushPromises();
  return press;
};

test('what is said is understood on the device, without the full stop', async () => {
  vi.stubGlobal('SpeechRecognition', Hearing);
  const press = await shown();
  await press.get('button').trigger('click');
  const [hearing] = Hearing.made;
  expect(hearing!.processLocally).toBe(true);
  hearing!.onresult!({ results: [[{ confidence: 0.9, words: ' teddy bear. ' }]] });
  expect(press.emitted('heard')).toEqual([['teddy bear']]);
});
test('a browser that would have to ask its maker is not listened with', async () => {
  expect((await shown()).find('button').exists()).toBe(false);
  vi.stubGlobal('SpeechRecognition', class {});
  expect((await shown()).find('button').exists()).toBe(false);
  Hearing.says = 'downloadable';
  vi.stubGlobal('SpeechRecognition', Hearing);
  expect((await shown()).find('button').exists()).toBe(false);
});
