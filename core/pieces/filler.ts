/** Hours at 23 °C and 50 % RH until a usual wood filler can be sanded. */
export const FILLER_HOURS = 2;

/** Hours until new plaster takes its first coat: a day under the finish, thinned first coat. */
export const PLASTER_HOURS = 24;
