/**
 * What sends lengths to the field in hand: the simulated laser of the application's own, or a device on a serial line
 * (also over a wireless one) that writes a length a line. Both are asked the same way.
 */
import { parseLength } from '@stube/core/notation';

export interface MeasuringDevice {
  name: string;
  /**
   * @param told each length, mm
   * @returns ends it
   * @throws when the person or the browser refuses it
   */
  connect(told: (mm: number) => void): Promise<() => void>;
}

const CHANNEL = 'stube-measuring';

/** The page at `/laser`, in another window of this browser. */
export const simulatedLaser: MeasuringDevice = {
  name: 'the simulated laser',
  async connect(told) {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (Number.isInteger(data) && (data as number) > 0) told(data as number);
    };
    return () => channel.close();
  },
};

export function sendLength(mm: number): void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(mm);
  channel.close();
}

interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readable: ReadableStream<Uint8Array>;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}
const BAUD = 9600;

/** Each line that reads as a length, in mm. A number without a unit is metres, as such devices write it. */
export async function* lengthsIn(stream: ReadableStream<Uint8Array>): AsyncGenerator<number> {
  let rest = '';
  const decoder = new TextDecoder();
  const reader = stream.getReader();
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return;
    const lines = (rest + decoder.decode(value, { stream: true })).split(/\r?\n/);
    rest = lines.pop()!;
    for (const line of lines) {
      const text = line.trim();
      const mm = parseLength(/^\d+(?:[.,]\d+)?$/.test(text) ? `${text} m` : text, 'millimetre');
      if (mm !== null && mm > 0) yield mm;
    }
  }
}

/** Absent where the browser has no serial lines. */
export function serialDevice(): MeasuringDevice | null {
  const serial = (navigator as unknown as { serial?: Serial }).serial;
  if (!serial) return null;
  return {
    name: 'a measuring device',
    async connect(told) {
      const port = await serial.requestPort();
      await port.open({ baudRate: BAUD });
      void (async () => {
        for await (const mm of lengthsIn(port.readable)) told(mm);
      })().catch(() => {});
      return () => void port.close().catch(() => {});
    },
  };
}
