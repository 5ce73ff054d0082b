/**
 * What reads the square of a label: the camera, by the browser's own detector or by jsQR where it has none, or the simulated
 * scanner in another window. Each tells the text of the square.
 */
import jsQR from 'jsqr';

const CHANNEL = 'stube-scanner';

/** A code of a bin out of what a square or a person says: the address of the bin's page, or the code itself. */
export function codeIn(text: string): string | null {
  const code = /(?:\/b\/|^)([A-Za-z]{1,2}\d{1,5})$/.exec(text.trim())?.[1];
  return code ? code.toUpperCase() : null;
}

/** The page at `/scanner`, in another window of this browser. @returns ends it */
export function listenToSimulated(told: (text: string) => void): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    if (typeof data === 'string') told(data);
  };
  return () => channel.close();
}
export function sendScan(text: string): void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(text);
  channel.close();
}

interface Detector {
  detect(source: CanvasImageSource): Promise<{ rawValue: string }[]>;
}
type DetectorKind = new (options: { formats: string[] }) => Detector;

/** So often a second the picture is looked at. */
const LOOKS_A_SECOND = 6;

/**
 * Looks through the camera.
 * @param video shows what it sees
 * @returns ends it
 * @throws where there is no camera, or it is not allowed
 */
export async function lookThrough(video: HTMLVideoElement, told: (text: string) => void): Promise<() => void> {
  if (!navigator.mediaDevices) throw new Error('The camera is reached over https or on this very machine only.');
  const stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
  video.srcObject = stream;
  await video.play();
  const Kind = (window as unknown as { BarcodeDetector?: DetectorKind }).BarcodeDetector;
  const detector = Kind ? new Kind({ formats: ['qr_code'] }) : null;
  const canvas = document.createElement('canvas');
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  let ended = false;
  async function look(): Promise<void> {
    if (ended) return;
    if (video.videoWidth) {
      if (detector) {
        const [found] = await detector.detect(video).catch(() => []);
        if (found && !ended) told(found.rawValue);
      } else {
        canvas.width = video.videoWidth;
        canvas.height = video.videoHeight;
        context.drawImage(video, 0, 0);
        const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
        const found = jsQR(data, width, height);
        if (found && !ended) told(found.data);
      }
    }
    setTimeout(() => void look(), 1000 / LOOKS_A_SECOND);
  }
  void look();
  return () => {
    ended = true;
    for (const track of stream.getTracks()) track.stop();
  };
}
