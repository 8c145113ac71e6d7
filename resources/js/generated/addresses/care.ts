// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const careDestroy = (rule: number | string) => `/workshop/care/rules/${rule}`;
export const careRecord = (instrument: number | string) => `/instruments/${instrument}/care`;
export const careTakeBack = (instrument: number | string, entry: number | string) => `/instruments/${instrument}/care/${entry}`;
export const careUnarchive = (rule: number | string) => `/workshop/care/rules/${rule}/unarchive`;
