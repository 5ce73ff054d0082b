/** How each decision is shown: the same word, picture and order on every screen. */
import type { Component } from 'vue';
import { ArrowRightLeft, Check, Clock, Gift, HandHeart, Recycle, Tag, Trash2, Undo2 } from '@lucide/vue';
import type { Decision } from '@stube/core/model';

export const DECISION_PICTURES: Record<Decision, Component> = {
  keep: Check,
  'give away': Gift,
  'pass on': HandHeart,
  return: Undo2,
  sell: Tag,
  recycle: Recycle,
  bin: Trash2,
  'other room': ArrowRightLeft,
  'decide later': Clock,
};

/** Those that come with a day, and those with somebody or somewhere. */
export const HAS_DAY: readonly Decision[] = ['return', 'decide later'];
export const HAS_DESTINATION: readonly Decision[] = ['give away', 'pass on', 'return', 'sell', 'other room'];
