import { useMemo } from 'react';
import { useDraft } from '../../ui/use-draft.ts';
import { beginList, keptList, type BegunList } from './begun-list.ts';

interface BegunListState {
  list: BegunList | null;
  setList(list: BegunList | null): void;
  /** Begins with a text that was pasted; one that is no list stays for the dialog to say so. */
  begin(text: string): void;
}

/** The list that is being taken in, which outlives the dialog and the tab. */
export function useBegunList(jobId: string): BegunListState {
  const [text, setText] = useDraft(`${jobId}/list`);
  const list = useMemo(() => keptList(text), [text]);
  const setList = (next: BegunList | null): void => setText(next === null ? '' : JSON.stringify(next));
  return {
    list,
    setList,
    begin: (pasted) => {
      const begun = beginList(pasted);
      if (begun.ok) setList(begun.value);
    },
  };
}
