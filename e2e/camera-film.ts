import { writeFileSync } from 'node:fs';
import QRCode from 'qrcode';

const WIDTH = 640;
const HEIGHT = 480;
/** Pictures a second, and how many of them hold one code up. */
const RATE = 10;
const HELD_FOR = 6;
/** Blank modules around a code. */
const QUIET = 4;

const WHITE = 235;
const BLACK = 16;

/** One picture as a camera gives it: brightness by row, and no colour. */
function pictureOf(text: string): Buffer {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  const side = modules.size + 2 * QUIET;
  const scale = Math.floor(HEIGHT / side);
  const [left, top] = [Math.floor((WIDTH - side * scale) / 2), Math.floor((HEIGHT - side * scale) / 2)];
  const brightness = Buffer.alloc(WIDTH * HEIGHT, WHITE);
  for (let y = 0; y < side * scale; y++) {
    for (let x = 0; x < side * scale; x++) {
      const [row, column] = [Math.floor(y / scale) - QUIET, Math.floor(x / scale) - QUIET];
      const isOn = row >= 0 && column >= 0 && row < modules.size && column < modules.size && modules.get(row, column);
      if (isOn) brightness[(top + y) * WIDTH + left + x] = BLACK;
    }
  }
  return Buffer.concat([brightness, Buffer.alloc((WIDTH * HEIGHT) / 2, 128)]);
}

/** Writes a film in which codes are held before the camera one after another, as Chromium's simulated camera plays it. */
export function writeCameraFilm(path: string, codes: readonly string[]): void {
  const head = Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F${RATE}:1 Ip A1:1 C420\n`);
  const frame = Buffer.from('FRAME\n');
  const pictures = codes.flatMap((code) => {
    const picture = pictureOf(code);
    return Array.from({ length: HELD_FOR }, () => [frame, picture]).flat();
  });
  writeFileSync(path, Buffer.concat([head, ...pictures]));
}
