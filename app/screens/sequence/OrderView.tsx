import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useRef, useState } from 'react';
import { strokesOn } from '../../../core/job/queries/faces.ts';
import { orderWords } from '../../../core/sequence/order-words.ts';
import type { StrokeSetting } from '../../../core/sequence/simulated-pass.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { OrderList, type ListHandle } from './OrderList.tsx';
import { OrderSearch } from './OrderSearch.tsx';
import { PassDrawing, type DrawingHandle, type Shown } from '../../parts/pass/PassDrawing.tsx';
import { useAirWords } from './PassPicker.tsx';
import { Player, type PlayerHandle } from '../../parts/pass/Player.tsx';
import { SettingFields } from './SettingFields.tsx';
import { choiceOf } from './choice-of.ts';
import type { StrokesView } from './use-strokes.ts';
import { Verdict } from './Verdict.tsx';
import { WaysOut } from './WetEdgeFixes.tsx';
import { WetKey } from '../../parts/pass/WetKey.tsx';

/** How high a drawing may be, in px. */
const HEIGHT = 450;

/** The order of a pass, played: what comes after what, which lap is too old, and what to do about it. */
export function OrderView({ view }: { view: StrokesView }) {
  const { result, setting, change, piece, pass } = view;
  const drawing = useRef<DrawingHandle>(null);
  const list = useRef<ListHandle>(null);
  const player = useRef<PlayerHandle>(null);
  const [shown, setShown] = useState<Shown>({ numbers: true, arrows: true, drips: false });
  const air = useAirWords(view);
  const toggles = (Object.keys(shown) as (keyof Shown)[]).filter((key) => shown[key]);
  const differs = setting.order === null ? null : orderWords(view.bySchool, result);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr)',
          md: '214px minmax(0, 1fr) 360px',
          xl: '270px minmax(0, 1fr) 420px',
        },
        gridTemplateAreas: {
          xs: '"drawing" "side" "setting"',
          md: '"setting drawing side"',
        },
        alignItems: 'start',
      }}
    >
      <Box sx={{ gridArea: 'setting' }}>
        <Section title="Options">
          <SettingFields view={view} />
        </Section>
      </Box>
      <Box sx={{ gridArea: 'drawing', display: 'grid', gap: 1.5, minWidth: 0 }}>
        <Player
          key={`${piece.id}/${pass.id}`}
          ref={player}
          result={result}
          onTime={(time) => {
            drawing.current?.show(time);
            list.current?.show(time);
          }}
        />
        <PassDrawing
          ref={drawing}
          piece={piece}
          result={result}
          height={HEIGHT}
          shown={shown}
          words={`${piece.mark}, ${result.strokes.length} strokes, numbered in order`}
        />
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center', justifyContent: 'space-between' }}>
          <WetKey />
          <ToggleButtonGroup
            size="small"
            value={toggles}
            aria-label="Show"
            onChange={(_event, on: (keyof Shown)[]) =>
              setShown({ numbers: on.includes('numbers'), arrows: on.includes('arrows'), drips: on.includes('drips') })
            }
          >
            <ToggleButton value="numbers">Numbers</ToggleButton>
            <ToggleButton value="arrows">Laying off</ToggleButton>
            <ToggleButton value="drips">Drips</ToggleButton>
          </ToggleButtonGroup>
        </Box>
      </Box>
      <Box sx={{ gridArea: 'side', display: 'grid', gap: 2.5, minWidth: 0 }}>
        <Sheet>
          <Verdict view={view} air={air} />
          <ChosenBar view={view} />
        </Sheet>
        <Section title="Fixes">
          <WaysOut view={view} onTry={(tried: Partial<StrokeSetting>) => change(tried)} />
        </Section>
        <Section title="Order">
          {differs && (
            <Box sx={{ fontSize: 15, mb: 1.5, display: 'grid', gap: 0.5 }}>
              {differs.map((sentence) => (
                <Box key={sentence}>{sentence}</Box>
              ))}
              <Button size="small" onClick={() => change({ order: null })} sx={{ justifySelf: 'start' }}>
                Reset order
              </Button>
            </Box>
          )}
          <OrderSearch view={view} />
          <OrderList
            ref={list}
            view={view}
            onGoTo={(time) => player.current?.goTo(time)}
            onOrder={(order) => change({ order })}
          />
        </Section>
      </Box>
    </Box>
  );
}

/** Whether what is tried is what the plan counts with, and how it gets there. */
function ChosenBar({ view }: { view: StrokesView }) {
  const job = useJob();
  const { apply } = useCommands();
  const { piece, pass, isChosen, reset } = view;
  const choice = strokesOn(job, piece, pass.coating.id);
  const alike = job.pieces.filter(({ groupId, kind }) => groupId === piece.groupId && kind === piece.kind).length;
  if (pass.stepId === null) {
    return (
      <Box sx={{ mt: 1.5, fontSize: 14, color: 'var(--ink-soft)' }}>Choose a build-up to use this in the plan.</Box>
    );
  }
  return (
    <Box sx={{ mt: 1.5, display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
      {isChosen ? (
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', flex: '1 1 200px' }}>
          {choice
            ? `Used in Plan and Today, on ${alike === 1 ? 'this piece' : `all ${alike} alike`}.`
            : 'Default – used in Plan and Today'}
        </Box>
      ) : (
        <>
          <Button variant="contained" onClick={() => apply('choose-strokes', choiceOf(view))}>
            Use in plan
          </Button>
          <Button onClick={reset}>Cancel</Button>
        </>
      )}
      {isChosen && choice && (
        <Button
          size="small"
          onClick={() => {
            reset();
            apply('forget-strokes', { groupId: piece.groupId, kind: piece.kind, product: pass.coating.id });
          }}
        >
          Use default
        </Button>
      )}
    </Box>
  );
}
