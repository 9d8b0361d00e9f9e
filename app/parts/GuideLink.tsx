import Link from '@mui/material/Link';

interface GuideLinkProps {
  /** The page, and a heading of it where one answers: `files`, `start#make-it-surer`. */
  page: string;
  words: string;
}

/** The guide’s answer, where the question arises. */
export function GuideLink({ page, words }: GuideLinkProps) {
  return (
    <Link href={`/guide/${page}`} sx={{ fontSize: 14, display: 'inline-flex', alignItems: 'center', minHeight: 32 }}>
      {words}
    </Link>
  );
}
