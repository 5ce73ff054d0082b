// @vitest-environment jsdom
import { expect, test } from 'vitest';
import { mount } from '@vue/test-utils';
import { vHeld } from './held.ts';

test('what is typed stays while an answer comes in; what nobody typed over is shown when the field is left', async () => {
  const page = mount(
    {
      props: { value: { type: Number, required: true } },
      directives: { held: vHeld },
      template: '<input v-held="value">',
    },
    { props: { value: 36 }, attachTo: document.body },
  );
  const field = page.get('input').element;
  expect(field.value).toBe('36');
  field.focus();
  field.value = '48';
  await page.setProps({ value: 40 });
  expect(field.value).toBe('48');
  field.blur();
  expect(field.value).toBe('48');
  await page.setProps({ value: 48 });
  field.focus();
  await page.setProps({ value: 60 });
  field.blur();
  expect(field.value).toBe('60');
});
