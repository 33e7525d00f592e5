import { createRequire } from 'node:module';
import path from 'node:path';
import pdfmake from 'pdfmake';

const fonts = path.join(
  path.dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')),
  'fonts',
  'Roboto',
);
pdfmake.setFonts({
  Roboto: {
    normal: path.join(fonts, 'Roboto-Regular.ttf'),
    bold: path.join(fonts, 'Roboto-Medium.ttf'),
    italics: path.join(fonts, 'Roboto-Italic.ttf'),
    bolditalics: path.join(fonts, 'Roboto-MediumItalic.ttf'),
  },
});
// The document is ours alone: nothing is fetched, and only the fonts are read from disk.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((file: string) => file.startsWith(fonts));
