export const ROOMS: readonly (readonly string[])[];
export const STOREYS: readonly (readonly string[])[];
