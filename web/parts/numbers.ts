/** Numbers as people read them. */
import { formatLength } from '@stube/core/measuring/length';
import type { LengthSystem } from '@stube/core/model/site';

export const litres = (value: number): string => `${value >= 10 ? Math.round(value) : Number(value.toFixed(1))} l`;
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
export const money = (minor: number, currency: string): string =>
  new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(minor / 100);
/** Seconds a week as minutes, the way they are spoken of. */
export const minutes = (seconds: number): string =>
  Math.abs(seconds) >= 600 ? `${Math.round(seconds / 60)} min` : `${(seconds / 60).toFixed(1)} min`;
export const signedSeconds = (seconds: number): string =>
  `${seconds < 0 ? '−' : '+'}${Math.abs(seconds) >= 90 ? `${(Math.abs(seconds) / 60).toFixed(1)} min` : `${Math.round(Math.abs(seconds))} s`}`;
export const kilos = (grams: number): string => `${(grams / 1000).toFixed(1)} kg`;
/** A floor in metres or feet. */
export const floorSize = (width: number, depth: number, system: LengthSystem = 'metric'): string =>
  system === 'metric'
    ? `${Number((width / 1000).toFixed(1))} × ${Number((depth / 1000).toFixed(1))} m`
    : `${formatLength(width, system)} × ${formatLength(depth, system)}`;
