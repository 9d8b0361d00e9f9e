/** How far a hand may stray between pressing and letting go, in px, and still mean what it pressed. */
const STRAYS = 12;

const PRESSED = 'button, a[href], label, summary, [role=button], [role=menuitem], [role=option], [role=checkbox]';

/**
 * A press counts for what it was pressed on. Where something arrives above it meanwhile and moves it away, the browser
 * clicks on whatever lies under the hand by then, or on nothing: such a click is given to what was pressed, or to nobody
 * where that is gone. Answers how to end it.
 */
export function holdPresses(on: Window): () => void {
  let pressed: { what: Element; x: number; y: number } | null = null;
  const press = ({ target, clientX: x, clientY: y }: PointerEvent): void => {
    const what = target instanceof Element ? target.closest(PRESSED) : null;
    pressed = what && { what, x, y };
  };
  const click = (event: MouseEvent): void => {
    const before = pressed;
    pressed = null;
    // Keys and scripts click without pressing.
    if (before === null || !event.isTrusted || event.detail === 0) return;
    const isOn = event.target instanceof Node && before.what.contains(event.target);
    if (isOn || Math.hypot(event.clientX - before.x, event.clientY - before.y) > STRAYS) return;
    event.preventDefault();
    event.stopPropagation();
    if (before.what.isConnected && before.what instanceof HTMLElement) before.what.click();
  };
  on.addEventListener('pointerdown', press, true);
  on.addEventListener('click', click, true);
  return () => {
    on.removeEventListener('pointerdown', press, true);
    on.removeEventListener('click', click, true);
  };
}
