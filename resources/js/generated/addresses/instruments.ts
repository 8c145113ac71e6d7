// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const instrumentsAtHand = (instrument: number | string) => `/instruments/${instrument}/at-hand`;
export const instrumentsCoated = (instrument: number | string) => `/instruments/${instrument}/coated`;
export const instrumentsCompliance = (instrument: number | string) => `/instruments/${instrument}/compliance`;
export const instrumentsDestroy = (instrument: number | string) => `/instruments/${instrument}`;
export const instrumentsDocument = (instrument: number | string) => `/instruments/${instrument}/document`;
export const instrumentsDuplicate = (instrument: number | string) => `/instruments/${instrument}/duplicate`;
export const instrumentsEarlier = (instrument: number | string) => `/instruments/${instrument}/earlier`;
export const instrumentsEdit = (instrument: number | string) => `/instruments/${instrument}`;
export const instrumentsExport = (instrument: number | string) => `/instruments/${instrument}/export`;
export const instrumentsHours = (instrument: number | string) => `/instruments/${instrument}/hours`;
export const instrumentsLabel = (instrument: number | string) => `/instruments/${instrument}/label`;
export const instrumentsLog = (instrument: number | string) => `/instruments/${instrument}/log`;
export const instrumentsPlace = (instrument: number | string) => `/instruments/${instrument}/place`;
export const instrumentsUnarchive = (instrument: number | string) => `/instruments/${instrument}/unarchive`;
export const instrumentsUpdate = (instrument: number | string) => `/instruments/${instrument}`;
export const instrumentsYear = (instrument: number | string, year: number | string) => `/instruments/${instrument}/years/${encodeURIComponent(year)}`;
