import { useCallback, useEffect, useState } from 'react';
import { database } from '../store/database.ts';

/** A text that is being typed and outlives the tab, under the name of its field. */
export function useDraft(field: string): [text: string, setText: (text: string) => void] {
  const [text, setText] = useState('');
  useEffect(() => {
    let gone = false;
    setText('');
    void database.drafts.get(field).then((kept) => {
      if (!gone && kept) setText(kept.text);
    });
    return () => {
      gone = true;
    };
  }, [field]);
  const change = useCallback(
    (typed: string): void => {
      setText(typed);
      void (typed === '' ? database.drafts.delete(field) : database.drafts.put({ field, text: typed }));
    },
    [field],
  );
  return [text, change];
}
