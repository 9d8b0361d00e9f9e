/** Pixels between press and release that still count as a press rather than a drag. */
const STRAYS = 12;

const PRESSED = 'button, a[href], label, summary, [role=button], [role=menuitem], [role=option], [role=checkbox]';

/**
 * Sends each click to the button that was pressed. Content that loads during a press can move the button away, and the
 * browser then clicks on the element under the pointer at release. If the pressed button is gone, the click is dropped.
 * Returns a function that removes the listeners.
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
