import { useMemo, useState } from 'react';
import { useDraft } from '../../parts/fields/use-draft.ts';
import { beginList, keptList, type BegunList } from './draft-list.ts';

interface BegunListState {
  list: BegunList | null;
  setList(list: BegunList | null): void;
  /** A text that was pasted and is no list: the dialog says so, and has it to be mended. */
  unread: string;
  begin(text: string): void;
}

/** The list that is being taken in, which outlives the dialog and the tab. */
export function useBegunList(jobId: string): BegunListState {
  const [text, setText] = useDraft(`${jobId}/list`);
  // What was kept counts once, when it is opened; from there on rows that are not typed into stay the same.
  const [current, setCurrent] = useState<BegunList | null>(null);
  const list = useMemo(() => current ?? keptList(text), [current, text]);
  const [unread, setUnread] = useState('');
  const setList = (next: BegunList | null): void => {
    setCurrent(next);
    setText(next === null ? '' : JSON.stringify(next));
  };
  return {
    list,
    setList,
    unread,
    begin: (pasted) => {
      const begun = beginList(pasted);
      setUnread(begun.ok ? '' : pasted);
      if (begun.ok) setList(begun.value);
    },
  };
}
