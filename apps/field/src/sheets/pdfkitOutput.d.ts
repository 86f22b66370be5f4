/** What the package does not describe itself: its document as bytes. */
declare module 'pdfkit/output' {
  export function toBytes(document: PDFKit.PDFDocument): Promise<Uint8Array<ArrayBuffer>>;
}
