import { changeGroup, chooseBuildUp, stateCoating } from './finish.ts';
import { addPieces, changePiece, countHardware, duplicatePiece, movePiece, removePieces } from './pieces.ts';
import { acceptPlan, stamp } from './running.ts';
import {
  changeClimate,
  changePlace,
  changePlanning,
  changeSettings,
  removePainter,
  removeRoom,
  renameJob,
  statePainter,
  stateRoom,
} from './site.ts';

/** Every command by the name under which it stands in history. */
export const COMMANDS = {
  'add-pieces': addPieces,
  'duplicate-piece': duplicatePiece,
  'change-piece': changePiece,
  'remove-pieces': removePieces,
  'move-piece': movePiece,
  'count-hardware': countHardware,
  'choose-build-up': chooseBuildUp,
  'change-group': changeGroup,
  'state-coating': stateCoating,
  'rename-job': renameJob,
  'change-settings': changeSettings,
  'state-room': stateRoom,
  'remove-room': removeRoom,
  'change-climate': changeClimate,
  'change-place': changePlace,
  'state-painter': statePainter,
  'remove-painter': removePainter,
  'change-planning': changePlanning,
  'accept-plan': acceptPlan,
  stamp,
} as const;
