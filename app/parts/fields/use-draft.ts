import { useCallback, useEffect, useState } from 'react';
import { drafts } from '../../keeping/drafts.ts';

/** A text that is being typed and outlives the tab, under the name of its field. */
export function useDraft(field: string): [text: string, setText: (text: string) => void] {
  const [text, setText] = useState('');
  useEffect(() => {
    let gone = false;
    setText('');
    void drafts.read(field).then((kept) => {
      if (!gone && kept !== null) setText(kept);
    });
    return () => {
      gone = true;
    };
  }, [field]);
  const change = useCallback(
    (typed: string): void => {
      setText(typed);
      void drafts.keep(field, typed);
    },
    [field],
  );
  return [text, change];
}
