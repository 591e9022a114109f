declare module 'pdfmake/build/standard-fonts/Times' {
  import type { TFontContainer } from 'pdfmake/interfaces';
  const fonts: TFontContainer;
  export default fonts;
}
