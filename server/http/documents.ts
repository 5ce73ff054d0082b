/** Documents as answers: what a browser shows, and what it stores. */
import type { Response } from 'express';

const SHOWN = { pdf: 'application/pdf', svg: 'image/svg+xml' } as const;
/** By it a spreadsheet knows that a table is UTF-8. */
const BYTE_ORDER_MARK = '\ufeff';

/** A name that is safe in a header and on a disk. */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .normalize('NFD')
      .replace(/\p{M}+/gu, '')
      .replace(/[^A-Za-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .toLowerCase() || 'site'
  }.${ending}`;

/** @param title by which it is stored, if somebody does */
export function sendShown(
  response: Response,
  title: string,
  ending: keyof typeof SHOWN,
  bytes: Uint8Array | string,
): void {
  response.type(SHOWN[ending]).setHeader('Content-Disposition', `inline; filename="${fileName(title, ending)}"`);
  response.send(Buffer.from(bytes as string));
}
export function sendTable(response: Response, title: string, csv: string): void {
  response.attachment(fileName(title, 'csv')).send(BYTE_ORDER_MARK + csv);
}
export function sendCalendar(response: Response, title: string, text: string): void {
  response.attachment(fileName(title, 'ics')).send(text);
}
