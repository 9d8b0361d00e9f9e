import { tinSizeInWords } from '../../../../core/shelf/tin-sizes.ts';
import Box from '@mui/material/Box';
import { marksInWords } from '../../../../core/job/marks.ts';
import type { Box as BoxOfPaint } from '../../../../core/quantities/boxing.ts';
import { VOLUME } from '../../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';

/** Which tins go together before which coat, and between which pieces one changes to the next. */
export function BoxingList({
  boxes,
  isColoured,
  fill,
}: {
  boxes: readonly BoxOfPaint[];
  isColoured: boolean;
  fill: string;
}) {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  return (
    <Box component="ol" aria-label="Boxing order" sx={{ display: 'grid', gap: 1 }}>
      {boxes.map((box, index) => (
        <Box component="li" key={index} sx={{ display: 'grid', gridTemplateColumns: '46px minmax(0, 1fr)', gap: 1.5 }}>
          <Bucket share={box.litres / Math.max(box.litres, job.mixing.bucket)} fill={fill} />
          <Box sx={{ fontSize: 15 }}>
            <strong>
              {localise(
                isColoured && box.tins.length + (box.carried > 0 ? 1 : 0) > 1
                  ? `Mix ${box.carried > 0.005 ? `the last ${VOLUME.format(box.carried, units)} with ` : ''}${box.tins.map((tin) => tinSizeInWords(tin, units)).join(' + ')}: ${VOLUME.format(box.litres, units)}`
                  : `Open ${box.tins.map((tin) => tinSizeInWords(tin, units)).join(' + ')}${box.carried > 0.005 ? ` and pour in the last ${VOLUME.format(box.carried, units)}` : ''}`,
              )}
            </strong>
            {box.isOverfull && isColoured && (
              <Box component="span" sx={{ color: 'var(--tacky)' }}>
                {' '}
                Bucket holds {VOLUME.format(job.mixing.bucket, units)}. Use a larger one, or two and pour back and
                forth.
              </Box>
            )}
            <Box component="ul" sx={{ fontSize: 14 }}>
              {box.runs.map(({ groupName, number, marks }) => (
                <li key={`${groupName}/${number}`}>
                  {groupName}, coat {number}: {marksInWords(marks)}
                </li>
              ))}
            </Box>
            {index < boxes.length - 1 && (
              <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{localise('Change over between faces.')}</Box>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Bucket({ share, fill }: { share: number; fill: string }) {
  const level = 6 + 28 * (1 - Math.min(1, share));
  return (
    <svg width={46} height={44} viewBox="0 0 46 44" aria-hidden>
      <path d={`M${5 + (level - 6) / 9} ${level}H${41 - (level - 6) / 9}L37.5 36H8.5Z`} fill={fill} />
      <path d="M5 5L9 37H37L41 5" fill="none" stroke="var(--ink)" strokeWidth={2} />
      <path d="M5 6Q23 -6 41 6" fill="none" stroke="var(--ink)" strokeWidth={1.25} />
    </svg>
  );
}
