/** A document of pdfkit, and its bytes once it is drawn. */
import type PDFDocument from 'pdfkit';

export type Doc = InstanceType<typeof PDFDocument>;

export function finished(doc: Doc): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = [];
    doc
      .on('data', (part: Buffer) => parts.push(part))
      .on('end', () => resolve(Buffer.concat(parts)))
      .on('error', reject);
    doc.end();
  });
}
