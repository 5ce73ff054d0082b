/**
 * Printers of tape: the simulated one of the application's own, asked in the way in which a real one would be. A job is a
 * picture of dots for each label; the printer says how many came out, and why it stopped.
 */
export interface PrintJob {
  id: string;
  /** Width of the tape it is for, mm. */
  tape: number;
  dpi: number;
  /** Each label as PNG (a data address), and how long it is, mm. */
  labels: { png: string; length: number }[];
  /** Tape before the first, mm. */
  leader: number;
}

export type Stopped = 'out of tape' | 'jam' | 'other tape' | 'not there';
export interface PrintReport {
  /** Labels that came out whole. */
  printed: number;
  stopped: Stopped | null;
}

export interface LabelPrinter {
  name: string;
  /**
   * @param progress told after each label
   * @returns what came out when it is done or has stopped
   */
  print(job: PrintJob, progress: (printed: number) => void): Promise<PrintReport>;
}

const CHANNEL = 'stube-printer';
export type ToPrinter = { job: PrintJob };
export type FromPrinter = { id: string; printed: number; stopped: Stopped | null; done: boolean };
/** A printer that has not answered by then is not there, ms. */
const ANSWERS = 3000;

/** The page at `/printer`, in another window of this browser. */
export const simulatedPrinter: LabelPrinter = {
  name: 'the simulated printer',
  print: (job, progress) =>
    new Promise((resolve) => {
      const channel = new BroadcastChannel(CHANNEL);
      let printed = 0;
      let timer = setTimeout(() => end('not there'), ANSWERS);
      function end(stopped: Stopped | null): void {
        clearTimeout(timer);
        channel.close();
        resolve({ printed, stopped });
      }
      channel.onmessage = ({ data }: MessageEvent<FromPrinter>) => {
        if (data?.id !== job.id) return;
        clearTimeout(timer);
        timer = setTimeout(() => end('not there'), ANSWERS);
        printed = data.printed;
        progress(printed);
        if (data.done || data.stopped) end(data.stopped);
      };
      channel.postMessage({ job } satisfies ToPrinter);
    }),
};

/** The other end: each job that comes is handed on, with how to answer it. */
export function listenForJobs(
  take: (job: PrintJob, answer: (report: Omit<FromPrinter, 'id'>) => void) => void,
): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<ToPrinter>) => {
    if (data?.job)
      take(data.job, (report) => channel.postMessage({ id: data.job.id, ...report } satisfies FromPrinter));
  };
  return () => channel.close();
}
