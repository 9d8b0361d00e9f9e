import { changeGroup, chooseBuildUp, stateCoating } from './finish.ts';
import {
  addHardware,
  copyHoles,
  countHardware,
  fillHoles,
  removeDrilling,
  removeHardware,
  stateDrilling,
} from './fittings.ts';
import { removePhoto, statePhoto } from './photos.ts';
import { addPieces, changePieces, duplicatePiece, movePiece, removePieces, revisePieces, survey } from './pieces.ts';
import { acceptPlan, stamp } from './running.ts';
import {
  changeClimate,
  changeCutting,
  changePlace,
  changePlanning,
  changeSettings,
  changeSite,
  removePainter,
  removeRoom,
  renameJob,
  statePainter,
  stateRoom,
  tickRoomTask,
} from './site.ts';

/** Every command by the name under which it stands in history. */
export const COMMANDS = {
  'add-pieces': addPieces,
  'duplicate-piece': duplicatePiece,
  survey,
  'change-pieces': changePieces,
  'revise-pieces': revisePieces,
  'remove-pieces': removePieces,
  'move-piece': movePiece,
  'count-hardware': countHardware,
  'add-hardware': addHardware,
  'remove-hardware': removeHardware,
  'fill-holes': fillHoles,
  'copy-holes': copyHoles,
  'state-drilling': stateDrilling,
  'remove-drilling': removeDrilling,
  'state-photo': statePhoto,
  'remove-photo': removePhoto,
  'choose-build-up': chooseBuildUp,
  'change-group': changeGroup,
  'state-coating': stateCoating,
  'rename-job': renameJob,
  'change-settings': changeSettings,
  'change-site': changeSite,
  'change-cutting': changeCutting,
  'state-room': stateRoom,
  'tick-room-task': tickRoomTask,
  'remove-room': removeRoom,
  'change-climate': changeClimate,
  'change-place': changePlace,
  'state-painter': statePainter,
  'remove-painter': removePainter,
  'change-planning': changePlanning,
  'accept-plan': acceptPlan,
  stamp,
} as const;
