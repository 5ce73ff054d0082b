/** A word that is said instead of typed, where the browser hears it. */
import { onUnmounted, ref } from 'vue';

interface Recognition {
  lang: string;
  interimResults: boolean;
  maxAlternatives: number;
  start(): void;
  abort(): void;
  onresult: ((event: { results: { 0: { transcript: string } }[] }) => void) | null;
  onend: (() => void) | null;
  onerror: (() => void) | null;
}
type Made = new () => Recognition;

/** @param heard the words, without the full stop that some write behind them */
export function useSpoken(heard: (words: string) => void) {
  const known = window as unknown as { SpeechRecognition?: Made; webkitSpeechRecognition?: Made };
  const Kind = known.SpeechRecognition ?? known.webkitSpeechRecognition;
  const listening = ref(false);
  let recognition: Recognition | null = null;
  function listen(): void {
    if (!Kind || listening.value) return;
    recognition = new Kind();
    recognition.lang = navigator.language;
    recognition.interimResults = false;
    recognition.maxAlternatives = 1;
    recognition.onresult = ({ results }) => heard(results[0]![0].transcript.replace(/[.!?]+$/, '').trim());
    recognition.onend = recognition.onerror = () => (listening.value = false);
    listening.value = true;
    recognition.start();
  }
  onUnmounted(() => recognition?.abort());
  return { canListen: !!Kind, listening, listen };
}
