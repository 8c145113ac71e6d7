// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const versionsDestroy = (set: number | string, version: number | string) => `/sets/${set}/versions/${version}`;
export const versionsDifference = (set: number | string, version: number | string) => `/sets/${set}/versions/${version}/difference`;
export const versionsShow = (set: number | string, version: number | string) => `/sets/${set}/versions/${version}`;
export const versionsStore = (set: number | string) => `/sets/${set}/versions`;
