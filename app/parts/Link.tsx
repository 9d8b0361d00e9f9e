import type { AnchorHTMLAttributes, MouseEvent } from 'react';
import { addressOf, goTo, type Route } from '../device/route.ts';

interface LinkProps extends AnchorHTMLAttributes<HTMLAnchorElement> {
  to: Partial<Route> & { stage: string };
}

/** A link to a stage: followed without a server, opened in a new tab like any other. */
export function Link({ to, onClick, children, ...rest }: LinkProps) {
  const follow = (event: MouseEvent<HTMLAnchorElement>): void => {
    onClick?.(event);
    if (event.defaultPrevented || event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
    event.preventDefault();
    goTo(to);
  };
  return (
    <a href={addressOf(to)} onClick={follow} {...rest}>
      {children}
    </a>
  );
}
