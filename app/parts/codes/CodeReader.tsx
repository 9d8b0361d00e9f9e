import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { useEffect, useEffectEvent, useRef, useState } from 'react';

/** What is asked of the camera, in px, and what of its middle is looked at where no detector of the browser's own is. */
const CAMERA_SIZE = { width: { ideal: 1280 }, height: { ideal: 960 } };
const LOOKED_AT = 720;
/** Ms between two looks at the camera's picture. */
const LOOKS_EVERY = 120;

/** What browsers with a detector of their own offer. */
interface Detector {
  detect(source: HTMLVideoElement): Promise<{ rawValue: string }[]>;
}
declare global {
  // Not in TypeScript's own library yet.
  var BarcodeDetector: (new (options: { formats: string[] }) => Detector) | undefined;
}

/** Looks for a code in a video, by the browser's own detector where there is one. */
async function readerOf(): Promise<(video: HTMLVideoElement) => Promise<string | null>> {
  if (globalThis.BarcodeDetector) {
    const detector = new globalThis.BarcodeDetector({ formats: ['qr_code'] });
    return async (video) => (await detector.detect(video))[0]?.rawValue ?? null;
  }
  const { default: jsQR } = await import('jsqr');
  const canvas = document.createElement('canvas');
  return (video) => {
    const { videoWidth: width, videoHeight: height } = video;
    if (width === 0) return Promise.resolve(null);
    const middle = Math.min(width, height);
    const side = Math.min(middle, LOOKED_AT);
    Object.assign(canvas, { width: side, height: side });
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return Promise.resolve(null);
    context.drawImage(video, (width - middle) / 2, (height - middle) / 2, middle, middle, 0, 0, side, side);
    return Promise.resolve(jsQR(context.getImageData(0, 0, side, side).data, side, side)?.data ?? null);
  };
}

/** Whether this device has a camera that a page may ask for. */
export const hasCamera = (): boolean => 'mediaDevices' in navigator;

/** The camera's picture, and every code that it sees. */
export function CodeReader({ onCode }: { onCode(code: string): void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const told = useEffectEvent(onCode);
  useEffect(() => {
    let isOver = false;
    let stream: MediaStream | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const begin = async (): Promise<void> => {
      const read = await readerOf();
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment', ...CAMERA_SIZE } });
      const { current } = video;
      if (isOver || !current) {
        stream.getTracks().forEach((track) => track.stop());
        return;
      }
      current.srcObject = stream;
      await current.play();
      const look = async (): Promise<void> => {
        const code = await read(current).catch(() => null);
        if (isOver) return;
        if (code !== null) told(code);
        timer = setTimeout(() => void look(), LOOKS_EVERY);
      };
      void look();
    };
    begin().catch((error: unknown) => {
      const why =
        error instanceof Error && error.name === 'NotAllowedError'
          ? 'permission refused'
          : 'none found, or another app is using it';
      if (!isOver) setFault(`Can’t use the camera: ${why}. Use a file, or type the tag.`);
    });
    return () => {
      isOver = true;
      clearTimeout(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  if (fault) return <Alert severity="warning">{fault}</Alert>;
  return (
    <Box
      component="video"
      ref={video}
      muted
      playsInline
      aria-label="Camera"
      sx={{ width: '100%', maxHeight: 380, background: '#000', borderRadius: '8px' }}
    />
  );
}
