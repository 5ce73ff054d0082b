/**
 * A word that is said instead of typed, where the browser understands it on this device: elsewhere it would send what it
 * hears to its maker, and nothing leaves the house.
 */
import { onMounted, onUnmounted, ref } from 'vue';

interface Recognition {
  lang: string;
  interimResults: boolean;
  maxAlternatives: number;
  /** On this device, or not at all. */
  processLocally: boolean;
  start(): void;
  abort(): void;
  onresult: ((event: { results: { 0: object }[] }) => void) | null;
  onend: (() => void) | null;
  onerror: (() => void) | null;
}
interface Made {
  new (): Recognition;
  /** Newer browsers say what they can do by themselves. */
  available?(wanted: { langs: string[]; processLocally: boolean }): Promise<string>;
}

/** What was understood: the only text among what a browser tells of it, beside how sure it is. */
function textOf(told: object): string {
  for (const key in told) {
    const value: unknown = told[key as keyof object];
    if (typeof value === 'string') return value;
  }
  return '';
}

/** @param heard the words, without the full stop that some write behind them */
export function useSpoken(heard: (words: string) => void) {
  const known = window as unknown as { SpeechRecognition?: Made; webkitSpeechRecognition?: Made };
  const Kind = known.SpeechRecognition ?? known.webkitSpeechRecognition;
  const canListen = ref(false);
  const listening = ref(false);
  onMounted(async () => {
    const langs = [navigator.language];
    const said = await Kind?.available?.({ langs, processLocally: true }).catch(() => null);
    canListen.value = said === 'available';
  });
  let recognition: Recognition | null = null;
  function listen(): void {
    if (!Kind || !canListen.value || listening.value) return;
    recognition = new Kind();
    recognition.lang = navigator.language;
    recognition.processLocally = true;
    recognition.interimResults = false;
    recognition.maxAlternatives = 1;
    recognition.onresult = ({ results }) =>
      heard(
        textOf(results[0]![0])
          .trim()
          .replace(/[.!?]+$/, ''),
      );
    recognition.onend = recognition.onerror = () => (listening.value = false);
    listening.value = true;
    recognition.start();
  }
  onUnmounted(() => recognition?.abort());
  return { canListen, listening, listen };
}
