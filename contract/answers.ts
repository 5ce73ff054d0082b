/** What the server answers. */
import type { Site, SiteData, TableName } from '@stube/core/model/entities';

export interface History {
  /** What the next undo would take back, null when there is nothing. */
  undo: string | null;
  redo: string | null;
}

export interface Snapshot {
  data: SiteData;
  revision: number;
  history: History;
}

/** All rows a change has written or removed, so that a screen can follow without asking again. */
export interface ChangeAnswer {
  revision: number;
  what: string;
  rows: Partial<SiteData>;
  removed: Partial<Record<TableName, string[]>>;
  history: History;
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
  compartmentId: string | null;
}
