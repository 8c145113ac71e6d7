// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const packetsJob = (code: number | string) => `/packets/${encodeURIComponent(code)}/job`;
export const packetsShow = (code: number | string) => `/packets/${encodeURIComponent(code)}`;
