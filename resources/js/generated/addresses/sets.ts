// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const setsCard = (set: number | string) => `/sets/${set}/card`;
export const setsDestroy = (set: number | string) => `/sets/${set}`;
export const setsDuplicate = (set: number | string) => `/sets/${set}/duplicate`;
export const setsExport = (set: number | string) => `/sets/${set}/export`;
export const setsFit = (set: number | string) => `/sets/${set}/fit`;
export const setsLabelled = (set: number | string) => `/sets/${set}/labelled`;
export const setsLabels = (set: number | string) => `/sets/${set}/labels`;
export const setsPicture = (set: number | string) => `/sets/${set}/picture`;
export const setsPlan = (set: number | string) => `/sets/${set}/plan`;
export const setsPool = (set: number | string) => `/sets/${set}/pool`;
export const setsSaddles = (set: number | string) => `/sets/${set}/saddles`;
export const setsSheet = (set: number | string) => `/sets/${set}/sheet`;
export const setsShow = (set: number | string) => `/sets/${set}`;
export const setsUnarchive = (set: number | string) => `/sets/${set}/unarchive`;
export const setsUpdate = (set: number | string) => `/sets/${set}`;
