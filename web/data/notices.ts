/** Short messages at the foot of the page, one at a time. */
import { defineStore } from 'pinia';
import { ref } from 'vue';

export interface Notice {
  text: string;
  tone: 'plain' | 'caution';
  action?: { label: string; run: () => void };
}

const SHOWN_MS = 7000;

export const useNotices = defineStore('notices', () => {
  const notice = ref<Notice | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const say = (text: string, action?: Notice['action'], tone: Notice['tone'] = 'plain') => {
    clearTimeout(timer);
    notice.value = { text, tone, action };
    timer = setTimeout(() => (notice.value = null), SHOWN_MS);
  };
  const warn = (text: string) => say(text, undefined, 'caution');
  const close = () => (notice.value = null);
  return { notice, say, warn, close };
});
