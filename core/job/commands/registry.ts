import { changeSettings, changeSite, confirmAssumed, confirmLifted, renameJob } from './job.ts';
import { changeCutting } from './cutting.ts';
import { changeGroup, mergeGroups, splitGroup } from './groups.ts';
import { changeMixing, changePricing } from './pricing.ts';
import { changeWeights, chooseBuildUp, chooseBuildUps, keepBuildUp } from './build-ups.ts';
import { addDrilling, changeDrilling, copyHoles, fillHoles, removeDrilling, tickHoles } from './drillings.ts';
import { addFilmCheck, changeHandover, inspect, signOff, withdrawSignOff } from './rounds.ts';
import { addHardware, countHardware, keepApart, removeHardware } from './hardware.ts';
import { addPhoto, changePhoto, removePhoto } from './photos.ts';
import { addPieces, changePieces, duplicatePiece, movePiece, removePieces, revisePieces, survey } from './pieces.ts';
import { addEntry, changeEntry, removeEntry, importShelf } from './shelf.ts';
import { acceptPlan, changePlanning, measureAgainst, pinTasks, unpinTasks } from './plan.ts';
import { chooseStrokes, forgetStrokes } from './strokes.ts';
import { climates, forgetHours, switchHeating, importHours } from './climates.ts';
import { crew, giveDayOff, statePace } from './crew.ts';
import { defects } from './defects.ts';
import { findings } from './findings.ts';
import { leaveOut, stamp, restoreSkippedSteps } from './stamps.ts';
import { patches } from './patches.ts';
import { places } from './places.ts';
import { recipes } from './recipes.ts';
import { removeReading, importReadings } from './readings.ts';
import { rooms, tickRoomTask } from './rooms.ts';
import { importDay, importStamps } from './sharing.ts';
import { stock } from './stock.ts';
import { tins } from './tins.ts';

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
  'add-drilling': addDrilling,
  'change-drilling': changeDrilling,
  'remove-drilling': removeDrilling,
  'add-photo': addPhoto,
  'change-photo': changePhoto,
  'remove-photo': removePhoto,
  'choose-build-up': chooseBuildUp,
  'choose-build-ups': chooseBuildUps,
  'change-group': changeGroup,
  'keep-build-up': keepBuildUp,
  'split-group': splitGroup,
  'merge-groups': mergeGroups,
  'change-weights': changeWeights,
  'add-finding': findings.add,
  'change-finding': findings.change,
  'remove-finding': findings.remove,
  'add-patch': patches.add,
  'change-patch': patches.change,
  'remove-patch': patches.remove,
  'add-entry': addEntry,
  'change-entry': changeEntry,
  'remove-entry': removeEntry,
  'take-shelf': importShelf,
  'rename-job': renameJob,
  'change-settings': changeSettings,
  'change-site': changeSite,
  'change-cutting': changeCutting,
  'change-mixing': changeMixing,
  'add-recipe': recipes.add,
  'change-recipe': recipes.change,
  'remove-recipe': recipes.remove,
  'change-pricing': changePricing,
  'choose-strokes': chooseStrokes,
  'forget-strokes': forgetStrokes,
  'add-room': rooms.add,
  'change-room': rooms.change,
  'remove-room': rooms.remove,
  'tick-room-task': tickRoomTask,
  'add-climate': climates.add,
  'change-climate': climates.change,
  'remove-climate': climates.remove,
  'switch-heating': switchHeating,
  'take-hours': importHours,
  'forget-hours': forgetHours,
  'take-readings': importReadings,
  'remove-reading': removeReading,
  'change-place': places.change,
  'add-painter': crew.add,
  'change-painter': crew.change,
  'remove-painter': crew.remove,
  'change-planning': changePlanning,
  'accept-plan': acceptPlan,
  'pin-tasks': pinTasks,
  'unpin-tasks': unpinTasks,
  'give-day-off': giveDayOff,
  stamp,
  'measure-against': measureAgainst,
  'take-stamps': importStamps,
  'take-day': importDay,
  'leave-out': leaveOut,
  'take-in': restoreSkippedSteps,
  'add-tin': tins.add,
  'change-tin': tins.change,
  'remove-tin': tins.remove,
  'add-stock': stock.add,
  'change-stock': stock.change,
  'remove-stock': stock.remove,
  'confirm-lifted': confirmLifted,
  'confirm-assumed': confirmAssumed,
  'state-pace': statePace,
  'tick-holes': tickHoles,
  'keep-apart': keepApart,
  'add-defect': defects.add,
  'change-defect': defects.change,
  'remove-defect': defects.remove,
  inspect,
  'add-film-check': addFilmCheck,
  'sign-off': signOff,
  'withdraw-sign-off': withdrawSignOff,
  'change-hand-over': changeHandover,
} as const;
