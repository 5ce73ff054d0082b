/** What the server answers. */
import type { Site, SiteData, TableName } from '@stube/core/model';

export interface History {
  /** What the next undo of this person would take back, null when there is nothing. */
  undo: string | null;
  redo: string | null;
}

export interface Snapshot {
  data: SiteData;
  revision: number;
  history: History;
}

/** Rows written and ids of rows removed, by table. */
export interface SiteChanges {
  revision: number;
  rows: Partial<SiteData>;
  removed: Partial<Record<TableName, string[]>>;
  history: History;
}

/** All rows a change has written or removed, so that a screen can follow without asking again. */
export interface ChangeAnswer extends SiteChanges {
  what: string;
  /** The row that was asked for, where there is one. */
  id?: string;
}

export interface SiteSummary extends Site {
  rooms: number;
  bins: number;
  removed: boolean;
}

export interface BinEvent {
  at: string;
  what: string;
  undone: boolean;
  /** The device that asks did it. */
  mine: boolean;
  /** The place it was given by that; null where it stayed where it was. */
  compartmentId: string | null;
}

/** How much is remembered of what was done on a site. */
export interface HistorySize {
  changes: number;
  /** About. */
  bytes: number;
  /** Of the oldest change, ISO date and time. */
  oldest: string | null;
}
