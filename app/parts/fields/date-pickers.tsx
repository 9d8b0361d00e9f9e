import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DatePicker as PlainDatePicker, type DatePickerProps } from '@mui/x-date-pickers/DatePicker';
import { DateTimePicker as PlainDateTimePicker, type DateTimePickerProps } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import type { ReactNode } from 'react';

/** How days stand in fields, as everywhere: 4 Mar 2027; with the month in letters no day is read as a month. */
const DAY = 'd LLL yyyy';

// Pickers bring their own calendar, so that screens without a picker do not load it.
const Calendar = ({ children }: { children: ReactNode }) => (
  <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
    {children}
  </LocalizationProvider>
);

/** A day, typed or chosen. */
export const DatePicker = (props: DatePickerProps) => (
  <Calendar>
    <PlainDatePicker format={DAY} {...props} />
  </Calendar>
);

/** A day and a time of day, typed or chosen. */
export const DateTimePicker = (props: DateTimePickerProps) => (
  <Calendar>
    <PlainDateTimePicker format={`${DAY} HH:mm`} ampm={false} {...props} />
  </Calendar>
);
