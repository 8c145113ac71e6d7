// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const logFeed = (key: number | string) => `/log/calendar/${encodeURIComponent(key)}.ics`;
export const logTable = (table: number | string) => `/log/tables/${encodeURIComponent(table)}`;
export const logYear = (year: number | string) => `/log/years/${encodeURIComponent(year)}`;
