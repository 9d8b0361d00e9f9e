/** Hertz and ms of the two strokes of the bell. */
const STROKES = [
  { pitch: 880, at: 0 },
  { pitch: 1175, at: 0.22 },
] as const;
const RINGS_FOR = 0.45;

let context: AudioContext | null = null;

/** A short bell. Browsers let it sound once the painter has touched the page; before that it stays silent. */
export function ring(): void {
  try {
    context ??= new AudioContext();
    void context.resume();
    for (const { pitch, at } of STROKES) {
      const [tone, loudness] = [context.createOscillator(), context.createGain()];
      const from = context.currentTime + at;
      tone.frequency.value = pitch;
      loudness.gain.setValueAtTime(0.0001, from);
      loudness.gain.exponentialRampToValueAtTime(0.4, from + 0.02);
      loudness.gain.exponentialRampToValueAtTime(0.0001, from + RINGS_FOR);
      tone.connect(loudness).connect(context.destination);
      tone.start(from);
      tone.stop(from + RINGS_FOR);
    }
  } catch {
    // A device without sound still shows the reminder.
  }
}
