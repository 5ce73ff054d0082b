import { expect, test } from 'vitest';
import { lengthsIn, sendLength, simulatedLaser } from './device.ts';

test('lines of a device are lengths; what is none is passed over', async () => {
  const text = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    start(to) {
      for (const part of ['1.2', '15\r\nready\n', '345 mm\n', '0,5', '8\n', '-\n12']) to.enqueue(text.encode(part));
      to.close();
    },
  });
  const lengths: number[] = [];
  for await (const mm of lengthsIn(stream)) lengths.push(mm);
  expect(lengths).toEqual([1215, 345, 580]);
});

test('the simulated laser reaches whoever listens, until that ends', async () => {
  const told: number[] = [];
  const end = await simulatedLaser.connect((mm) => told.push(mm));
  sendLength(1211);
  await expect.poll(() => told).toEqual([1211]);
  end();
  sendLength(900);
  await new Promise((resolve) => setTimeout(resolve, 30));
  expect(told).toEqual([1211]);
});
