// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const neckReadingsForget = (set: number | string, position: number | string) => `/sets/${set}/neck-readings/${position}`;
export const neckReadingsIndex = (set: number | string) => `/sets/${set}/neck-readings`;
export const neckReadingsStore = (set: number | string) => `/sets/${set}/neck-readings`;
