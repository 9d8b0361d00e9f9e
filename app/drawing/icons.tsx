import {
  mdiAccessPoint,
  mdiArrowLeft,
  mdiArrowRight,
  mdiBellRingOutline,
  mdiCalendar,
  mdiCalendarMonthOutline,
  mdiCameraOutline,
  mdiCellphoneLink,
  mdiCheck,
  mdiCheckAll,
  mdiChevronRight,
  mdiClockOutline,
  mdiClose,
  mdiCodeBraces,
  mdiDotsHorizontal,
  mdiDownload,
  mdiDragVertical,
  mdiEyedropper,
  mdiFileDocumentOutline,
  mdiFilePdfBox,
  mdiFileUploadOutline,
  mdiFormatListChecks,
  mdiHelpCircleOutline,
  mdiHistory,
  mdiLockOutline,
  mdiMagnify,
  mdiMinus,
  mdiPause,
  mdiPencilOutline,
  mdiPinOutline,
  mdiPlay,
  mdiPlus,
  mdiPrinterOutline,
  mdiQrcodeScan,
  mdiRedo,
  mdiSkipNext,
  mdiSkipPrevious,
  mdiTable,
  mdiTrashCanOutline,
  mdiTune,
  mdiUndo,
} from '@mdi/js';
import { createSvgIcon } from '@mui/material/utils';

/** Icons of buttons and links, named by use. */
export const AddIcon = createSvgIcon(<path d={mdiPlus} />, 'Add');
export const BackIcon = createSvgIcon(<path d={mdiArrowLeft} />, 'Back');
export const BellIcon = createSvgIcon(<path d={mdiBellRingOutline} />, 'Bell');
export const CalendarIcon = createSvgIcon(<path d={mdiCalendarMonthOutline} />, 'Calendar');
export const CameraIcon = createSvgIcon(<path d={mdiCameraOutline} />, 'Camera');
export const CheckIcon = createSvgIcon(<path d={mdiCheck} />, 'Check');
export const ChevronIcon = createSvgIcon(<path d={mdiChevronRight} />, 'Chevron');
export const ClockIcon = createSvgIcon(<path d={mdiClockOutline} />, 'Clock');
export const CloseIcon = createSvgIcon(<path d={mdiClose} />, 'Close');
export const DayIcon = createSvgIcon(<path d={mdiCalendar} />, 'Day');
export const DeleteIcon = createSvgIcon(<path d={mdiTrashCanOutline} />, 'Delete');
export const DevicesIcon = createSvgIcon(<path d={mdiCellphoneLink} />, 'Devices');
export const DownloadIcon = createSvgIcon(<path d={mdiDownload} />, 'Download');
export const DragIcon = createSvgIcon(<path d={mdiDragVertical} />, 'Drag');
export const EditIcon = createSvgIcon(<path d={mdiPencilOutline} />, 'Edit');
export const FileIcon = createSvgIcon(<path d={mdiFileDocumentOutline} />, 'File');
export const ForwardIcon = createSvgIcon(<path d={mdiArrowRight} />, 'Forward');
export const HistoryIcon = createSvgIcon(<path d={mdiHistory} />, 'History');
export const ListIcon = createSvgIcon(<path d={mdiTable} />, 'List');
export const LockIcon = createSvgIcon(<path d={mdiLockOutline} />, 'Lock');
export const HelpIcon = createSvgIcon(<path d={mdiHelpCircleOutline} />, 'Help');
export const MoreIcon = createSvgIcon(<path d={mdiDotsHorizontal} />, 'More');
export const NextIcon = createSvgIcon(<path d={mdiSkipNext} />, 'Next');
export const PauseIcon = createSvgIcon(<path d={mdiPause} />, 'Pause');
export const PdfIcon = createSvgIcon(<path d={mdiFilePdfBox} />, 'Pdf');
export const PickIcon = createSvgIcon(<path d={mdiEyedropper} />, 'Pick');
export const PinIcon = createSvgIcon(<path d={mdiPinOutline} />, 'Pin');
export const PlayIcon = createSvgIcon(<path d={mdiPlay} />, 'Play');
export const PreviousIcon = createSvgIcon(<path d={mdiSkipPrevious} />, 'Previous');
export const PrintIcon = createSvgIcon(<path d={mdiPrinterOutline} />, 'Print');
export const ProblemIcon = createSvgIcon(<path d={mdiCodeBraces} />, 'Problem');
export const RedoIcon = createSvgIcon(<path d={mdiRedo} />, 'Redo');
export const RemoveIcon = createSvgIcon(<path d={mdiMinus} />, 'Remove');
export const ScanIcon = createSvgIcon(<path d={mdiQrcodeScan} />, 'Scan');
export const SearchIcon = createSvgIcon(<path d={mdiMagnify} />, 'Search');
export const SensorIcon = createSvgIcon(<path d={mdiAccessPoint} />, 'Sensor');
export const SheetIcon = createSvgIcon(<path d={mdiFormatListChecks} />, 'Sheet');
export const SolutionIcon = createSvgIcon(<path d={mdiCheckAll} />, 'Solution');
export const TuneIcon = createSvgIcon(<path d={mdiTune} />, 'Tune');
export const UndoIcon = createSvgIcon(<path d={mdiUndo} />, 'Undo');
export const UploadIcon = createSvgIcon(<path d={mdiFileUploadOutline} />, 'Upload');
