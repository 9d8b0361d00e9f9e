import { SUBSTRATES } from '../../../core/pieces/substrate.ts';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { definitionOf, type PieceKind } from '../../../core/pieces/registry.ts';
import { EDGE_IDS, FACE_IDS, type EdgeId, type FaceId } from '../../../core/pieces/elevation.ts';
import type { StatedPiece } from '../../../core/job/document/piece-schema.ts';

type Stated = Pick<StatedPiece, 'surface' | 'scope' | 'exposure' | 'comesOff' | 'oneSideAtATime' | 'preservesRest'>;

interface ScopeFieldsProps {
  kind: PieceKind;
  stated: Stated;
  onChange(facts: Partial<Stated>): void;
}

const row = { display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' } as const;
const label = { fontSize: 14, color: 'var(--ink-soft)', width: 96 } as const;

/** Which faces and edges are painted, what each face looks out on, and whether the piece comes off. */
export function ScopeFields({ kind, stated, onChange }: ScopeFieldsProps) {
  const { faceNames, edgeNames, comesOff: usually } = definitionOf(kind);
  const { scope, exposure, comesOff } = stated;
  const faces = FACE_IDS.filter((id) => faceNames[id] !== undefined);
  const edges = EDGE_IDS.filter((id) => edgeNames[id] !== undefined);
  const isOutside = faces.some((face) => exposure[face] === 'outside');
  const staysBare = scope.faces.length + scope.edges.length < faces.length + edges.length;
  const mayPreserve = staysBare && isOutside && SUBSTRATES[stated.surface.substrate].isWood;
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Box sx={row}>
        <Typography sx={label}>Faces</Typography>
        <ToggleButtonGroup
          size="small"
          value={scope.faces}
          aria-label="Faces painted"
          onChange={(_event, chosen: FaceId[]) => onChange({ scope: { ...scope, faces: chosen } })}
        >
          {faces.map((id) => (
            <ToggleButton key={id} value={id}>
              {faceNames[id]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      {edges.length > 0 && (
        <Box sx={row}>
          <Typography sx={label}>Edges</Typography>
          <ToggleButtonGroup
            size="small"
            value={scope.edges}
            aria-label="Edges painted"
            onChange={(_event, chosen: EdgeId[]) => onChange({ scope: { ...scope, edges: chosen } })}
          >
            {edges.map((id) => (
              <ToggleButton key={id} value={id}>
                {edgeNames[id]?.replace(' edge', '')}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      )}
      {faces.map((face) => (
        <Box sx={row} key={face}>
          <Typography sx={label}>{faceNames[face]} is</Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={exposure[face]}
            aria-label={`${faceNames[face] ?? face} exposure`}
            onChange={(_event, value: 'inside' | 'outside' | null) =>
              value && onChange({ exposure: { ...exposure, [face]: value } })
            }
          >
            <ToggleButton value="inside">inside</ToggleButton>
            <ToggleButton value="outside">outside</ToggleButton>
          </ToggleButtonGroup>
        </Box>
      ))}
      {usually !== 'never' && (
        <Box sx={row}>
          <Typography sx={label}>Painted</Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={comesOff ? 'off' : 'in-place'}
            aria-label="Painted"
            onChange={(_event, value: string | null) => value && onChange({ comesOff: value === 'off' })}
          >
            <ToggleButton value="off">off, on the bench</ToggleButton>
            <ToggleButton value="in-place">in place</ToggleButton>
          </ToggleButtonGroup>
        </Box>
      )}
      {!comesOff && scope.faces.length > 1 && (
        <FormControlLabel
          label="One side at a time, all coats"
          control={
            <Checkbox
              checked={stated.oneSideAtATime}
              onChange={(event) => onChange({ oneSideAtATime: event.target.checked })}
            />
          }
        />
      )}
      {(mayPreserve || stated.preservesRest) && (
        <FormControlLabel
          label="Preserve bare faces and edges"
          control={
            <Checkbox
              checked={stated.preservesRest}
              onChange={(event) => onChange({ preservesRest: event.target.checked })}
            />
          }
        />
      )}
    </Box>
  );
}
