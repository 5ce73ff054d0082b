declare module 'svg-to-pdfkit' {
  export default function svgToPdf(
    doc: unknown,
    svg: string,
    x: number,
    y: number,
    options?: { width?: number; height?: number; assumePt?: boolean },
  ): void;
}
