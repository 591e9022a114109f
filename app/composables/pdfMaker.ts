/** The maker of PDF files is large, and fetched (from this server) only when asked for. */
export async function pdfMaker() {
  const [{ default: pdf }, { default: times }] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/standard-fonts/Times'),
  ]);
  pdf.addFontContainer(times);
  return (content: object): Promise<Blob> =>
    (
      pdf.createPdf({ defaultStyle: { font: 'Times', fontSize: 10 }, ...content } as never) as unknown as {
        getBlob(): Promise<Blob>;
      }
    ).getBlob();
}
