// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const showsDestroy = (show: number | string) => `/log/shows/${show}`;
export const showsUnarchive = (show: number | string) => `/log/shows/${show}/unarchive`;
export const showsUpdate = (show: number | string) => `/log/shows/${show}`;
