import { toString as drawQr } from 'qrcode';

/** An address as a picture to be read by a phone: SVG in black and white, of middle error correction, with the quiet edge that readers want. @source ISO/IEC 18004: four modules of edge */
export const qrOf = (address: string): Promise<string> =>
  drawQr(address, { type: 'svg', errorCorrectionLevel: 'M', margin: 4 });
